import { Text } from '@rneui/themed';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { Pressable, View } from 'react-native';
import { timeLeft, useTimers, type Timer } from '@/state/timers';
import { FONTS, SIZES, TARGET, usePalette } from '@/ui/theme';
import { hasSound, ring, wakeSound } from './ring';
import { useNow } from './useNow';

/** A timer that is told, with what is left of it. */
export interface TimerShown {
  readonly key: string;
  readonly timer: Timer;
  readonly isOver: boolean;
  readonly words: string;
  /** After a reload a browser lets a page sound once it has been touched. */
  readonly sounds: boolean;
}

/** Timers that run or have run out, wherever one is in the app; those that are over come first. They ring. */
export const useTimersShown = (): readonly TimerShown[] => {
  const timers = useTimers();
  const open = Object.entries(timers).filter(([, it]) => !it.seen);
  const now = useNow(open.length > 0);
  const over = open.filter(([, it]) => it.endsAt <= now);
  const rung = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    const fresh = over.filter(([key]) => !rung.current.has(key));
    if (fresh.length > 0) ring(fresh.map(([, it]) => it));
    rung.current = new Set(over.map(([key]) => key));
  });
  const [sounds, setSounds] = useState(hasSound());
  useEffect(() => {
    if (sounds || open.length === 0) return undefined;
    const wake = () => void wakeSound().then(() => setSounds(hasSound()));
    document.addEventListener('pointerdown', wake);
    return () => document.removeEventListener('pointerdown', wake);
  }, [sounds, open.length]);
  return open
    .map(([key, timer]): TimerShown => {
      const isOver = timer.endsAt <= now;
      const words = isOver
        ? `${timer.title}: time is up${timer.rings ? `. ${timer.rings}` : ''}`
        : `${timer.title}: ${timeLeft(timer.endsAt, now)}`;
      return { key, timer, isOver, words, sounds };
    })
    .sort((a, b) => Number(b.isOver) - Number(a.isOver));
};

interface TimerBarProps {
  readonly timers: readonly TimerShown[];
  /** On a phone one line, for the one that presses most. */
  readonly narrow: boolean;
}

/** Height of a line on a phone, under which the action of the screen still has its full height. */
const LINE = 32;

/** The timers as lines at the foot; tapped, they lead to their test. That one is up is told at once. */
export const TimerBar = ({ timers, narrow }: TimerBarProps) => {
  const palette = usePalette();
  const router = useRouter();
  const shown = narrow ? timers.slice(0, 1) : timers;
  const more = timers.length - shown.length;
  const over = timers.filter((it) => it.isOver);
  return (
    <>
      {over.length > 0 ? (
        <View role="alert" style={UNSEEN}>
          <Text>{over.map((it) => `Time is up: ${it.timer.title}.`).join(' ')}</Text>
        </View>
      ) : null}
      {shown.map(({ key, timer: it, isOver, words, sounds }) => (
        <Pressable
          key={key}
          role="button"
          aria-label={isOver ? `Time is up: ${it.title}` : `Timer running: ${it.title}`}
          onPress={() =>
            router.navigate(
              it.href ?? `/pieces/${it.pieceId}/test/${it.testId}?surface=${it.surfaceId}`,
            )
          }
          {...{ dataSet: { print: 'no' } }}
          style={{
            minHeight: narrow ? LINE : TARGET,
            paddingHorizontal: 16,
            justifyContent: 'center',
            backgroundColor: isOver ? palette.amberFill : palette.slateSoft,
          }}
        >
          <Text
            {...(narrow ? { numberOfLines: 1 } : {})}
            style={{
              fontFamily: FONTS.headBold,
              fontSize: SIZES.title,
              color: isOver ? palette.onAmberFill : palette.ink,
            }}
          >
            {words}
            {isOver || sounds ? '' : ' · tap for sound'}
            {more > 0 ? ` · ${more} more` : ''}
          </Text>
        </Pressable>
      ))}
    </>
  );
};

/** Told to those who listen, and drawn nowhere. */
const UNSEEN = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  opacity: 0,
} as const;
