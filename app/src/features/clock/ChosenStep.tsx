import type { Piece } from '@obrik/core/piece';
import { becauseInWords, type ClockView, type TimetableEntry } from '@obrik/core/schedule';
import { DAY, HOUR, showDuration } from '@obrik/core/units';
import { CLOCK_WORDS } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useChange } from '@/api/usePiece';
import { useTimes, type Times } from '@/features/shared/useTimes';
import { Body, Card, MainButton, PlainButton, Small, Strong, TitleRow } from '@/ui/controls';
import { stepAddress } from './step';
import type { TryOut } from './useTryOut';

interface ChosenStepProps {
  readonly it: TimetableEntry;
  readonly piece: Piece | undefined;
  readonly number: string;
  readonly view: ClockView;
  readonly now: number;
  readonly tryOut: TryOut;
}

/** Less than this is no other time, minutes. */
const SAME = 30;

/** What another plan moves, piece by piece. */
const pushed = (before: ClockView, after: ClockView, times: Times): readonly string[] =>
  after.timetable.done.flatMap(({ pieceId, at }) => {
    const old = before.timetable.done.find((it) => it.pieceId === pieceId)?.at ?? null;
    const name = after.timetable.entries.find((it) => it.pieceId === pieceId)?.name ?? '';
    if (at === null || old === null || Math.abs(at - old) < SAME) return [];
    return [
      `${name}: ${times.dayOf(old)} becomes ${times.dayOf(at)} (${at > old ? '+' : '−'}${showDuration(Math.abs(at - old))})`,
    ];
  });

/** A step of the week: why it stands where it does, and what moving it pushes. */
export const ChosenStep = ({ it, piece, number, view, now, tryOut }: ChosenStepProps) => {
  const times = useTimes();
  const router = useRouter();
  const change = useChange();
  const { operation } = it;
  const isPutOff = piece?.putOff.some(
    (one) => operation.taskKeys.includes(one.taskKey) && Date.parse(one.until) / 60_000 > now,
  );
  const moves = tryOut.before ? pushed(tryOut.before, view, times) : [];
  return (
    <Card style={{ gap: 6 }} edge="amber">
      <TitleRow
        title={operation.title}
        figure={`${times.timeOf(it.start, now)}, ${showDuration(it.minutes)}`}
      />
      <Small>
        {number} {it.name}
      </Small>
      <Body>{becauseInWords(it.because)}</Body>
      {it.scuff > 0 ? <Body>{CLOCK_WORDS.scuff(showDuration(it.scuff))}</Body> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <MainButton
          title="Open it"
          label={`Open ${operation.title}, ${it.name}`}
          onPress={() => router.navigate(stepAddress(it.pieceId, operation.id))}
        />
        <PlainButton
          title="An hour later"
          disabled={it.running}
          onPress={() => tryOut.move(it, HOUR)}
        />
        <PlainButton
          title="A day later"
          disabled={it.running}
          onPress={() => tryOut.move(it, DAY)}
        />
        {isPutOff ? (
          <PlainButton
            title="No longer put off"
            onPress={() =>
              void change(
                it.pieceId,
                { kind: 'putOff', taskKeys: [...operation.taskKeys], putOff: [] },
                'Free again.',
              )
            }
          />
        ) : null}
        {operation.materials.length > 0 && !it.running ? (
          <PlainButton
            title="Material is missing"
            onPress={() =>
              router.navigate(`/came-up?kind=material&step=${encodeURIComponent(operation.id)}`)
            }
          />
        ) : null}
      </View>
      {tryOut.held.size > 0 ? (
        <>
          <Strong>{moves.length === 0 ? 'That pushes nothing.' : 'That moves:'}</Strong>
          {moves.map((one) => (
            <Body key={one}>{one}</Body>
          ))}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            <MainButton title="Keep it so" onPress={() => void tryOut.keep()} />
            <PlainButton title="Back to the plan" onPress={tryOut.leave} />
          </View>
        </>
      ) : null}
    </Card>
  );
};
