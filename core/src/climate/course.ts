import { HOUR } from '../units';
import { FORECAST_ERROR } from '../catalog';
import { inRange, type Air } from './humidAir';

/** Minutes of the clock, counted since 1970 in UTC. */
export type Minute = number;

const DAY_HOURS = 24;

/** The air of a place hour by hour, and how well it is known. */
export interface AirCourse {
  /** When its first hour begins. */
  readonly from: Minute;
  /** One for each hour. Past the last, the last day comes again. */
  readonly hours: readonly Air[];
  /** When it was made: the further ahead of that, the less it is known. */
  readonly madeAt: Minute;
  /** It was read, not foreseen: known as well as the instrument. */
  readonly measured: boolean;
}

/** Which hour of a course a minute falls in; before its first, the first; past its last, that of the last day. */
export const hourAt = ({ from, hours }: AirCourse, at: Minute): number => {
  const hour = Math.max(0, Math.floor((at - from) / HOUR));
  const { length } = hours;
  if (hour < length) return hour;
  const lastDay = Math.min(DAY_HOURS, length);
  return length - lastDay + ((hour - length) % lastDay);
};

const NO_AIR: Air = { celsius: 20, humidity: 50 };

/** The air at a time. */
export const airAt = (course: AirCourse, at: Minute): Air =>
  course.hours[hourAt(course, at)] ?? NO_AIR;

/** The same air all the time, as typed or read off. */
export const steadyAir = (air: Air, from: Minute): AirCourse => ({
  from,
  hours: [inRange(air)],
  madeAt: from,
  measured: false,
});

const grown = (
  { now, eachDay, most }: { readonly now: number; readonly eachDay: number; readonly most: number },
  days: number,
): number => Math.min(most, now + eachDay * days);

/** How far the air at a time may be off: K and % of humidity, one in three beyond it (J). */
export const errorAt = (course: AirCourse, at: Minute): Air => {
  const days = course.measured ? 0 : Math.max(0, (at - course.madeAt) / (DAY_HOURS * HOUR));
  return {
    celsius: grown(FORECAST_ERROR.celsius, days),
    humidity: grown(FORECAST_ERROR.humidity, days),
  };
};

/** A course with the air of each hour made anew. */
export const mapAir = (course: AirCourse, make: (air: Air, at: Minute) => Air): AirCourse => ({
  ...course,
  hours: course.hours.map((air, hour) => inRange(make(air, course.from + hour * HOUR))),
});

/** The air as it may turn out: warmer and drier, or colder and damper, by so many errors. */
export const shifted = (course: AirCourse, errors: number): AirCourse =>
  errors === 0
    ? course
    : mapAir(course, (air, at) => {
        const { celsius, humidity } = errorAt(course, at);
        return {
          celsius: air.celsius + errors * celsius,
          humidity: air.humidity - errors * humidity,
        };
      });
