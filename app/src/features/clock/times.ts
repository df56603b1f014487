import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { isSameDay } from 'date-fns/isSameDay';
import { startOfDay } from 'date-fns/startOfDay';
import type { AirBand } from '@obrik/core/climate';
import { MINUTE_MS, showDuration } from '@obrik/core/units';

const dateOf = (minute: number): Date => new Date(minute * MINUTE_MS);

/** No plan is good to the minute: five are said. */
const FIVE = 5;
const planned = (minute: number): Date => dateOf(Math.round(minute / FIVE) * FIVE);

/** "18:20", or "Fri 18:20" on another day than today. */
export const timeOf = (minute: number, now: number): string => {
  const at = planned(minute);
  return format(at, isSameDay(at, dateOf(now)) ? 'HH:mm' : 'EEE HH:mm');
};

/** "18:20". */
export const clockOf = (minute: number): string => format(planned(minute), 'HH:mm');

/** "18:22": what the clock shows now. */
export const clockNow = (now: number): string => format(dateOf(now), 'HH:mm');

/** "Fri 4 Dec". */
export const dayOf = (minute: number): string => format(dateOf(minute), 'EEE d MMM');

/** Midnight of the day of a minute, or of one so many days later. */
export const midnight = (minute: number, days = 0): number =>
  addDays(startOfDay(dateOf(minute)), days).getTime() / MINUTE_MS;

/** A day as a key, for grouping. */
export const dayKey = (minute: number): string => format(dateOf(minute), 'yyyy-MM-dd');

/** "11–14 h": how long it still takes, as a band; "any minute" where it may be over. */
export const leftOf = (band: AirBand | null, now: number): string => {
  if (band === null) return 'never in this air';
  const [from, to] = [Math.max(0, band.early - now), band.late === null ? null : band.late - now];
  if (to === null) return `${showDuration(from)} or more`;
  if (to <= 0) return 'dry';
  if (to < 60) return `${Math.round(from)}–${Math.round(to)} min`;
  if (to < 36 * 60) return `${Math.round(from / 60)}–${Math.max(1, Math.ceil(to / 60))} h`;
  return `${Math.round(from / 1440)}–${Math.max(1, Math.ceil(to / 1440))} days`;
};

/** The last word of a name, for the stub of a ticket: "stool". */
export const shortName = (name: string): string => name.split(' ').at(-1)?.toLowerCase() ?? '';
