import { FACE_LAG, type Coating } from '../catalog';
import {
  HOUR,
  dewPoint,
  insideOf,
  isFit,
  steadyAir,
  typicalCourse,
  withReading,
  type AirCourse,
  type Minute,
} from '../climate';
import type { Shop, Space } from '../piece';
import { TZDate } from '@date-fns/tz';
import { calendarOf, type Calendar, type Span } from './calendar';

/** The air of the shop is foreseen so far ahead, hours. */
const AHEAD = 60 * 24;
/** And reckoned from so long before, so that rooms that lag have come to rest, hours. */
const BEFORE = 48;

/** The air outside, or the steady air that was typed. */
export const outdoorAir = (shop: Shop, now: Minute): AirCourse => {
  const typed = { celsius: shop.airCelsius, humidity: shop.airHumidity };
  if (shop.air.kind === 'steady') return steadyAir(typed, now);
  const from = (Math.floor(now / HOUR) - BEFORE) * HOUR;
  const offsetMinutes = -new TZDate(now * 60_000, shop.timeZone).getTimezoneOffset();
  const course = typicalCourse(shop.air.climate, from, AHEAD + BEFORE, {
    south: shop.air.south,
    offsetMinutes,
  });
  return { ...course, madeAt: now };
};

/**
 * The air in a space of the shop. What was read from a file is the air outside. What was typed or read off holds now in the first space, and fades
 * into what is foreseen.
 */
export const airIn = (shop: Shop, space: Space, now: Minute, fromFile?: AirCourse): AirCourse => {
  if (fromFile) return insideOf({ ...fromFile, madeAt: now }, space);
  const outdoor = outdoorAir(shop, now);
  if (shop.air.kind === 'steady') return outdoor;
  const inside = insideOf(outdoor, space);
  return space === shop.spaces[0]
    ? withReading(inside, { celsius: shop.airCelsius, humidity: shop.airHumidity }, now)
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
  const dews = hours.map(dewPoint);
  const first = Math.floor(from / HOUR) * HOUR;
  return (coating) => {
    const fit = hours.map((air, hour) => isFit(coating, air, faces[hour], dews[hour]));
    const spans: Span[] = [];
    for (let at = first; at < from + days * 24 * HOUR; at += HOUR) {
      const since = Math.floor((at - course.from) / HOUR);
      const hour = since < hours.length ? since : hours.length - 24 + ((since - hours.length) % 24);
      if (fit[hour]) spans.push({ from: at, to: at + HOUR });
    }
    return calendarOf(spans);
  };
};
