import type { UnitSystem } from './system';

/** Millimetres in one international inch (exact by definition, NIST SP 811). */
export const MM_PER_INCH = 25.4;

const SIXTEENTHS = 16;

const greatestCommonDivisor = (a: number, b: number): number =>
  b === 0 ? a : greatestCommonDivisor(b, a % b);

/** Inches as a tape shows them: whole inches and sixteenths, reduced ("23 5/8 in"). */
const tapeInches = (mm: number): string => {
  const sixteenths = Math.round((mm / MM_PER_INCH) * SIXTEENTHS);
  const whole = Math.floor(sixteenths / SIXTEENTHS);
  const rest = sixteenths % SIXTEENTHS;
  if (rest === 0) return `${whole} in`;
  const divisor = greatestCommonDivisor(rest, SIXTEENTHS);
  const fraction = `${rest / divisor}/${SIXTEENTHS / divisor}`;
  return whole === 0 ? `${fraction} in` : `${whole} ${fraction} in`;
};

/**
 * A length for the screen.
 * @param mm length in millimetres
 * @returns "450 mm" or, in US units, inches to the nearest sixteenth
 */
export const showLength = (mm: number, system: UnitSystem): string =>
  system === 'metric' ? `${Math.round(mm)} mm` : tapeInches(mm);

/**
 * A length as a bare number to type: millimetres, or decimal inches to two places.
 * @param mm length in millimetres
 */
export const lengthToTyped = (mm: number, system: UnitSystem): string =>
  system === 'metric' ? String(Math.round(mm)) : String(Math.round((mm / MM_PER_INCH) * 100) / 100);

const FRACTION = /^(?:(\d+)[\s-]+)?(\d+)\/(\d+)$/;

/**
 * Reads a typed length: "450", "17.75", "17,75" or, in US units, "17 3/4".
 * @returns millimetres, or undefined where it is not a length
 */
export const typedToLength = (typed: string, system: UnitSystem): number | undefined => {
  const text = typed
    .trim()
    .replace(',', '.')
    .replace(/\s*(mm|in|")$/i, '');
  const fraction = FRACTION.exec(text);
  const divisor = Number(fraction?.[3]);
  const value = fraction
    ? Number(fraction[1] ?? 0) + Number(fraction[2]) / divisor
    : Number(text === '' ? NaN : text);
  if (!Number.isFinite(value)) return undefined;
  // To the micrometre, so that 35 1/2 in is 901.7 mm and not a hair less.
  return Math.round((system === 'metric' ? value : value * MM_PER_INCH) * 1000) / 1000;
};
