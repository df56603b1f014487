import { TZDate, tz, tzOffset } from '@date-fns/tz';
import { UTCDate } from '@date-fns/utc';
import { addDays } from 'date-fns/addDays';
import { addMonths } from 'date-fns/addMonths';
import { format } from 'date-fns/format';
import { formatISO } from 'date-fns/formatISO';
import { getISODay } from 'date-fns/getISODay';
import { isSameDay } from 'date-fns/isSameDay';
import { startOfDay } from 'date-fns/startOfDay';
import { weakMapMemoize } from 'reselect';

/** A moment: a date, or milliseconds since 1970. */
export type Moment = Date | number;

/** A day on a calendar, "2026-03-29". */
export type IsoDay = string;

/** Days and times as the people of a place see them on their clock and calendar. */
export interface PlaceClock {
  /** "2026-03-29". */
  readonly iso: (at: Moment) => IsoDay;
  /** "29 Mar 2026". */
  readonly day: (at: Moment) => string;
  /** "29 Mar 2026, 18:05". */
  readonly dayAndTime: (at: Moment) => string;
  /** "Sunday, 29 Mar 2026". */
  readonly longDay: (at: Moment) => string;
  /** "Sun 29 Mar". */
  readonly weekday: (at: Moment) => string;
  /** "Sun 18:05". */
  readonly weekdayAndTime: (at: Moment) => string;
  /** "18:05". */
  readonly time: (at: Moment) => string;
  readonly isSameDay: (a: Moment, b: Moment) => boolean;
  /** The same time of the clock so many days later, ms: a change of clocks makes a day of 23 or 25 hours. */
  readonly daysLater: (at: Moment, days: number) => number;
  /** When the day begins that is so many days later, ms. */
  readonly midnight: (at: Moment, days?: number) => number;
  /** So far its clock is ahead of UTC, minutes. */
  readonly aheadOfUtc: (at: Moment) => number;
  /** When the clock shows so many minutes since midnight on a day, ms. */
  readonly minutesInto: (day: IsoDay, minutes: number) => number;
}

/** The clock of a place. @param timeZone a name of the time-zone database */
export const placeClock = weakMapMemoize((timeZone: string): PlaceClock => {
  const here = { in: tz(timeZone) };
  const as = (pattern: string) => (at: Moment) => format(at, pattern, here);
  const later = (at: Moment, days: number) => addDays(new TZDate(+at, timeZone), days);
  return {
    iso: as('yyyy-MM-dd'),
    day: as('d MMM yyyy'),
    dayAndTime: as('d MMM yyyy, HH:mm'),
    longDay: as('EEEE, d MMM yyyy'),
    weekday: as('EEE d MMM'),
    weekdayAndTime: as('EEE HH:mm'),
    time: as('HH:mm'),
    isSameDay: (a, b) => isSameDay(a, b, here),
    daysLater: (at, days) => later(at, days).getTime(),
    midnight: (at, days = 0) => startOfDay(later(at, days)).getTime(),
    aheadOfUtc: (at) => tzOffset(timeZone, new Date(at)),
    minutesInto: (day, minutes) => {
      const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
      return new TZDate(year, month - 1, date, 0, minutes, timeZone).getTime();
    },
  };
});

const isoOf = (at: Date): IsoDay => formatISO(at, { representation: 'date' });

/** A day so many days later. */
export const dayAfter = (day: IsoDay, days: number): IsoDay =>
  isoOf(addDays(new UTCDate(day), days));

/** A day so many months later; the end of the month where that month is shorter. */
export const monthsAfter = (day: IsoDay, months: number): IsoDay =>
  isoOf(addMonths(new UTCDate(day), months));

/** Monday is 0. */
export const weekdayOf = (day: IsoDay): number => getISODay(new UTCDate(day)) - 1;

/** "29 Mar 2026". */
export const dayInWords = (day: IsoDay): string => format(new UTCDate(day), 'd MMM yyyy');
