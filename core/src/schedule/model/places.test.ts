import { shop as shopSchema, surfacesOf, type Piece, type Shop } from '../../piece';
import { allAims, painted, pieceOf } from '../../testing/pieces';
import { taskFor } from '../../testing/tasks';
import { planFaults } from '../../testing/planFaults';
import { benchOf, inSessions, planShop, problemOf } from '..';
import { placesInSpaces } from './places';

const HOUR = 60;
/** A Monday, eight in the morning. */
const NOW = Date.UTC(2026, 2, 2, 8) / 60_000;
const ASKED = { objective: 'finish', seed: 1, rounds: 10 } as const;

const days = (from: number, to: number) =>
  Array.from({ length: 7 }, () => [{ from: from * HOUR, to: to * HOUR }]);
const shopOf = (told: object = {}): Shop =>
  shopSchema.parse({ airCelsius: 21, airHumidity: 50, ...told });
const TWO = [
  { id: 'runa', name: 'Runa', hours: days(8, 17), skills: ['strip', 'repair'] },
  { id: 'tove', name: 'Tove', hours: days(9, 18), skills: ['spray', 'repair'] },
];

const chest: Piece = {
  ...pieceOf({ template: 'chest', aims: allAims('chest', painted()) }),
  id: 'chest',
};

const waysOf = (shop: Shop, told: Parameters<typeof taskFor>[0], looseM2 = 0) => {
  const places = placesInSpaces(shop, NOW, undefined);
  return { ways: places.waysOf(taskFor(told), looseM2), places };
};

describe('whose hands', () => {
  it('are those of who can do it; where nobody can, anybody’s', () => {
    const shop = shopOf({ people: TWO });
    const who = (told: Parameters<typeof taskFor>[0]) => [
      ...new Set(waysOf(shop, told).ways.flatMap((it) => it.hands)),
    ];
    expect(who({ phase: 'strip' })).toEqual([0]);
    expect(who({ phase: 'repair' })).toEqual([0, 1]);
    expect(who({ phase: 'sand' })).toEqual([0, 1]);
    const none = shopOf({ people: TWO.map((it) => ({ ...it, skills: [] })) });
    expect(waysOf(none, { phase: 'strip' }).ways.length).toBeGreaterThan(0);
  });

  it('a sheet of veneer wants two pairs, in the hours that both have; alone where they never meet', () => {
    const { ways, places } = waysOf(shopOf({ people: TWO }), { method: 'lay-veneer' });
    expect(ways.map((it) => it.hands)).toEqual([[0, 1]]);
    const [first] =
      places.calendars[ways[0]?.calendar ?? -1]?.spans.filter((it) => it.to > NOW) ?? [];
    // Runa from eight to five, Tove from nine to six: together from nine to five.
    expect(first).toEqual({ from: NOW + HOUR, to: NOW + 9 * HOUR });
    const apart = shopOf({
      people: TWO.map((it, nth) => ({ ...it, hours: nth === 0 ? days(8, 12) : days(13, 18) })),
    });
    expect(waysOf(apart, { method: 'lay-veneer' }).ways.map((it) => it.hands)).toEqual([[0], [1]]);
    const alone = shopOf({ people: TWO.slice(0, 1) });
    expect(waysOf(alone, { method: 'lay-veneer' }).ways.map((it) => it.hands)).toEqual([[0]]);
  });

  it('two in one job are two sittings, each by name', () => {
    const entry = {
      pieceId: 'a',
      name: 'A',
      personIds: ['runa', 'tove'],
      worked: [{ from: 0, to: 30 }],
    } as unknown as Parameters<typeof inSessions>[0][number];
    expect(inSessions([entry]).map((it) => it.personId)).toEqual(['runa', 'tove']);
  });
});

describe('racks', () => {
  const fronts = surfacesOf(chest).filter((it) => it.role === 'fronts');
  const frontsM2 = fronts.reduce((sum, it) => sum + it.areaMm2, 0) / 1e6;

  it('are taken by the area of what hangs on them; more than there is takes all', () => {
    const shop = shopOf({ spaces: [{ id: 'shop', name: 'Shop', racksM2: 1.5 }] });
    const coat = {
      phase: 'colour' as const,
      traits: {
        lays: { series: 'paint' as const, nth: 1, coating: 'cabinetEnamel' as const, colour: null },
      },
    };
    const amount = (m2: number) => waysOf(shop, coat, m2).ways[0]?.racks[0]?.amount;
    expect(amount(0.5)).toBe(50);
    expect(amount(4)).toBe(150);
    expect(waysOf(shop, coat).ways[0]?.racks).toEqual([]);
    expect(waysOf(shopOf(), coat, 4).ways[0]?.racks).toEqual([]);
  });

  it('hold what they hold: two chests with fronts for one rack wait for each other', () => {
    expect(frontsM2).toBeGreaterThan(0.1);
    const shop = (racksM2: number | null): Shop =>
      shopOf({
        people: TWO.map((it) => ({ ...it, skills: ['strip', 'repair', 'spray'] })),
        spaces: [{ id: 'shop', name: 'Shop', racksM2, places: 6 }],
      });
    const pieces = [chest, { ...chest, id: 'other' }];
    const planIn = (it: Shop) => planShop(benchOf(pieces, it, NOW), it, NOW, ASKED);
    const small = planIn(shop(Math.ceil(frontsM2 * 10) / 10));
    expect(planFaults(small.of.problem, small.answer.plan)).toEqual([]);
    const coats = problemOf(benchOf(pieces, shop(1), NOW), shop(1), NOW).problem.jobs.filter((it) =>
      it.ways.some((way) => way.racks.length > 0),
    );
    expect(coats.length).toBeGreaterThan(1);
    expect(small.answer.outcome.finish).toBeGreaterThanOrEqual(
      planIn(shop(null)).answer.outcome.finish - 1e-6,
    );
  });
});
