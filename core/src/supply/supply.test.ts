import fc from 'fast-check';
import loadHighs from 'highs';
import { MATERIALS, type Container } from '../catalog';
import { USUAL_SHOP } from '../piece';
import { planRoute } from '../route';
import { painted, pieceOf } from '../testing/pieces';
import { needsOf } from '../needs';
import { cheapestContainers } from './index';

const box = (size: number, price: number): Container => ({ size, price });

describe('the cheapest containers', () => {
  // Worked by hand.
  it.each([
    ['one that is just enough', 1, [box(1, 1500)], [[1, 1]], 1500, 0],
    [
      'a large one, cheaper than two small',
      1.2,
      [box(1, 1500), box(2.5, 2800)],
      [[2.5, 1]],
      2800,
      1.3,
    ],
    [
      'two small, cheaper than a large',
      1.2,
      [box(0.75, 900), box(2.5, 2800)],
      [[0.75, 2]],
      1800,
      0.3,
    ],
    [
      'a large and a small',
      3.1,
      [box(0.75, 900), box(2.5, 2800)],
      [
        [0.75, 1],
        [2.5, 1],
      ],
      3700,
      0.15,
    ],
    ['more for the same money', 0.7, [box(0.75, 900), box(1, 900)], [[1, 1]], 900, 0.3],
    ['nothing for nothing', 0, [box(1, 1500)], [], 0, 0],
  ] as const)('%s', (_, need, containers, bought, cost, left) => {
    const purchase = cheapestContainers(need, [...containers]);
    expect(purchase?.bought.map((it) => [it.container.size, it.count])).toEqual(bought);
    expect(purchase?.cost).toBe(cost);
    expect(purchase?.left).toBeCloseTo(left, 9);
  });

  it('of what is sold in none: there is no way', () => {
    expect(cheapestContainers(1, [])).toBeUndefined();
  });

  it.each([[box(0.00049, 100)], [box(1, 9.5)], [box(-1, 100)]])('%j is no container', (it) => {
    expect(() => cheapestContainers(1, [it])).toThrow(/thousandths/);
  });

  const shelves = fc.uniqueArray(
    fc.record({
      size: fc.constantFrom(0.1, 0.25, 0.375, 0.5, 0.75, 0.946, 1, 2, 2.5, 3.785, 5),
      price: fc.integer({ min: 100, max: 9000 }),
    }),
    { minLength: 1, maxLength: 5, selector: (it) => it.size },
  );
  const needs = fc.integer({ min: 1, max: 12_000 }).map((it) => it / 1000);

  it('hold the need, cost what they cost, whatever the order of the shelf, and more never costs less', () => {
    fc.assert(
      fc.property(needs, shelves, (need, containers) => {
        const purchase = cheapestContainers(need, containers);
        const sum = (of: (it: Container) => number) =>
          purchase?.bought.reduce((total, it) => total + of(it.container) * it.count, 0) ?? 0;
        expect(sum((it) => it.size)).toBeGreaterThanOrEqual(need - 1e-9);
        expect(sum((it) => it.size) - need).toBeCloseTo(purchase?.left ?? NaN, 9);
        expect(sum((it) => it.price)).toBe(purchase?.cost);
        expect(Number.isInteger(purchase?.cost)).toBe(true);
        const turned = cheapestContainers(need, [...containers].reverse());
        expect(turned?.cost).toBe(purchase?.cost);
        const more = cheapestContainers(need + 0.4, containers);
        expect(more?.cost ?? 0).toBeGreaterThanOrEqual(purchase?.cost ?? 0);
      }),
      { numRuns: 200 },
    );
  });

  it('are those of an integer programme (HiGHS) on 200 shelves', async () => {
    const highs = await loadHighs();
    fc.assert(
      fc.property(needs, shelves, (need, containers) => {
        const sum = (of: (it: Container) => number) =>
          containers.map((it, nth) => `${of(it)} x${nth}`).join(' + ');
        const solved = highs.solve(
          [
            'Minimize',
            ` cost: ${sum((it) => it.price)}`,
            'Subject To',
            ` held: ${sum((it) => Math.round(it.size * 1000))} >= ${Math.round(need * 1000)}`,
            'General',
            ` ${containers.map((_, nth) => `x${nth}`).join(' ')}`,
            'End',
          ].join('\n'),
        );
        expect(solved.Status).toBe('Optimal');
        expect(cheapestContainers(need, containers)?.cost).toBe(Math.round(solved.ObjectiveValue));
      }),
      { numRuns: 200 },
    );
  });

  it('can be told of every material that is used up', () => {
    for (const row of MATERIALS.rows) {
      if (row.kept) continue;
      expect([row.id, cheapestContainers(1, row.containers)?.bought.length]).not.toEqual([
        row.id,
        0,
      ]);
      expect(() => cheapestContainers(0.3, row.containers)).not.toThrow();
    }
  });
});

describe('what is needed', () => {
  const table = pieceOf({
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' } },
    aims: { top: painted('white', 'none') },
  });
  const route = planRoute(table, USUAL_SHOP);
  const needs = needsOf([{ piece: table, route }]);

  it('of paint is the film of each coat, its transfer, and what stays in the tray', () => {
    const coats = route.operations.filter((it) => it.coating === 'cabinetEnamel');
    const enamel = needs.find((it) => it.material === 'cabinetEnamel');
    expect(enamel?.from).toHaveLength(coats.length);
    // 1.12 m²; a coat of a tenth of a litre or more leaves 40 ml in tray and brush, each time.
    for (const it of enamel?.from ?? []) {
      expect(it.quantity).toBeGreaterThan(0.06);
      expect(it.lost).toBeCloseTo(Math.max(0.04, 0.1 - it.quantity), 9);
    }
    const sum = enamel?.from.reduce((total, it) => total + it.quantity + it.lost, 0);
    expect(enamel?.quantity).toBeCloseTo(sum ?? NaN, 9);
  });

  it('of two pieces is the sum of both, colour by colour; equipment is none', () => {
    const both = needsOf([
      { piece: table, route },
      { piece: { ...table, id: 'b' }, route },
    ]);
    expect(both.map((it) => it.material)).toEqual(needs.map((it) => it.material));
    both.forEach((it, nth) =>
      expect(it.quantity).toBeCloseTo(2 * (needs[nth]?.quantity ?? NaN), 9),
    );
    const aims = [
      { surfaceId: 'top', scheme: painted('dark', 'none'), stripWish: 'best' as const },
    ];
    const dark = planRoute({ ...table, aims }, USUAL_SHOP);
    const mixed = needsOf([
      { piece: table, route },
      { piece: table, route: dark },
    ]);
    expect(mixed.filter((it) => it.material === 'cabinetEnamel')).toHaveLength(2);
    for (const it of mixed) expect(MATERIALS.get(it.material).kept).toBe(false);
  });
});
