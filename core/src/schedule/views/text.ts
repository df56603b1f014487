import { TZDate } from '@date-fns/tz';
import type { Minute } from '../../climate';
import { MINUTE_MS, showDuration } from '../../units';
import { CLOCK_WORDS } from '../../words';
import { becauseInWords, stalledInWords } from './because';
import type { ShopPlan } from '../solver/shopPlan';

const two = (figure: number): string => String(figure).padStart(2, '0');

/** "2026-03-29 18:05" by the clock of the place. */
const timeAt = (at: Minute, zone: string): string => {
  const it = new TZDate(at * MINUTE_MS, zone);
  const day = `${it.getFullYear()}-${two(it.getMonth() + 1)}-${two(it.getDate())}`;
  return `${day} ${two(it.getHours())}:${two(it.getMinutes())}`;
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
