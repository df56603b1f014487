import { MINUTE_MS } from '@obrik/core/units';
import { TIMERS, type TimerId } from '@obrik/core/catalog';
import { linesOf, type LineOf, type Piece } from '@obrik/core/piece';
import { timerStands } from '@obrik/core/run';
import { Text } from '@rneui/themed';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { shopNow } from '@/device';
import { askForNotices, wakeSound } from '@/features/shared/ring';
import { useNow } from '@/features/shared/useNow';
import { useAppDispatch } from '@/state/store';
import { timeLeft, timerStarted, timerStopped, useTimers } from '@/state/timers';
import { BenchButton, Body, Card, Label, Strong } from '@/ui/controls';
import { FONTS, usePalette } from '@/ui/theme';
import { lineNow, useLog } from './useLog';

/** From here on a tap is five minutes. */
const LONG = 15;
const FIGURE = 56;

const keyOf = (piece: Piece, line: Pick<LineOf<'timer'>, 'id'>): string =>
  `bench/${piece.id}/${line.id}`;

/** Timers that run here on this device ring here; those set on another one are taken over. */
const useRinging = (piece: Piece, lines: readonly LineOf<'timer'>[]): void => {
  const dispatch = useAppDispatch();
  const timers = useTimers();
  useEffect(() => {
    for (const it of lines) {
      const key = keyOf(piece, it);
      if (timers[key]) continue;
      const row = TIMERS.get(it.timer);
      dispatch(
        timerStarted({
          key,
          timer: {
            pieceId: piece.id,
            surfaceId: '',
            testId: it.timer,
            title: `${row.label}, ${piece.name}`,
            endsAt: Date.parse(it.endsAt),
            seen: false,
            href: `/pieces/${piece.id}/bench`,
            rings: row.rings,
          },
        }),
      );
    }
    // One that was stopped on another device rings here no more.
    const running = new Set(lines.map((it) => keyOf(piece, it)));
    for (const key of Object.keys(timers)) {
      if (key.startsWith(`bench/${piece.id}/`) && !running.has(key)) dispatch(timerStopped(key));
    }
  }, [piece, lines, timers, dispatch]);
};

/** One that runs, rings or is late: what is left, and what to do now. */
const Running = ({ it, onStop }: { readonly it: LineOf<'timer'>; readonly onStop: () => void }) => {
  const palette = usePalette();
  const now = useNow(true);
  const row = TIMERS.get(it.timer);
  const stands = timerStands(it, shopNow().toISOString());
  return (
    <Card
      edge={stands === 'late' ? 'vermilion' : stands === 'rings' ? 'amber' : 'ink'}
      style={{ gap: 8 }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Strong>{row.label}</Strong>
          <Text
            role="timer"
            aria-label={`${row.label}: ${timeLeft(Date.parse(it.endsAt), now)}`}
            style={{
              fontFamily: FONTS.headBold,
              fontSize: FIGURE,
              lineHeight: FIGURE * 1.1,
              fontVariant: ['tabular-nums'],
              color: palette.ink,
            }}
          >
            {timeLeft(Date.parse(it.endsAt), now)}
          </Text>
        </View>
        <BenchButton
          title={stands === 'runs' ? 'Stop' : 'Seen'}
          label={`${stands === 'runs' ? 'Stop' : 'Seen'}: ${row.label}`}
          onPress={onStop}
        />
      </View>
      {stands === 'rings' ? <Body>{row.rings}</Body> : null}
      {stands === 'late' ? (
        <>
          <Label>Late</Label>
          <Body>{row.late}</Body>
        </>
      ) : null}
    </Card>
  );
};

/** One that can be set, a few minutes more or less than is usual. */
const Ready = ({
  timer,
  onStart,
}: {
  readonly timer: TimerId;
  readonly onStart: (minutes: number) => void;
}) => {
  const row = TIMERS.get(timer);
  const [minutes, setMinutes] = useState(row.minutes);
  const step = row.minutes >= LONG ? 5 : 1;
  return (
    <View style={{ gap: 6 }}>
      <Label>{row.label}</Label>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <BenchButton
          title="−"
          label={`${row.label}: ${step} min less`}
          disabled={minutes <= step}
          onPress={() => setMinutes(minutes - step)}
        />
        <BenchButton
          title={`Time ${minutes} min`}
          label={`Time it: ${row.label}, ${minutes} min`}
          style={{ flex: 1 }}
          onPress={() => onStart(minutes)}
        />
        <BenchButton
          title="+"
          label={`${row.label}: ${step} min more`}
          onPress={() => setMinutes(minutes + step)}
        />
      </View>
    </View>
  );
};

interface BenchTimersProps {
  readonly piece: Piece;
  /** Worth keeping at the step that is shown. */
  readonly timers: readonly TimerId[];
  readonly taskKeys: readonly string[];
  readonly surfaceIds: readonly string[];
}

/** The times that are kept: several at once, each by its name; on record, so that every device has them. */
export const BenchTimers = ({ piece, timers, taskKeys, surfaceIds }: BenchTimersProps) => {
  const log = useLog();
  const running = linesOf(piece.log, 'timer').filter((it) => it.endedAt === null);
  useRinging(piece, running);
  const start = (timer: TimerId, minutes: number) => {
    void wakeSound();
    askForNotices();
    const endsAt = new Date(shopNow().getTime() + minutes * MINUTE_MS).toISOString();
    const line = { ...lineNow(surfaceIds, taskKeys), of: 'timer' as const, timer, endsAt };
    void log(piece, [{ ...line, endedAt: null }], `${TIMERS.get(timer).label}: ${minutes} min.`);
  };
  const stop = (it: LineOf<'timer'>) =>
    void log(
      piece,
      [{ ...it, endedAt: shopNow().toISOString() }],
      `${TIMERS.get(it.timer).label}: stopped.`,
    );
  const others = timers.filter((it) => !running.some((one) => one.timer === it));
  return (
    <>
      {running.map((it) => (
        <Running key={it.id} it={it} onStop={() => stop(it)} />
      ))}
      {others.map((it) => (
        <Ready key={it} timer={it} onStart={(minutes) => start(it, minutes)} />
      ))}
    </>
  );
};
