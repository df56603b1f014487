/** What core reckons time in is minutes: so many are an hour, and a day. */
export const HOUR = 60;
export const DAY = 24 * HOUR;

/** What clocks count in is milliseconds: so many are a minute, an hour, and a day. */
export const MINUTE_MS = 60_000;
export const HOUR_MS = HOUR * MINUTE_MS;
export const DAY_MS = DAY * MINUTE_MS;
