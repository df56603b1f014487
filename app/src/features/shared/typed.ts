import { typedToLength, type UnitSystem } from '@obrik/core/units';
import { z } from 'zod';

/**
 * A figure as it is typed into a field, read by the schema of what it stands for: nothing typed is
 * null, and what is no figure is reported by that schema. What was typed stays in the field.
 */
export const typedFigure = <Out>(
  of: z.ZodType<Out, number | null>,
  read: (typed: string) => number = (typed) => Number(typed.replace(',', '.')),
) =>
  z
    .string()
    .transform((typed) => (typed.trim() === '' ? null : read(typed.trim())))
    .pipe(of);

/** A length as it is typed, in mm or inches. */
export const typedLength = <Out>(of: z.ZodType<Out, number | null>, units: UnitSystem) =>
  typedFigure(of, (typed) => typedToLength(typed, units) ?? NaN);
