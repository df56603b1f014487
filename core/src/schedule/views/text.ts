import { placeClock } from '../../clock';
import type { Minute } from '../../climate';
import { MINUTE_MS, showDuration } from '../../units';
import { CLOCK_WORDS } from '../../words';
import { becauseInWords, stalledInWords } from './because';
import type { ShopPlan } from '../solver/shopPlan';

/** "2026-03-29 18:05" by the clock of the place. */
const timeAt = (at: Minute, zone: string): string => {
  const { iso, time } = placeClock(zone);
  return `${iso(at * MINUTE_MS)} ${time(at * MINUTE_MS)}`;
};

/** A plan as text: each step with its time, its length and why it does not begin earlier. */
export const planAsText = ({ timetable, bound, gap, finish }: ShopPlan, zone: string): string => {
  const steps = timetable.entries.map(
    (it) =>
      `${timeAt(it.start, zone)}  ${showDuration(it.minutes)}  ${it.name}: ${it.operation.title}\n    ${becauseInWords(it.because)}`,
  );
  const stalled = timetable.stalled.map(
    (it) => `No time for ${it.name}: ${it.operation.title}\n    ${stalledInWords(it.by)}`,
  );
  const end =
    finish === null
      ? CLOCK_WORDS.noEnd(timetable.stalled.length)
      : `Done ${timeAt(finish, zone)}. ${CLOCK_WORDS.quality({ gap, bound: timeAt(bound.finish, zone), from: bound.from })}`;
  return [...steps, ...stalled, end, ''].join('\n');
};
