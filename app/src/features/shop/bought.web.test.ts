import type { ShoppingLine } from '@obrik/core/supply';
import { asBought, boughtAsListed, pricesPaid, sharesOf } from './bought';

const TODAY = '2026-12-01';
const LINE: ShoppingLine = {
  material: 'cabinetEnamel',
  label: 'Waterborne cabinet enamel',
  colour: '#22303d',
  unit: 'L',
  aisle: 'paint',
  needed: 1.2,
  reckoned: 1.2,
  more: 0,
  from: [
    { pieceId: 'a', operationId: 'x', title: 'Coat 1', quantity: 0.4, lost: 0.04, film: null },
    { pieceId: 'b', operationId: 'y', title: 'Coat 1', quantity: 0.3, lost: 0.06, film: null },
    { pieceId: 'a', operationId: 'z', title: 'Coat 2', quantity: 0.36, lost: 0.04, film: null },
  ],
  stocked: 0,
  onHand: [],
  missing: 1.2,
  bought: [
    { size: 1, price: 2950, count: 1 },
    { size: 0.25, price: 990, count: 2 },
  ],
  cost: 4930,
  left: 0.3,
  placeholder: false,
  cut: null,
};

it('what is ticked off stands on the shelf, can by can, full, at its price', () => {
  const cans = boughtAsListed(LINE, TODAY);
  expect(cans.map((it) => [it.size, it.left, it.paid, it.colour])).toEqual([
    [1, 1, 2950, '#22303d'],
    [0.25, 0.25, 990, '#22303d'],
    [0.25, 0.25, 990, '#22303d'],
  ]);
  expect(new Set(cans.map((it) => it.id)).size).toBe(3);
});

it('a placeholder is nothing that was paid', () => {
  expect(boughtAsListed({ ...LINE, placeholder: true }, TODAY).map((it) => it.paid)).toEqual([
    null,
    null,
    null,
  ]);
});

describe('what was paid becomes the price of the shop', () => {
  const book = [{ material: 'cabinetEnamel' as const, containers: [{ size: 1, price: 2950 }] }];
  it.each([
    {
      says: 'a new size beside the old',
      size: 0.75,
      paid: 2190,
      sizes: [
        [0.75, 2190],
        [1, 2950],
      ],
    },
    { says: 'another price of a size in its place', size: 1, paid: 3100, sizes: [[1, 3100]] },
  ])('$says', ({ size, paid, sizes }) => {
    const [change] = pricesPaid(asBought(LINE, size, 2, paid, TODAY), book);
    const told = change?.kind === 'priced' ? change.prices[0]?.containers : undefined;
    expect(told?.map((it) => [it.size, it.price])).toEqual(sizes);
  });

  it('nothing where it is known, or nobody said what was paid', () => {
    expect(pricesPaid(asBought(LINE, 1, 1, 2950, TODAY), book)).toEqual([]);
    expect(pricesPaid(asBought(LINE, 1, 1, null, TODAY), book)).toEqual([]);
    expect(pricesPaid([], book)).toEqual([]);
  });

  it('and drops placeholders of the catalog: only what was paid is known', () => {
    const [change] = pricesPaid(asBought(LINE, 1, 1, 2800, TODAY), []);
    expect(change?.kind === 'priced' && change.prices[0]?.containers).toEqual([
      { size: 1, price: 2800 },
    ]);
  });
});

it('a line is shared out over its pieces, what stays in the tray with it', () => {
  const shares = sharesOf(LINE);
  expect(shares.get('a')).toBeCloseTo(0.84, 9);
  expect(shares.get('b')).toBeCloseTo(0.36, 9);
});
