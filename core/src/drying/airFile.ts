import { HOUR, MINUTE_MS } from '../units';
import { type Air, type AirCourse, type Minute } from '../climate';
import type { AirFile } from '../piece';

/** Air between two readings. */
const between = (a: Air, b: Air, share: number): Air => ({
  celsius: a.celsius + (b.celsius - a.celsius) * share,
  humidity: a.humidity + (b.humidity - a.humidity) * share,
});

/** The air by a file at a time: between two readings in proportion; past its end it comes again. */
export const airByFile = (file: AirFile, at: Minute): Air => {
  const { length } = file.celsius;
  const step = file.stepHours * HOUR;
  const place = (at - Date.parse(file.from) / MINUTE_MS) / step;
  const whole = Math.floor(place);
  const aDay = Math.min(length, Math.max(1, Math.round(24 / file.stepHours)));
  const turned = (of: number): number => {
    if (file.comesAgain) return ((of % length) + length) % length;
    if (of < length) return Math.max(0, of);
    return length - aDay + ((of - length) % aDay);
  };
  const reading = (of: number): Air => ({
    celsius: file.celsius[turned(of)] ?? 20,
    humidity: file.humidity[turned(of)] ?? 50,
  });
  return between(reading(whole), reading(whole + 1), place - whole);
};

/** Readings of a course as a shop keeps them: so many hours apart, in tenths of a degree and whole percent. */
export const asAirFile = (
  course: AirCourse,
  it: Pick<AirFile, 'name' | 'comesAgain' | 'spaceId' | 'stepHours'>,
): AirFile => {
  const kept = course.hours.filter((_, hour) => hour % it.stepHours === 0);
  return {
    ...it,
    from: new Date(course.from * MINUTE_MS).toISOString(),
    celsius: kept.map(({ celsius }) => Math.round(celsius * 10) / 10),
    humidity: kept.map(({ humidity }) => Math.round(humidity)),
  };
};
