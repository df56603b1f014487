import { HOUR } from '../../units';
import {
  airAt,
  dewPoint,
  errorAt,
  isFit,
  type Air,
  type AirCourse,
  type Minute,
} from '../../climate';
import type { Coating } from '../../catalog';
import type { Shop } from '../../piece';
import { airIn, outdoorAir } from '../../drying';

/** The air of an hour as it is foreseen. */
export interface AirHour {
  readonly at: Minute;
  readonly air: Air;
  readonly dewCelsius: number;
  /** How far it may be off, one in three beyond it: K and % of humidity. */
  readonly error: Air;
  /** It bears a usual waterborne coat. */
  readonly fit: boolean;
}

/** The air of a place, hour by hour from now. */
export interface AirAhead {
  /** Null for outside. */
  readonly spaceId: string | null;
  readonly name: string;
  readonly hours: readonly AirHour[];
}

/** A coating that bears what coatings usually bear. */
export const USUAL: Coating = 'waterClear';

const ahead = (course: AirCourse, from: Minute, count: number): readonly AirHour[] =>
  Array.from({ length: count }, (_, hour) => {
    const at = from + hour * HOUR;
    const air = airAt(course, at);
    return {
      at,
      air,
      dewCelsius: dewPoint(air),
      error: errorAt(course, at),
      fit: isFit(USUAL, air),
    };
  });

/**
 * The air that plans reckon with, outside and in each space: the same that the clock uses.
 * @param from the first hour
 * @param count so many hours
 */
export const airAhead = (
  shop: Shop,
  now: Minute,
  from: Minute,
  count: number,
): readonly AirAhead[] => [
  { spaceId: null, name: '', hours: ahead(outdoorAir(shop, now), from, count) },
  ...(shop.air.kind === 'steady'
    ? []
    : shop.spaces.map((it) => ({
        spaceId: it.id,
        name: it.name,
        hours: ahead(airIn(shop, it, now), from, count),
      }))),
];
