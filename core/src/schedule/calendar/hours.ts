import { DAY, MINUTE_MS } from '../../units';
import { TZDate } from '@date-fns/tz';
import type { Minute } from '../../climate';
import type { DayPart, Person } from '../../piece';
import { calendarOf, type Calendar, type Span } from './calendar';

/** A day on the calendar of a place. Months from 1. */
export interface Day {
  readonly year: number;
  readonly month: number;
  readonly day: number;
}

/** The minute at which the clock of a place shows so many minutes since midnight. */
export const minuteOn = ({ year, month, day }: Day, sinceMidnight: number, zone: string): Minute =>
  new TZDate(year, month - 1, day, 0, sinceMidnight, 0, zone).getTime() / MINUTE_MS;

/** The day on which a minute falls at a place. */
export const dayAt = (at: Minute, zone: string): Day => {
  const local = new TZDate(at * MINUTE_MS, zone);
  return { year: local.getFullYear(), month: local.getMonth() + 1, day: local.getDate() };
};

/** So many days later. */
export const dayAfter = ({ year, month, day }: Day, days: number): Day => {
  const it = new Date(Date.UTC(year, month - 1, day + days));
  return { year: it.getUTCFullYear(), month: it.getUTCMonth() + 1, day: it.getUTCDate() };
};

/** "2026-03-29". */
export const isoDay = ({ year, month, day }: Day): string =>
  `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;

/** Monday is 0. */
export const weekdayOf = ({ year, month, day }: Day): number =>
  (new Date(Date.UTC(year, month - 1, day)).getUTCDay() + 6) % 7;

/** A day written as "2026-03-29". */
export const dayOf = (iso: string): Day => {
  const [year = 1970, month = 1, day = 1] = iso.split('-').map(Number);
  return { year, month, day };
};

/** A day of the clock of a place: when it begins, and whether it has 24 hours. */
export interface ClockDay {
  readonly day: Day;
  readonly midnight: Minute;
  readonly plain: boolean;
}

/** So many days of the clock of a place, from the one before a minute on: last night counts too. */
export const clockDays = (from: Minute, days: number, zone: string): readonly ClockDay[] => {
  const first = dayAfter(dayAt(from, zone), -1);
  const midnights = Array.from({ length: days + 2 }, (_, index) =>
    minuteOn(dayAfter(first, index), 0, zone),
  );
  return midnights.slice(0, -1).map((midnight, index) => ({
    day: dayAfter(first, index),
    midnight,
    plain: (midnights[index + 1] ?? 0) - midnight === DAY,
  }));
};

const spansOn = (it: ClockDay, parts: readonly DayPart[], zone: string): readonly Span[] => {
  const at = (sinceMidnight: number): Minute =>
    it.plain ? it.midnight + sinceMidnight : minuteOn(it.day, sinceMidnight, zone);
  return parts.map(({ from, to }) => ({ from: at(from), to: at(to) }));
};

/** When somebody works, by the clock of the place: a change of clocks moves the hours with it. */
export const hoursOf = (
  { hours, daysOff }: Pick<Person, 'hours' | 'daysOff'>,
  days: readonly ClockDay[],
  zone: string,
): Calendar => {
  const off = new Set(daysOff);
  return calendarOf(
    days.flatMap((it) =>
      off.has(isoDay(it.day)) ? [] : spansOn(it, hours[weekdayOf(it.day)] ?? [], zone),
    ),
  );
};

/** Noise begins in the morning at the earliest then, minutes since midnight (J). */
const LOUD_FROM = 6 * 60;

/** When noise may be made: every day from the morning to the quiet of the evening. */
export const loudHours = (quietFrom: number, days: readonly ClockDay[], zone: string): Calendar =>
  calendarOf(
    days.flatMap((it) =>
      spansOn(it, [{ from: Math.min(LOUD_FROM, quietFrom - 1), to: quietFrom }], zone),
    ),
  );
