import type { ReadingTest } from '@obrik/core/catalog';
import { lengthToTyped, typedToLength, type UnitSystem } from '@obrik/core/units';

/** The unit a reading is typed in. */
export const unitOf = (test: ReadingTest, units: UnitSystem): string =>
  test.unit === 'mm' && units === 'us' ? 'in' : test.unit;

/** The plausible range in words: "0.1 to 6 mm". */
export const rangeOf = (test: ReadingTest, units: UnitSystem): string => {
  const isInches = test.unit === 'mm' && units === 'us';
  const low = isInches ? (test.min / 25.4).toFixed(3) : String(test.min);
  const high = isInches ? lengthToTyped(test.max, units) : String(test.max);
  return `${low} to ${high} ${unitOf(test, units)}`;
};

/**
 * Reads a typed reading.
 * @returns the figure, or what is wrong with it
 */
export const readTyped = (
  test: ReadingTest,
  units: UnitSystem,
  typed: string,
): { readonly value: number } | { readonly wrong: string } => {
  const text = typed.trim().replace(',', '.');
  const value = test.unit === 'mm' ? typedToLength(typed, units) : Number(text || NaN);
  if (value === undefined || Number.isNaN(value)) {
    return { wrong: `A number of ${unitOf(test, units)}.` };
  }
  if (value < test.min || value > test.max) {
    return { wrong: `Plausible is ${rangeOf(test, units)}. Look again.` };
  }
  if (test.unit === 'layers' && !Number.isInteger(value)) {
    return { wrong: 'Layers are counted whole.' };
  }
  return { value };
};

/** What a reading is called: "G4, satin", "4B, holds"; undefined where it has no name. */
export const bandInWords = (test: ReadingTest, value: number): string | undefined =>
  test.bands.find((band) => value <= band.upTo)?.label;
