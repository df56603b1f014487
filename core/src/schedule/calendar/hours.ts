import { DAY, MINUTE_MS } from '../../units';
import { dayAfter, placeClock, weekdayOf, type IsoDay } from '../../clock';
import type { Minute } from '../../climate';
import type { DayPart, Person } from '../../piece';
import { calendarOf, type Calendar, type Span } from './calendar';

/** A day of the clock of a place: when it begins, and whether it has 24 hours. */
export interface ClockDay {
  readonly day: IsoDay;
  readonly midnight: Minute;
  readonly plain: boolean;
}

/** So many days of the clock of a place, from the one before a minute on: last night counts too. */
export const clockDays = (from: Minute, days: number, zone: string): readonly ClockDay[] => {
  const clock = placeClock(zone);
  const yesterday = dayAfter(clock.iso(from * MINUTE_MS), -1);
  const all = Array.from({ length: days + 2 }, (_, index) => dayAfter(yesterday, index));
  const midnights = all.map((day) => clock.minutesInto(day, 0) / MINUTE_MS);
  return midnights.slice(0, -1).map((midnight, index) => ({
    day: all[index] ?? yesterday,
    midnight,
    plain: (midnights[index + 1] ?? 0) - midnight === DAY,
  }));
};

const spansOn = (it: ClockDay, parts: readonly DayPart[], zone: string): readonly Span[] => {
  const at = (sinceMidnight: number): Minute =>
    it.plain
      ? it.midnight + sinceMidnight
      : placeClock(zone).minutesInto(it.day, sinceMidnight) / MINUTE_MS;
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
      off.has(it.day) ? [] : spansOn(it, hours[weekdayOf(it.day)] ?? [], zone),
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
