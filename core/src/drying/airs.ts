import { HOUR, MINUTE_MS } from '../units';
import {
  airAt,
  inRange,
  insideOf,
  steadyAir,
  typicalAir,
  withReading,
  type Air,
  type AirCourse,
  type Minute,
} from '../climate';
import type { ExpectedAir, Shop, Space } from '../piece';
import { airByFile } from './airFile';
import { placeClock } from '../clock';
import { weakMapMemoize } from 'reselect';

/**
 * So far ahead work is planned and the air of the shop reckoned, days: from the depth of winter until
 * it is warm again by the year's course.
 */
export const HORIZON_DAYS = 240;
const AHEAD = HORIZON_DAYS * 24;
/** And reckoned from so long before, so that rooms that lag have come to rest, hours. */
const BEFORE = 48;

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
    from: Date.parse(from) / MINUTE_MS,
    to: Date.parse(to) / MINUTE_MS,
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
  const offsetMinutes = placeClock(shop.timeZone).aheadOfUtc(now * MINUTE_MS);
  const place = { south, offsetMinutes };
  return asExpected(
    hourly(now, (at) => typicalAir(climate, at, place)),
    expected,
    now,
  );
};

/** Courses that were reckoned, by shop, space and minute: plan, drying and screens ask for the same. */
const coursesOf = weakMapMemoize((_: Shop) => new Map<string, AirCourse>());
const MOST_KNOWN = 40;

/**
 * The air in a space of the shop. What a file given beside tells is the air outside. What a logger read in the space
 * holds there. What was typed or read off holds from then on in the first space, and fades into what is foreseen.
 */
export const airIn = (shop: Shop, space: Space, now: Minute, fromFile?: AirCourse): AirCourse => {
  if (fromFile) return insideOf({ ...fromFile, madeAt: now }, space);
  const known = coursesOf(shop);
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
        Date.parse(shop.airReadAt) / MINUTE_MS,
      )
    : inside;
};
