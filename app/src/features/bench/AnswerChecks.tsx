import { MINUTE_MS } from '@obrik/core/units';
import { CHECKS, type CheckId } from '@obrik/core/catalog';
import type { Piece } from '@obrik/core/piece';
import { answerLine, openChecks } from '@obrik/core/run';
import { useRouter } from 'expo-router';
import { useDispatch } from 'react-redux';
import { View } from 'react-native';
import { OutcomeSketch } from '@/ui/drawings';
import { BenchButton, Body, Card, Label, OpenRow, Small, Strong } from '@/ui/controls';
import { usePalette } from '@/ui/theme';
import { shopNow } from '@/device';
import { draftCleared, draftTyped, useDraft } from '@/state/draft';
import { turnedUpAddress } from './turnedUp';
import { lineNow, useLog } from './useLog';

/** As high as a wet glove needs it. */
const ROW = 64;

interface Asked {
  readonly check: CheckId;
  readonly title: string;
  readonly taskKeys: readonly string[];
  readonly surfaceIds: readonly string[];
}

interface CheckCardProps {
  readonly piece: Piece;
  readonly asked: Asked;
  readonly word: string;
  readonly onLater?: (() => void) | undefined;
}

/** One question with its answers as drawings: each says what it means, and does it. */
export const CheckCard = ({ piece, asked, word, onLater }: CheckCardProps) => {
  const log = useLog();
  const router = useRouter();
  const palette = usePalette();
  const row = CHECKS.get(asked.check);
  const answer = async (it: (typeof row.answers)[number]) => {
    const { check, taskKeys, surfaceIds } = asked;
    const line = answerLine(
      { ...lineNow(surfaceIds, taskKeys), check, answer: it.id, place: null },
      piece.done,
    );
    const again = line.setback ? ' It comes again.' : '';
    if (!(await log(piece, [line], `${it.then}${again}`))) return;
    if (it.means.kind === 'discovery') {
      router.navigate(
        turnedUpAddress(piece.id, { kind: it.means.discovery, surfaceIds, taskKeys }),
      );
    }
  };
  return (
    <Card edge="amber" style={{ gap: 8 }}>
      <Label heading>{word}</Label>
      <Body style={{ fontSize: 22, lineHeight: 28 }}>{row.question}</Body>
      <Small>{asked.title}</Small>
      {row.answers.map((it) => (
        <OpenRow
          key={it.id}
          label={`${row.question} ${it.label}`}
          onPress={() => void answer(it)}
          style={{ minHeight: ROW, borderTopWidth: 1, borderTopColor: palette.line }}
        >
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12, paddingVertical: 6 }}>
            <OutcomeSketch sketch={it.sketch} />
            <View style={{ flex: 1 }}>
              <Strong>{it.label}</Strong>
              <Small>{it.then}</Small>
            </View>
          </View>
        </OpenRow>
      ))}
      {onLater ? <BenchButton title="Check later" onPress={onLater} /> : null}
    </Card>
  );
};

/** Put off, a question is asked again after so long, minutes; where the device knows, from then on. */
const LATER = 60;

interface AnswerChecksProps {
  readonly piece: Piece;
  /** Work that is still wet or in clamps: what shows only later is asked later. */
  readonly stillWet: ReadonlySet<string>;
  readonly now: number;
}

/** The questions about what was done last, one at a time; one that was put off stays so, also after a reload. */
export const AnswerChecks = ({ piece, stillWet, now }: AnswerChecksProps) => {
  const dispatch = useDispatch();
  const form = `later/${piece.id}`;
  const later = (useDraft(form) ?? {}) as Readonly<Record<string, number>>;
  const open = openChecks(piece, stillWet).map((it) => ({
    ...it,
    key: `${it.check}/${it.endedAt}`,
  }));
  const asked = open.find((it) => (later[it.key] ?? 0) <= now);
  if (!asked) {
    return open.length > 0 ? (
      <BenchButton
        title={open.length === 1 ? 'One question is open' : `${open.length} questions are open`}
        onPress={() => dispatch(draftCleared(form))}
      />
    ) : null;
  }
  const putOff = () => {
    const minute = Math.floor(shopNow().getTime() / MINUTE_MS);
    const values = { ...later, [asked.key]: minute + LATER };
    dispatch(draftTyped({ form, values }));
  };
  return (
    <CheckCard
      key={asked.key}
      piece={piece}
      asked={asked}
      word={
        open.length === 1
          ? 'Check before you continue'
          : `Check before you continue · 1 of ${open.length}`
      }
      onLater={putOff}
    />
  );
};
