import { z } from 'zod';
import { MATERIALS } from '../catalog';
import { amount } from './amount';
import { id } from './evidence';
import { typedText } from './text';

const quantity = z
  .number('Give a figure.')
  .min(0, 'Not less than nothing.')
  .max(10_000, 'That is too much to be true.');
const day = z.iso.date('Give a day like 2026-12-24.');

/** How somebody knows how much is left. */
export const SEEN_BY = ['bought', 'weighed', 'eye'] as const;

/** One container that stands in the shop, as it was last seen. */
export const stocked = z.object({
  id,
  material: MATERIALS.id,
  /** The colour that is in it, as the route names it; null where it has none of its own. */
  colour: typedText().max(40).nullable().default(null),
  /** What stands on it, typed or pasted: code or lot. */
  code: typedText().trim().max(60, 'Keep it under 60 letters.').default(''),
  /** What it holds when it is full, in the unit of the material. */
  size: quantity.min(0.001, 'At least a thousandth of the unit.'),
  /** What was left in it at `seenAt`; what the bench writes down later is taken off. */
  left: quantity,
  seenAt: z.iso.datetime({ message: 'Give the time as UTC, like 2026-01-31T18:20:00Z.' }),
  seenBy: z.enum(SEEN_BY).default('bought'),
  boughtOn: day.nullable().default(null),
  openedOn: day.nullable().default(null),
  /** Best before; null where nobody knows: then the shelf life of its kind counts from the day it was bought. */
  keepsUntil: day.nullable().default(null),
  place: typedText().trim().max(60, 'Keep it under 60 letters.').default(''),
  /** What was paid for it, minor units; null where nobody knows. */
  paid: amount.nullable().default(null),
  /** Thrown away or used up: out of the stock, kept in the record. */
  gone: z.boolean().default(false),
});
export type Stocked = z.infer<typeof stocked>;

/** The stock with these containers in it, in place of what it said of them. */
export const withStocked = (stock: readonly Stocked[], told: readonly Stocked[]): Stocked[] => {
  const fresh = new Map(told.map((it) => [it.id, it]));
  return [
    ...stock.map((it) => fresh.get(it.id) ?? it),
    ...[...fresh.values()].filter((it) => !stock.some((old) => old.id === it.id)),
  ];
};
