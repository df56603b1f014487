import { HOUR } from '../units';
import { ABOVE_DEW_POINT, COATINGS, COATING_AIR, DRYING_RANGE, type Coating } from '../catalog';
import { airAt, type AirCourse, type Minute } from './course';
import {
  AIR_RANGE,
  absoluteHumidity,
  dewPoint,
  saturationPressure,
  vapourPressure,
  warmedTo,
  type Air,
} from './humidAir';

/** What is wrong with the air for a coat, and by how much: K or % of humidity. */
export interface Misfit {
  readonly kind: 'cold' | 'hot' | 'humid' | 'dew';
  readonly by: number;
}

const limitsOf = (id: Coating) => COATINGS.get(id).air ?? COATING_AIR;

/**
 * What is wrong with the air for a coat.
 * @param faceCelsius of the face to be coated; the air's where it is not known
 */
export const misfitsFor = (
  id: Coating,
  air: Air,
  faceCelsius: number = air.celsius,
): readonly Misfit[] => {
  const { fromCelsius, toHumidity } = limitsOf(id);
  const found: readonly Misfit[] = [
    { kind: 'cold', by: fromCelsius - Math.min(air.celsius, faceCelsius) },
    { kind: 'hot', by: air.celsius - DRYING_RANGE.toCelsius },
    { kind: 'humid', by: air.humidity - toHumidity },
    { kind: 'dew', by: dewPoint(air) + ABOVE_DEW_POINT.value - faceCelsius },
  ];
  return found.filter((it) => it.by > 0);
};

/**
 * May a coat be laid in this air? The same as no misfit, but the dew point is not solved for: it is
 * above a temperature where the air holds more vapour than would be saturated there.
 */
export const isFit = (id: Coating, air: Air, faceCelsius: number = air.celsius): boolean => {
  const { fromCelsius, toHumidity } = limitsOf(id);
  if (Math.min(air.celsius, faceCelsius) < fromCelsius) return false;
  if (air.celsius > DRYING_RANGE.toCelsius || air.humidity > toHumidity) return false;
  const least = Math.max(AIR_RANGE.fromCelsius, faceCelsius - ABOVE_DEW_POINT.value);
  return vapourPressure(air) <= saturationPressure(least);
};

/** What would mend it, and by how much. */
export type AirMend =
  | { readonly kind: 'heat'; readonly toCelsius: number; readonly by: number }
  | { readonly kind: 'dry'; readonly toHumidity: number; readonly waterGrams: number }
  | { readonly kind: 'wait'; readonly until: Minute }
  | { readonly kind: 'other'; readonly coatings: readonly Coating[] };

/** Warmer than this nobody heats a shop for a coat, °C (J). */
const HEATED_AT_MOST = 26;

/** The least warmth, in whole degrees, at which this air, its water kept, is fit; undefined where none is. */
const heatNeeded = (id: Coating, air: Air): number | undefined => {
  for (let celsius = Math.ceil(air.celsius); celsius <= HEATED_AT_MOST; celsius++) {
    if (celsius > air.celsius && isFit(id, warmedTo(air, celsius))) return celsius;
  }
  return undefined;
};

/** The dampest air of this warmth that is fit, % in steps of one; undefined where none is. */
const drynessNeeded = (id: Coating, air: Air): number | undefined => {
  for (let humidity = Math.floor(air.humidity); humidity >= 20; humidity--) {
    if (isFit(id, { ...air, humidity })) return humidity;
  }
  return undefined;
};

/** How far ahead another hour is looked for, hours. */
const LOOK_AHEAD = 14 * 24;

/** The next hour in which a coat may be laid; undefined where there is none in two weeks. */
export const nextFit = (id: Coating, course: AirCourse, from: Minute): Minute | undefined => {
  for (let hour = 0; hour < LOOK_AHEAD; hour++) {
    const at = hour === 0 ? from : (Math.floor(from / HOUR) + hour) * HOUR;
    if (isFit(id, airAt(course, at))) return at;
  }
  return undefined;
};

/** Coatings of the same use that bear this air, where this one does not. */
const othersFor = (id: Coating, air: Air): readonly Coating[] => {
  const { role } = COATINGS.get(id);
  return COATINGS.ids.filter(
    (other) => other !== id && COATINGS.get(other).role === role && isFit(other, air),
  );
};

/**
 * What would make the air fit for a coat: warmth, drier air, another hour, another class of material.
 * @param volumeM3 of the room, for the water that a dehumidifier has to take out of its air
 * @returns empty where the air is fit already
 */
export const mendsFor = (
  id: Coating,
  course: AirCourse,
  at: Minute,
  volumeM3: number,
): readonly AirMend[] => {
  const air = airAt(course, at);
  if (isFit(id, air)) return [];
  const celsius = heatNeeded(id, air);
  const humidity = drynessNeeded(id, air);
  const until = nextFit(id, course, at);
  const coatings = othersFor(id, air);
  return [
    ...(celsius === undefined
      ? []
      : [{ kind: 'heat' as const, toCelsius: celsius, by: celsius - air.celsius }]),
    ...(humidity === undefined || humidity >= air.humidity
      ? []
      : [
          {
            kind: 'dry' as const,
            toHumidity: humidity,
            waterGrams: (absoluteHumidity(air) - absoluteHumidity({ ...air, humidity })) * volumeM3,
          },
        ]),
    ...(until === undefined ? [] : [{ kind: 'wait' as const, until }]),
    ...(coatings.length === 0 ? [] : [{ kind: 'other' as const, coatings }]),
  ];
};
