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

/** Millimetres in the units that may be typed behind a figure. */
const MM_IN: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '”': MM_PER_INCH,
  '″': MM_PER_INCH,
};
const WITH_UNIT = /^(.*?)\s*(mm|cm|m|inches|inch|in|"|”|″)\.?$/i;

/**
 * Reads a typed length: "450", "17.75", "17,75", "45 cm", `34 1/2"`. A bare figure is in millimetres,
 * or in inches where the shop works in US units.
 * @returns millimetres, or undefined where it is not a length
 */
export const typedToLength = (typed: string, system: UnitSystem): number | undefined => {
  const told = WITH_UNIT.exec(typed.trim());
  const unit = MM_IN[(told?.[2] ?? (system === 'metric' ? 'mm' : 'in')).toLowerCase()] ?? 1;
  const text = (told ? (told[1] ?? '') : typed).trim().replace(',', '.');
  const fraction = FRACTION.exec(text);
  const divisor = Number(fraction?.[3]);
  const value = fraction
    ? Number(fraction[1] ?? 0) + Number(fraction[2]) / divisor
    : Number(text === '' ? NaN : text);
  if (!Number.isFinite(value)) return undefined;
  // To the micrometre, so that 35 1/2 in is 901.7 mm and not a hair less.
  return Math.round(value * unit * 1000) / 1000;
};

/** A length this many times too long or too short for its kind is looked at again (modelling judgement). */
const ODD_FROM = 2.5;
/** A reading in another unit explains it where it comes within this of what is usual. */
const EXPLAINED_WITHIN = 2.2;

/** A length that was meant in another unit. */
export interface UnitSlip {
  /** What was probably meant, mm. */
  readonly meantMm: number;
  /** The unit that makes sense of it. */
  readonly unit: 'mm' | 'cm' | 'in';
}

/**
 * Was a length typed in the wrong unit? 900 read as inches for a bedside cabinet is meant in mm.
 * @param mm as it was read
 * @param usualMm what this measure usually is
 * @returns what was probably meant; undefined where the figure is plausible as it is, or nothing explains it
 */
export const unitSlip = (mm: number, usualMm: number, system: UnitSystem): UnitSlip | undefined => {
  const off = (it: number): number => Math.max(it / usualMm, usualMm / it);
  if (!(mm > 0) || !(usualMm > 0) || off(mm) < ODD_FROM) return undefined;
  const figure = system === 'metric' ? mm : mm / MM_PER_INCH;
  const readings: readonly UnitSlip[] = [
    { meantMm: figure, unit: 'mm' },
    { meantMm: figure * 10, unit: 'cm' },
    { meantMm: figure * MM_PER_INCH, unit: 'in' },
  ];
  const [best] = readings
    .filter((it) => Math.abs(it.meantMm - mm) > 1)
    .sort((a, b) => off(a.meantMm) - off(b.meantMm));
  return best && off(best.meantMm) <= EXPLAINED_WITHIN
    ? { ...best, meantMm: Math.round(best.meantMm) }
    : undefined;
};
