import { MINUTE_MS } from '@obrik/core/units';

/** A time as core reckons: whole minutes since 1970. */
export const minuteOf = (time: Date): number => Math.floor(time.getTime() / MINUTE_MS);
