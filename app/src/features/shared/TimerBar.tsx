import { Text } from '@rneui/themed';
import { useRouter } from 'expo-router';
import { useEffect, useRef } from 'react';
import { Pressable } from 'react-native';
import { timeLeft, useTimers } from '@/state/timers';
import { FONTS, SIZES, TARGET, usePalette } from '@/ui/theme';
import { ring } from './ring';
import { useNow } from './useNow';

/** Timers that are running or have run out, wherever one is in the app; tapped, they lead to their test. */
export const TimerBar = () => {
  const palette = usePalette();
  const router = useRouter();
  const timers = useTimers();
  const open = Object.entries(timers).filter(([, it]) => !it.seen);
  const now = useNow(open.length > 0);
  const over = open.filter(([, it]) => it.endsAt <= now).length;
  const rung = useRef(0);
  useEffect(() => {
    if (over > rung.current) ring();
    rung.current = over;
  }, [over]);
  return open.map(([key, it]) => {
    const done = it.endsAt <= now;
    const words = done ? `${it.title}: time is up` : `${it.title}: ${timeLeft(it.endsAt, now)}`;
    return (
      <Pressable
        key={key}
        role="button"
        aria-label={done ? `Time is up: ${it.title}` : `Timer running: ${it.title}`}
        onPress={() =>
          router.navigate(`/pieces/${it.pieceId}/test/${it.testId}?surface=${it.surfaceId}`)
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
