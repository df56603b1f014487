import fc from 'fast-check';
import { VENEER_CUT, type VeneerFormat } from '../catalog';
import { cutVeneer, type VeneerPart } from './index';

const { overhangMm, kerfMm } = VENEER_CUT;
const SMALL: VeneerFormat = { widthMm: 600, lengthMm: 1000, size: 0.6, price: 2000 };
const part = (widthMm: number, lengthMm: number, name = 'a'): VeneerPart => ({
  name,
  widthMm,
  lengthMm,
});

const parts = fc.array(
  fc.record({
    name: fc.constant('a'),
    widthMm: fc.integer({ min: 60, max: 570 }),
    lengthMm: fc.integer({ min: 60, max: 970 }),
  }),
  { minLength: 1, maxLength: 12 },
);

interface Rectangle {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}
const apart = (a: Rectangle, b: Rectangle): boolean =>
  a.x + a.width + kerfMm <= b.x ||
  b.x + b.width + kerfMm <= a.x ||
  a.y + a.height + kerfMm <= b.y ||
  b.y + b.height + kerfMm <= a.y;

/** What is cut of a part, written out here once more. */
const cut = (it: VeneerPart) => ({
  width: it.widthMm + 2 * overhangMm,
  height: it.lengthMm + 2 * overhangMm,
});

it('lays every part once, inside its sheet, grain along it, apart from all others', () => {
  fc.assert(
    fc.property(parts, (list) => {
      const { sheets, tooLarge } = cutVeneer(list, [SMALL]);
      const laid = sheets.flat();
      expect(tooLarge).toEqual([]);
      const sizes = (all: readonly VeneerPart[]) =>
        all.map((it) => `${it.widthMm}×${it.lengthMm}`).sort();
      expect(sizes(laid)).toEqual(sizes(list));
      for (const sheet of sheets) {
        const rectangles = sheet.map((it) => ({ x: it.x, y: it.y, ...cut(it) }));
        for (const [nth, it] of rectangles.entries()) {
          expect(it.x >= 0 && it.y >= 0).toBe(true);
          expect(it.x + it.width).toBeLessThanOrEqual(SMALL.widthMm);
          expect(it.y + it.height).toBeLessThanOrEqual(SMALL.lengthMm);
          for (const other of rectangles.slice(nth + 1)) expect(apart(it, other)).toBe(true);
        }
      }
    }),
    { numRuns: 100 },
  );
});

/**
 * The fewest sheets, by exact search: each part in turn at every place that is a sum of widths and
 * a sum of lengths of others (normal positions; no better packing exists elsewhere).
 */
const fewest = (list: readonly VeneerPart[]): number => {
  const sizes = list.map(cut);
  const sums = (of: readonly number[], most: number): readonly number[] =>
    [
      ...of.reduce(
        (all, it) => new Set([...all, ...[...all].map((sum) => sum + it + kerfMm)]),
        new Set([0]),
      ),
    ]
      .filter((it) => it < most)
      .sort((a, b) => a - b);
  const xs = sums(
    sizes.map((it) => it.width),
    SMALL.widthMm,
  );
  const ys = sums(
    sizes.map((it) => it.height),
    SMALL.lengthMm,
  );
  const canLay = (left: typeof sizes, sheets: readonly (readonly Rectangle[])[]): boolean => {
    const [it, ...rest] = left;
    if (!it) return true;
    return sheets.some((sheet, nth) =>
      // An empty sheet is like any other empty one: only the first is tried.
      sheet.length === 0 && sheets.findIndex((one) => one.length === 0) < nth
        ? false
        : xs.some((x) =>
            ys.some((y) => {
              const placed = { x, y, ...it };
              return (
                x + it.width <= SMALL.widthMm &&
                y + it.height <= SMALL.lengthMm &&
                sheet.every((other) => apart(placed, other)) &&
                canLay(
                  rest,
                  sheets.map((one, at) => (at === nth ? [...one, placed] : one)),
                )
              );
            }),
          ),
    );
  };
  let count = 1;
  while (
    !canLay(
      sizes,
      Array.from({ length: count }, () => []),
    )
  )
    count++;
  return count;
};

it('needs as many sheets as an exact search on small cases', () => {
  let more = 0;
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          name: fc.constant('a'),
          widthMm: fc.integer({ min: 150, max: 570 }),
          lengthMm: fc.integer({ min: 250, max: 970 }),
        }),
        { minLength: 1, maxLength: 4 },
      ),
      (list) => {
        const planned = cutVeneer(list, [SMALL]).sheets.length;
        const exact = fewest(list);
        expect(planned).toBeGreaterThanOrEqual(exact);
        more += planned - exact;
      },
    ),
    { numRuns: 60 },
  );
  expect(more).toBe(0);
});

it('takes the format that costs least, tells the waste, and what no sheet holds', () => {
  const large: VeneerFormat = { widthMm: 1200, lengthMm: 1000, size: 1.2, price: 3000 };
  // Four of 270 × 470: two small sheets hold two each at 2000, one large holds all at 3000.
  const four = Array.from({ length: 4 }, () => part(500, 900));
  expect(cutVeneer(four.slice(0, 1), [SMALL, large]).format).toBe(SMALL);
  const plan = cutVeneer(four.slice(0, 2), [SMALL, large]);
  expect([plan.format, plan.sheets.length]).toEqual([large, 1]);
  expect(plan.waste).toBeCloseTo(1 - (2 * 0.5 * 0.9) / 1.2, 9);
  expect(cutVeneer([part(700, 500, 'wide')], [SMALL]).tooLarge.map((it) => it.name)).toEqual([
    'wide',
  ]);
});
