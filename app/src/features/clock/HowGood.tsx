import type { ClockView } from '@obrik/core/schedule';
import { CLOCK_WORDS } from '@obrik/core/words';
import { View } from 'react-native';
import { useTimes } from '@/features/shared/useTimes';
import { Small, Strong } from '@/ui/controls';

interface HowGoodProps {
  readonly view: ClockView;
  /** Better plans are still looked for. */
  readonly busy: boolean;
}

/** When everything is finished, and how good that plan is; or that some of it has no end. */
export const HowGood = ({ view, busy }: HowGoodProps) => {
  const times = useTimes();
  const { finish, timetable } = view;
  if (timetable.entries.length === 0 && timetable.stalled.length === 0) return null;
  return (
    <View style={{ gap: 4 }}>
      <Strong>
        {finish === null
          ? CLOCK_WORDS.noEnd(timetable.stalled.length)
          : CLOCK_WORDS.finished(times.dayOf(finish))}
      </Strong>
      <Small>
        {finish === null
          ? ''
          : CLOCK_WORDS.quality({
              gap: view.gap,
              bound: times.dayOf(view.bound),
              from: view.boundFrom,
            })}
        {busy ? ' Improving the schedule …' : ''}
      </Small>
    </View>
  );
};
