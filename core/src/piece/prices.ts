import { z } from 'zod';
import { MATERIALS, priceBy, type Container, type Material } from '../catalog';
import { amount } from './amount';

/** A size that a material is sold in here, in its unit, and what it costs. */
export const ownContainer = z.object({
  size: z
    .number('Give the size.')
    .min(0.001, 'At least a thousandth of the unit.')
    .max(10_000, 'That is too big to be true.')
    .overwrite((it) => Math.round(it * 1000) / 1000),
  price: amount,
});

/** The shop's own prices of one material: they stand in place of the catalog's placeholders. */
export const ownPrice = z.object({
  material: MATERIALS.id,
  /** None: back to the placeholders. */
  containers: z.array(ownContainer).max(12, 'Twelve sizes at the most.'),
});
export type OwnPrice = z.infer<typeof ownPrice>;

/** The price book of a shop. */
export type PriceBook = readonly OwnPrice[];

const ownOf = (book: PriceBook, material: Material): OwnPrice | undefined =>
  book.find((it) => it.material === material && it.containers.length > 0);

/** Has the shop said what this costs? Else its price is a placeholder, and is marked as one. */
export const isOwnPrice = (book: PriceBook, material: Material): boolean =>
  ownOf(book, material) !== undefined;

/** The sizes that a material is sold in, by the shop's own prices or else the placeholders. */
export const containersIn = (book: PriceBook, material: Material): readonly Container[] =>
  ownOf(book, material)?.containers ?? MATERIALS.get(material).containers;

/**
 * What a quantity costs, minor units of money, by the container nearest to a single unit; not
 * rounded, and not rounded up to whole containers.
 */
export const priceIn = (book: PriceBook, material: Material, quantity: number): number =>
  priceBy(containersIn(book, material), quantity);

/** The book with these prices in it, in place of what it said of their materials. */
export const withPrices = (book: PriceBook, told: readonly OwnPrice[]): OwnPrice[] => {
  const fresh = new Map(told.map((it) => [it.material, it]));
  return [...book.filter((it) => !fresh.has(it.material)), ...fresh.values()].filter(
    (it) => it.containers.length > 0,
  );
};
