import { hardware as hardwareSchema, type Hardware } from '@obrik/core/piece';
import { lengthToTyped, type UnitSystem } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { z } from 'zod';
import { typedFigure, typedLength } from '@/features/shared/typed';

/** Reads an amount as it is typed: null for nothing, undefined where it can't be read. */
type MoneyReader = (typed: string) => number | null | undefined;

/** What is asked of fittings; figures as they are typed. */
export const fittingsForm = (units: UnitSystem, readMoney: MoneyReader) => {
  const { shape } = hardwareSchema;
  return z.object({
    kind: shape.kind,
    name: shape.name.unwrap(),
    count: typedFigure(
      z
        .number()
        .nullable()
        .transform((it) => it ?? NaN)
        .pipe(shape.count),
    ),
    missing: typedFigure(
      z
        .number()
        .nullable()
        .transform((it) => it ?? 0)
        .pipe(shape.missing.unwrap()),
    ),
    holeSpacingMm: typedLength(shape.holeSpacingMm.unwrap(), units),
    bag: shape.bag.unwrap(),
    disposition: shape.disposition.unwrap(),
    /** Of new ones: one screw or two, and their spacing; asked where they are replaced. */
    newOnes: z.enum(['unknown', 'single', 'spaced']),
    newSpacingMm: typedLength(shape.holeSpacingMm.unwrap(), units),
    priceEach: z
      .string()
      .refine((it) => readMoney(it) !== undefined, 'Enter an amount such as 4.50.'),
  });
};

/** What was read from the form, as fittings are kept. */
export const fittingsOf = (
  it: z.output<ReturnType<typeof fittingsForm>>,
  old: Hardware | undefined,
  readMoney: MoneyReader,
): Hardware => {
  const { newOnes, newSpacingMm, priceEach, ...rest } = it;
  return hardwareSchema.parse({
    ...old,
    ...rest,
    id: old?.id ?? nanoid(),
    holeSpacingMm: it.kind === 'knob' ? null : it.holeSpacingMm,
    replacement:
      it.disposition !== 'replace' || newOnes === 'unknown'
        ? null
        : newOnes === 'single'
          ? { single: true, holeSpacingMm: null }
          : { single: false, holeSpacingMm: newSpacingMm },
    priceEach: readMoney(priceEach) ?? null,
  });
};
type Typed = z.input<ReturnType<typeof fittingsForm>>;

/** Fittings of which nothing is typed yet. */
export const NOTHING_TYPED: Typed = {
  kind: 'pull',
  name: '',
  count: '1',
  missing: '0',
  holeSpacingMm: '',
  bag: '',
  disposition: 'keep',
  newOnes: 'unknown',
  newSpacingMm: '',
  priceEach: '',
};

/** Fittings on the list, as they would be typed. */
export const typedFrom = (
  it: Hardware,
  units: UnitSystem,
  toTyped: (amount: number | null) => string,
): Typed => ({
  kind: it.kind,
  name: it.name,
  count: String(it.count),
  missing: String(it.missing),
  holeSpacingMm: it.holeSpacingMm === null ? '' : lengthToTyped(it.holeSpacingMm, units),
  bag: it.bag,
  disposition: it.disposition,
  newOnes: it.replacement === null ? 'unknown' : it.replacement.single ? 'single' : 'spaced',
  newSpacingMm:
    it.replacement?.holeSpacingMm == null ? '' : lengthToTyped(it.replacement.holeSpacingMm, units),
  priceEach: toTyped(it.priceEach),
});
