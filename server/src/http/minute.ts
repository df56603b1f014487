const MS = 60_000;

/** A time as core reckons: whole minutes since 1970. */
export const minuteOf = (time: Date): number => Math.floor(time.getTime() / MS);
