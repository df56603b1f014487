import { Text } from '@rneui/themed';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { Pressable } from 'react-native';
import { timeLeft, useTimers } from '@/state/timers';
import { FONTS, SIZES, TARGET, usePalette } from '@/ui/theme';
import { hasSound, ring, wakeSound } from './ring';
import { useNow } from './useNow';

/** Timers that are running or have run out, wherever one is in the app; tapped, they lead to their test. */
export const TimerBar = () => {
  const palette = usePalette();
  const router = useRouter();
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
  // After a reload a browser lets a page sound once it has been touched.
  const [sounds, setSounds] = useState(hasSound());
  useEffect(() => {
    if (sounds || open.length === 0) return undefined;
    const wake = () => void wakeSound().then(() => setSounds(hasSound()));
    document.addEventListener('pointerdown', wake);
    return () => document.removeEventListener('pointerdown', wake);
  }, [sounds, open.length]);
  return open.map(([key, it]) => {
    const done = it.endsAt <= now;
    const words = done
      ? `${it.title}: time is up${it.rings ? `. ${it.rings}` : ''}`
      : `${it.title}: ${timeLeft(it.endsAt, now)}${sounds ? '' : ' · tap for sound'}`;
    return (
      <Pressable
        key={key}
        role="button"
        aria-label={done ? `Time is up: ${it.title}` : `Timer running: ${it.title}`}
        onPress={() =>
          router.navigate(
            it.href ?? `/pieces/${it.pieceId}/test/${it.testId}?surface=${it.surfaceId}`,
          )
        }
        {...{ dataSet: { print: 'no' } }}
        style={{
          minHeight: TARGET,
          paddingHorizontal: 16,
          justifyContent: 'center',
          backgroundColor: done ? palette.amberFill : palette.slateSoft,
        }}
      >
        <Text
          style={{
            fontFamily: FONTS.headBold,
            fontSize: SIZES.title,
            color: done ? palette.onAmberFill : palette.ink,
          }}
        >
          {words}
        </Text>
      </Pressable>
    );
  });
};
