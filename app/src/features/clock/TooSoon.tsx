import type { Piece } from '@obrik/core/piece';
import type { Operation } from '@obrik/core/route';
import { isHeldByHarm, type AgainstIt } from '@obrik/core/schedule';
import { BENCH_WORDS } from '@obrik/core/words';
import { Input } from '@rneui/themed';
import { useState } from 'react';
import { View } from 'react-native';
import { useKept } from '@/features/shared/useKept';
import { stepsInWords } from '@/features/route/steps';
import { useTimes } from '@/features/shared/useTimes';
import { Body, Card, Caution, Label, Option, PlainButton, Strong, RadioGroup } from '@/ui/controls';
import { useDid } from './useDid';

const WORDS = BENCH_WORDS.tooSoon;

interface TooSoonProps {
  readonly piece: Piece;
  readonly step: Operation;
  readonly against: AgainstIt;
  readonly now: number;
  readonly onDone?: (() => void) | undefined;
}

/** Held by a harm: it can't be done, only reported as having happened. */
const HeldByHarm = ({ piece, step, against, onDone }: TooSoonProps) => {
  const did = useDid();
  const [asked, setAsked] = useState(false);
  const report = async () => {
    if (await did(piece, step, 'happened')) onDone?.();
  };
  return (
    <Card edge="vermilion" style={{ gap: 8 }}>
      <Label heading>{WORDS.harm}</Label>
      {against.lead ? (
        <Caution text={WORDS.leadOpen} lastWord="Follow local code and licensed practice." />
      ) : null}
      {against.harms.length > 0 ? (
        <Body>{WORDS.harms(against.harms.map((it) => it.title))}</Body>
      ) : null}
      <Body>{WORDS.happenedWhat}</Body>
      {asked ? (
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <PlainButton
            title="Report it"
            label={`Report that it has happened: ${step.title}`}
            style={{ flex: 1 }}
            onPress={() => void report()}
          />
          <PlainButton title="Cancel" style={{ flex: 1 }} onPress={() => setAsked(false)} />
        </View>
      ) : (
        <PlainButton
          title={WORDS.happened}
          label={`${WORDS.happened}: ${step.title}`}
          onPress={() => setAsked(true)}
        />
      )}
    </Card>
  );
};

/** What was chosen and typed, and is not on record yet. */
interface Typed {
  readonly open: boolean;
  readonly reason?: string;
  readonly own: string;
}
const CLOSED: Typed = { open: false, own: '' };

/** What comes first, and the way round it: with a reason, which goes on record. */
export const TooSoon = (props: TooSoonProps) => {
  const times = useTimes();
  const { piece, step, against, now, onDone } = props;
  const did = useDid();
  const [typed, keep, forget] = useKept<Typed>(`early/${piece.id}/${step.id}`, CLOSED);
  const { open, reason, own } = typed;
  if (isHeldByHarm(against)) return <HeldByHarm {...props} />;
  const { first, wet, questions } = against;
  const told = reason === WORDS.otherReason ? own.trim() : reason;
  const done = async () => {
    if (!told) return;
    const titles = [...first.map((it) => it.title), ...wet.map((it) => it.title)];
    if (!(await did(piece, step, 'done', { early: { reason: told, open: titles } }))) return;
    forget();
    onDone?.();
  };
  return (
    <Card edge="amber" style={{ gap: 8 }}>
      <Label heading>{first.length > 0 ? WORDS.early : 'Not yet'}</Label>
      {first.length > 0 ? (
        <Body>
          {WORDS.first(
            stepsInWords(first.map((it) => it.number)),
            first.slice(0, 3).map((it) => it.title),
          )}
          {first.length > 3 ? ` And ${first.length - 3} more.` : ''}
        </Body>
      ) : null}
      {wet.map((it) => (
        <Body key={`${it.title}-${it.from}`}>
          {it.opens
            ? WORDS.wet(it.title, times.timeOf(it.opens.expected, now))
            : WORDS.neverDry(it.title)}
        </Body>
      ))}
      {questions.map((it) => (
        <Body key={it}>{WORDS.question(it)}</Body>
      ))}
      {open ? (
        <>
          <Strong>{WORDS.why}</Strong>
          <RadioGroup label={WORDS.why}>
            {[...WORDS.reasons, WORDS.otherReason].map((it) => (
              <Option
                key={it}
                title={it}
                chosen={reason === it}
                onPress={() => keep({ ...typed, reason: it })}
              />
            ))}
          </RadioGroup>
          {reason === WORDS.otherReason ? (
            <Input
              aria-label="The reason"
              placeholder="In a word or two"
              value={own}
              onChangeText={(text) => keep({ ...typed, own: text.slice(0, 200) })}
            />
          ) : null}
          <PlainButton
            title={WORDS.allTheSame}
            label={`${WORDS.allTheSame}: ${step.title}`}
            disabled={!told}
            onPress={() => void done()}
          />
        </>
      ) : (
        <PlainButton
          title={WORDS.allTheSame}
          label={`${WORDS.allTheSame}, with a reason: ${step.title}`}
          onPress={() => keep({ ...typed, open: true })}
        />
      )}
    </Card>
  );
};
