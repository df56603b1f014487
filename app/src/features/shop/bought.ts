import type { Change } from '@obrik/core/ledger';
import { containersIn, isOwnPrice, type PriceBook, type Stocked } from '@obrik/core/piece';
import type { ShoppingLine } from '@obrik/core/supply';
import { nanoid } from '@reduxjs/toolkit';
import { shopNow } from '@/device';

/**
 * So many containers of one size, as they come into the stock.
 * @param paid for one, minor units; null where nobody knows
 * @param on the day, by the clock of the shop
 */
export const asBought = (
  { material, colour }: Pick<ShoppingLine, 'material' | 'colour'>,
  size: number,
  count: number,
  paid: number | null,
  on: string,
): readonly Stocked[] =>
  Array.from({ length: count }, () => ({
    id: nanoid(),
    material,
    colour,
    code: '',
    size,
    left: size,
    seenAt: shopNow().toISOString(),
    seenBy: 'bought' as const,
    boughtOn: on,
    openedOn: null,
    keepsUntil: null,
    place: '',
    paid,
    gone: false,
  }));

/** What a line says is to be bought; a placeholder is no price that anybody paid. */
export const boughtAsListed = (line: ShoppingLine, on: string): readonly Stocked[] =>
  line.bought.flatMap((it) =>
    asBought(line, it.size, it.count, line.placeholder ? null : it.price, on),
  );

/** What was paid becomes the shop's own price of that size. */
export const pricesPaid = (containers: readonly Stocked[], book: PriceBook): readonly Change[] => {
  const [first] = containers;
  if (!first || first.paid === null) return [];
  const { material, size, paid } = first;
  const old = isOwnPrice(book, material) ? containersIn(book, material) : [];
  if (old.some((it) => it.size === size && it.price === paid)) return [];
  const sizes = [...old.filter((it) => it.size !== size), { size, price: paid }].sort(
    (a, b) => a.size - b.size,
  );
  return [{ kind: 'priced', prices: [{ material, containers: sizes }] }];
};

/** So much of a line is each piece's own. */
export const sharesOf = (line: Pick<ShoppingLine, 'from'>): ReadonlyMap<string, number> => {
  const parts = new Map<string, number>();
  for (const it of line.from) {
    parts.set(it.pieceId, (parts.get(it.pieceId) ?? 0) + it.quantity + it.lost);
  }
  return parts;
};
