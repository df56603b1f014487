import { HOUR } from '../units';
import { airAt, hourAt, type AirCourse, type Minute } from './course';
import type { Air } from './humidAir';

/** How far something gets in a course of air, in minutes at the pace of the label's air. */
export interface DryingProgress {
  /** Label minutes that pass between two times. */
  between(start: Minute, end: Minute): number;
  /** When so many label minutes have passed; null where it never gets there. */
  when(start: Minute, labelMinutes: number): Minute | null;
}

const DAY_HOURS = 24;
/** Further ahead than this nothing is reckoned: what takes longer does not dry here. */
const HORIZON_HOURS = 400 * DAY_HOURS;

/**
 * Adds up a pace hour by hour, so that a wait that runs through the night goes at the night's pace.
 * Both questions are answered in a few steps, whatever lies between: sums are kept for the hours of
 * the course, and past its end the last day comes again.
 * @param paceOf share of the label's pace in some air
 */
export const progressIn = (course: AirCourse, paceOf: (air: Air) => number): DryingProgress => {
  const { length } = course.hours;
  const lastDay = Math.min(DAY_HOURS, Math.max(1, length));
  const paces = (length > 0 ? course.hours : [airAt(course, course.from)]).map(paceOf);
  const sums = new Float64Array(paces.length + 1);
  paces.forEach((pace, hour) => {
    sums[hour + 1] = (sums[hour] ?? 0) + pace * HOUR;
  });
  const end = paces.length;
  const whole = sums[end] ?? 0;
  const daily = whole - (sums[end - lastDay] ?? 0);
  const first = paces[0] ?? 0;

  /** Label minutes from the beginning of the course to an hour and so many minutes of it. */
  const sumTo = (at: Minute): number => {
    const minutes = at - course.from;
    if (minutes <= 0) return minutes * first;
    const hour = Math.floor(minutes / HOUR);
    const rest = (minutes - hour * HOUR) * (paces[hourAt(course, at)] ?? 0);
    if (hour < end) return (sums[hour] ?? 0) + rest;
    const over = hour - end;
    const days = Math.floor(over / lastDay);
    const into = over - days * lastDay;
    const partly = (sums[end - lastDay + into] ?? 0) - (sums[end - lastDay] ?? 0);
    return whole + days * daily + partly + rest;
  };

  const hourOf = (wanted: number): number => {
    if (wanted <= whole) {
      let [low, high] = [0, end];
      while (high - low > 1) {
        const middle = (low + high) >> 1;
        if ((sums[middle] ?? 0) < wanted) low = middle;
        else high = middle;
      }
      return low;
    }
    const days = Math.floor((wanted - whole) / daily);
    const left = wanted - whole - days * daily;
    let into = 0;
    const base = sums[end - lastDay] ?? 0;
    while (into < lastDay - 1 && (sums[end - lastDay + into + 1] ?? 0) - base < left) into++;
    return end + days * lastDay + into;
  };

  return {
    between: (start, stop) => sumTo(stop) - sumTo(start),
    when: (start, labelMinutes) => {
      if (labelMinutes <= 0) return start;
      const wanted = sumTo(start) + labelMinutes;
      if (wanted <= 0) return first > 0 ? start + labelMinutes / first : null;
      if (wanted > whole && daily <= 0) return null;
      const hour = hourOf(wanted);
      if (hour > HORIZON_HOURS) return null;
      const begins = course.from + hour * HOUR;
      const pace = paces[hourAt(course, begins)] ?? 0;
      const at = pace > 0 ? begins + (wanted - sumTo(begins)) / pace : begins;
      return Math.max(start, at);
    },
  };
};
