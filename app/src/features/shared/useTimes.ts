import { placeClock, type PlaceClock } from '@obrik/core/clock';
import { MINUTE_MS } from '@obrik/core/units';
import { weakMapMemoize } from '@reduxjs/toolkit';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';

/** No plan is good to the minute: five are said. */
const FIVE = 5;
const planned = (minute: number): number => Math.round(minute / FIVE) * FIVE * MINUTE_MS;

/** Times of the shop as screens tell them: by its clock, wherever this device is. Minutes since 1970. */
export interface Times {
  readonly clock: PlaceClock;
  /** "18:20", or "Fri 18:20" on another day than today. */
  readonly timeOf: (minute: number, now: number) => string;
  /** "18:20". */
  readonly clockOf: (minute: number) => string;
  /** "18:22": what the clock shows now. */
  readonly clockNow: (now: number) => string;
  /** "Fri 4 Dec". */
  readonly dayOf: (minute: number) => string;
  /** Midnight of the day of a minute, or of one so many days later. */
  readonly midnight: (minute: number, days?: number) => number;
  /** A day as a key, for grouping. */
  readonly dayKey: (minute: number) => string;
  /** The day that it is now, "2026-12-04". */
  readonly today: () => string;
}

export const timesAt = weakMapMemoize((timeZone: string): Times => {
  const clock = placeClock(timeZone);
  return {
    clock,
    timeOf: (minute, now) =>
      clock.isSameDay(planned(minute), now * MINUTE_MS)
        ? clock.time(planned(minute))
        : clock.weekdayAndTime(planned(minute)),
    clockOf: (minute) => clock.time(planned(minute)),
    clockNow: (now) => clock.time(now * MINUTE_MS),
    dayOf: (minute) => clock.weekday(minute * MINUTE_MS),
    midnight: (minute, days = 0) => clock.midnight(minute * MINUTE_MS, days) / MINUTE_MS,
    dayKey: (minute) => clock.iso(minute * MINUTE_MS),
    today: () => clock.iso(shopNow()),
  };
});

/** Times by the clock of the shop. */
export const useTimes = (): Times => timesAt(useShop().timeZone);
