import { MATERIALS, type Material } from '../catalog';
import { containersIn, isOwnPrice, ownContainer, type OwnPrice, type PriceBook } from '../piece';
import { moneyToTyped, typedToMoney } from '../units';
import type { DataTable } from './tables';

const COLUMNS = ['material', 'name', 'unit', 'size', 'price', 'set_here'] as const;
const YES = 'yes';

/**
 * The price book as a table: a row for each size of each material that is used up. What the shop has
 * not set stands as a placeholder, `set_here` empty.
 */
export const pricesTable = (book: PriceBook, currency: string | null): DataTable => ({
  name: 'prices',
  columns: COLUMNS,
  rows: MATERIALS.rows
    .filter((it) => !it.kept)
    .flatMap(({ id, label, unit }) =>
      containersIn(book, id).map(({ size, price }) => [
        id,
        label,
        unit,
        size,
        moneyToTyped(price, currency),
        isOwnPrice(book, id) ? YES : '',
      ]),
    ),
});

/** A row of a price list that could not be read: where, what is wrong, what to do. */
export interface PriceProblem {
  /** As the file counts them, its head being 1. */
  readonly line: number;
  readonly message: string;
}

const isMaterial = (name: string): name is Material =>
  (MATERIALS.ids as readonly string[]).includes(name);

/** Reads a number with a point or a comma. */
const figure = (typed: string): number =>
  /^\d+([.,]\d+)?$/.test(typed.trim()) ? Number(typed.trim().replace(',', '.')) : NaN;

/**
 * Reads a price list: columns material, size, price, in any order, others are passed over. A row
 * without `set_here` is a placeholder and is passed over too, where that column stands. What can't
 * be read is told, and the other rows are still taken.
 * @param rows the cells of the file, head first
 */
export const readPrices = (
  rows: readonly (readonly string[])[],
  currency: string | null,
): { readonly prices: readonly OwnPrice[]; readonly problems: readonly PriceProblem[] } => {
  const [head = [], ...body] = rows;
  const names = head.map((it) =>
    it
      .replace(/^\uFEFF/, '')
      .trim()
      .toLowerCase(),
  );
  const at = (name: (typeof COLUMNS)[number]) => names.indexOf(name);
  const missing = (['material', 'size', 'price'] as const).filter((it) => at(it) < 0);
  if (missing.length > 0) {
    return {
      prices: [],
      problems: [
        {
          line: 1,
          message: `No column ${missing.join(', ')}. The first line names the columns: material, size, price.`,
        },
      ],
    };
  }
  const read = new Map<Material, { size: number; price: number }[]>();
  const problems: PriceProblem[] = [];
  body.forEach((cells, nth) => {
    const cell = (name: (typeof COLUMNS)[number]) => cells[at(name)]?.trim() ?? '';
    const line = nth + 2;
    if (cells.every((it) => it.trim() === '')) return;
    if (at('set_here') >= 0 && cell('set_here') === '') return;
    const material = cell('material');
    if (!isMaterial(material) || MATERIALS.get(material).kept) {
      problems.push({
        line,
        message: `“${material}” is no material here. Take the names of a saved price list.`,
      });
      return;
    }
    const price = typedToMoney(cell('price'), currency);
    const container = ownContainer.safeParse({ size: figure(cell('size')), price });
    if (!container.success) {
      problems.push({
        line,
        message:
          price === undefined
            ? `“${cell('price')}” is no price. Give it like 12.40.`
            : `“${cell('size')}” is no size. Give it like 0.75.`,
      });
      return;
    }
    read.set(material, [...(read.get(material) ?? []), container.data]);
  });
  return {
    prices: [...read].map(([material, containers]) => ({
      material,
      containers: containers.slice(0, MOST_SIZES),
    })),
    problems,
  };
};

/** As many as the price book takes of one material. */
const MOST_SIZES = 12;
