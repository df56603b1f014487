import { showDuration } from '@obrik/core/units';
import { Text } from '@rneui/themed';
import { View } from 'react-native';
import { asRunning } from '@/state/timers';
import { Small, Tag } from '@/ui/controls';
import { FONTS, usePalette } from '@/ui/theme';

/** The running time, read from across the bench. */
const FIGURE = 84;
/** Seconds. */
const MINUTE = 60;

interface RunningProps {
  /** Active so far. */
  readonly minutes: number;
  readonly plannedMinutes: number;
  readonly isPaused: boolean;
}

/** How long a step has been worked on, against the plan. */
export const Running = ({ minutes, plannedMinutes, isPaused }: RunningProps) => {
  const palette = usePalette();
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 16 }}>
      <Text
        role="timer"
        aria-label={`${Math.floor(minutes)} minutes so far`}
        style={{
          fontFamily: FONTS.headBold,
          fontSize: FIGURE,
          lineHeight: FIGURE * 1.1,
          fontVariant: ['tabular-nums'],
          color: isPaused ? palette.ink2 : palette.ink,
        }}
      >
        {asRunning(Math.floor(minutes * MINUTE))}
      </Text>
      <View style={{ gap: 4 }}>
        <Small>planned {showDuration(plannedMinutes)}</Small>
        {isPaused ? <Tag text="Paused" tone="slate" /> : null}
      </View>
    </View>
  );
};
