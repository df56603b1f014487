import { FACE_LAG, type Coating } from '../catalog';
import {
  HOUR,
  airAt,
  inRange,
  insideOf,
  isFit,
  steadyAir,
  typicalAir,
  withReading,
  type Air,
  type AirCourse,
  type Minute,
} from '../climate';
import type { ExpectedAir, Shop, Space } from '../piece';
import { airByFile } from './airFile';
import { TZDate } from '@date-fns/tz';
import { calendarOf, type Calendar, type Span } from './calendar';

/**
 * So far ahead work is planned and the air of the shop reckoned, days: from the depth of winter until
 * it is warm again by the year's course.
 */
export const HORIZON_DAYS = 240;
const AHEAD = HORIZON_DAYS * 24;
/** And reckoned from so long before, so that rooms that lag have come to rest, hours. */
const BEFORE = 48;
const MS = 60_000;

/** From two days before now to the horizon, hour by hour. */
const hourly = (now: Minute, airOf: (at: Minute) => Air): AirCourse => {
  const from = (Math.floor(now / HOUR) - BEFORE) * HOUR;
  const hours = Array.from({ length: AHEAD + BEFORE }, (_, hour) =>
    inRange(airOf(from + hour * HOUR)),
  );
  return { from, hours, madeAt: now, measured: false };
};

/** What is expected by hand goes over what is foreseen. */
const asExpected = (
  course: AirCourse,
  expected: readonly ExpectedAir[],
  now: Minute,
): AirCourse => {
  if (expected.length === 0) return course;
  const spans = expected.map(({ from, to, celsius, humidity }) => ({
    from: Date.parse(from) / MS,
    to: Date.parse(to) / MS,
    air: { celsius, humidity },
  }));
  const airAtHour = (at: Minute): Air =>
    spans.findLast((it) => it.from <= at && at < it.to)?.air ?? airAt(course, at);
  return { ...hourly(now, airAtHour), madeAt: course.madeAt };
};

/** The air outside; where it is as typed, that of the shop. With what is expected by hand. */
export const outdoorAir = (shop: Shop, now: Minute): AirCourse => {
  const { kind, file, climate, south, expected } = shop.air;
  const typed = { celsius: shop.airCelsius, humidity: shop.airHumidity };
  if (kind === 'steady') return asExpected(steadyAir(typed, now), expected, now);
  if (kind === 'file' && file?.spaceId === null) {
    return asExpected(
      hourly(now, (at) => airByFile(file, at)),
      expected,
      now,
    );
  }
  const offsetMinutes = -new TZDate(now * MS, shop.timeZone).getTimezoneOffset();
  const place = { south, offsetMinutes };
  return asExpected(
    hourly(now, (at) => typicalAir(climate, at, place)),
    expected,
    now,
  );
};

/** Courses that were reckoned, by shop, space and minute: plan, drying and screens ask for the same. */
const KNOWN = new WeakMap<Shop, Map<string, AirCourse>>();
const MOST_KNOWN = 40;

/**
 * The air in a space of the shop. What a file given beside tells is the air outside. What a logger read in the space
 * holds there. What was typed or read off holds from then on in the first space, and fades into what is foreseen.
 */
export const airIn = (shop: Shop, space: Space, now: Minute, fromFile?: AirCourse): AirCourse => {
  if (fromFile) return insideOf({ ...fromFile, madeAt: now }, space);
  const known = KNOWN.get(shop) ?? new Map<string, AirCourse>();
  KNOWN.set(shop, known);
  const key = `${space.id}/${now}`;
  const course = known.get(key) ?? courseIn(shop, space, now);
  if (known.size > MOST_KNOWN) known.clear();
  known.set(key, course);
  return course;
};

const courseIn = (shop: Shop, space: Space, now: Minute): AirCourse => {
  const { kind, file } = shop.air;
  if (kind === 'file' && file?.spaceId === space.id) {
    return hourly(now, (at) => airByFile(file, at));
  }
  const outdoor = outdoorAir(shop, now);
  if (kind === 'steady') return outdoor;
  const inside = insideOf(outdoor, space);
  // What nobody has read is no reading.
  return space === shop.spaces[0] && shop.airReadAt !== null
    ? withReading(
        inside,
        { celsius: shop.airCelsius, humidity: shop.airHumidity },
        Date.parse(shop.airReadAt) / MS,
      )
    : inside;
};

/** Temperatures of a face that follows the air of its room. */
const faceIn = (course: AirCourse): readonly number[] => {
  const follows = 1 - Math.exp(-1 / FACE_LAG.hours);
  let face = course.hours[0]?.celsius ?? 0;
  return course.hours.map(({ celsius }) => (face += (celsius - face) * follows));
};

/** Which coatings the air bears hour by hour; past its end the last day comes again. */
export const fitHours = (
  course: AirCourse,
  from: Minute,
  days: number,
): ((coating: Coating) => Calendar) => {
  const { hours } = course;
  if (hours.length === 1) {
    const [air] = hours;
    const all: Span = { from: 0, to: 1e9 };
    return (coating) => ({ spans: air && isFit(coating, air) ? [all] : [] });
  }
  const faces = faceIn(course);
  const first = Math.floor(from / HOUR) * HOUR;
  return (coating) => {
    const fit = hours.map((air, hour) => isFit(coating, air, faces[hour]));
    const spans: Span[] = [];
    for (let at = first; at < from + days * 24 * HOUR; at += HOUR) {
      const since = Math.floor((at - course.from) / HOUR);
      const hour = since < hours.length ? since : hours.length - 24 + ((since - hours.length) % 24);
      if (fit[hour]) spans.push({ from: at, to: at + HOUR });
    }
    return calendarOf(spans);
  };
};
