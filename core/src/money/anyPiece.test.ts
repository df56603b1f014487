import { asCase, asShopCase } from '../testing/asCase';
import fc from 'fast-check';
import { MATERIALS } from '../catalog';
import { stocked, type Piece, type Shop, type Stocked } from '../piece';
import { planRoute } from '../route';
import { shoppingFor, type ShoppingList } from '../supply';
import { pieces, shops } from '../testing/arbitraries';
import { didOf } from '../testing/worked';
import { costOf } from './index';

// Statements about generated pieces in generated shops: what is bought is enough, and money adds up.

const TODAY = '2026-06-15';
const COLOURS = [null, '#f4f1e8', '#22303d', 'white', 'grey'];

const containers: fc.Arbitrary<Stocked> = fc
  .record({
    id: fc.uuid(),
    material: fc.constantFrom(...MATERIALS.rows.filter((it) => !it.kept).map((it) => it.id)),
    colour: fc.constantFrom(...COLOURS),
    size: fc.constantFrom(0.25, 1, 2.5, 10),
    share: fc.integer({ min: 0, max: 100 }),
    keepsUntil: fc.constantFrom(null, '2025-01-01', TODAY, '2027-01-01'),
    paid: fc.option(fc.nat(9000)),
  })
  .map(({ share, ...it }) =>
    stocked.parse({ ...it, left: (it.size * share) / 100, seenAt: '2026-06-01T08:00:00Z' }),
  );
const stocks = fc.uniqueArray(containers, { maxLength: 40, selector: (it) => it.id });

it('a list is enough: shelf and containers hold what is wanted, nothing past its date counts', () => {
  fc.assert(
    fc.property(
      fc.array(pieces, { minLength: 1, maxLength: 3 }),
      shops,
      stocks,
      (many, shop, stock) => {
        const own = many.map((it, nth) => ({ ...it, id: `p${nth}`, archived: false }));
        const list = shoppingFor(asShopCase(own, shop, stock), TODAY);
        const byId = new Map(stock.map((it) => [it.id, it]));
        const taken = new Map<string, number>();
        for (const line of list.lines) {
          const had = line.onHand.reduce((sum, it) => sum + it.quantity, 0);
          const bought = line.bought.reduce((sum, it) => sum + it.size * it.count, 0);
          expect(had + line.missing).toBeCloseTo(line.needed + line.more, 6);
          expect(bought + 1e-6).toBeGreaterThanOrEqual(line.missing);
          expect(line.cost).toBe(line.bought.reduce((sum, it) => sum + it.price * it.count, 0));
          for (const { containerId, quantity } of line.onHand) {
            const can = byId.get(containerId);
            expect([can?.material, can?.colour]).toEqual([line.material, line.colour]);
            expect(can?.keepsUntil === null || (can?.keepsUntil ?? '') >= TODAY).toBe(true);
            taken.set(containerId, (taken.get(containerId) ?? 0) + quantity);
          }
        }
        // Nothing is promised twice.
        for (const [id, quantity] of taken) {
          expect(quantity).toBeLessThanOrEqual((byId.get(id)?.left ?? 0) + 1e-6);
        }
        expect(list.cost).toBe(list.lines.reduce((sum, it) => sum + it.cost, 0));
      },
    ),
    { numRuns: 40 },
  );
});

it('a list of some pieces holds what each alone takes, and a list for one holds nothing of the others', () => {
  fc.assert(
    fc.property(pieces, pieces, shops, (a, b, shop) => {
      const own = [a, b].map((it, nth): Piece => ({
        ...it,
        id: `p${nth}`,
        archived: false,
        ending: null,
      }));
      const all = asShopCase(own, shop);
      const takes = (of: ShoppingList, pieceId: string) =>
        of.lines
          .flatMap((line) =>
            line.from.map((it) => ({ ...it, key: `${line.material}/${line.colour}` })),
          )
          .filter((it) => it.pieceId === pieceId)
          .map((it) => `${it.key} ${it.operationId}`)
          .sort();
      for (const { id } of own) {
        const alone = shoppingFor(all, TODAY, id);
        expect(takes(shoppingFor(all, TODAY), id)).toEqual(takes(alone, id));
        expect(alone.lines.flatMap((it) => it.from).every((it) => it.pieceId === id)).toBe(true);
      }
    }),
    { numRuns: 20 },
  );
});

/** The piece after so many of its planned tasks were done, without surprises and unlogged. */
const afterTasks = (piece: Piece, shop: Shop, count: number): Piece => ({
  ...piece,
  done: planRoute(piece, shop)
    .tasks.slice(0, count)
    .map((it, nth) => didOf(it, { id: `d${nth}` })),
  log: [],
});

it('work that is done as planned costs what was planned, wherever it stands', () => {
  fc.assert(
    fc.property(pieces, shops, fc.nat(1000), (piece, shop, at) => {
      const fresh: Piece = { ...piece, done: [], log: [], putOff: [] };
      const count = planRoute(fresh, shop).tasks.length;
      const worked = afterTasks(fresh, shop, count === 0 ? 0 : at % (count + 1));
      const costs = (it: Piece) => costOf(asCase(it, shop), { stock: [], users: [it] });
      const [before, now] = [costs(fresh), costs(worked)];
      for (const sum of ['planned', 'spent', 'toCome'] as const) {
        expect(now.lines.reduce((all, it) => all + it[sum], 0)).toBe(now[sum]);
      }
      expect(now.lines.every((it) => Number.isInteger(it.spent) && it.spent >= 0)).toBe(true);
      // Each line is rounded by itself, and a step that is done in two goes wants the tray twice.
      const lines = now.lines.length + 1;
      expect(now.planned).toBe(before.planned);
      expect(now.expected).toBeGreaterThanOrEqual(before.expected - lines);
      expect(now.hours.planned).toBe(before.hours.planned);
    }),
    { numRuns: 40 },
  );
});
