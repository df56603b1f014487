import fc from 'fast-check';
import { CLIMATES, ROOMS, type Climate, type Room } from '../../catalog';
import { shop as shopSchema, surfacesOf, type Piece, type Shop } from '../../piece';
import { pieces as anyPieces, shops as anyShopSettings } from '../../testing/arbitraries';
import { painted, pieceOf } from '../../testing/pieces';
import { airHelp, benchOf, planAsText, planShop, promisesOf, viewOf } from '..';

const MS = 60_000;
const DAY = 24 * 60;
const NOVEMBER = Date.UTC(2026, 10, 30, 14) / MS;
const ASKED = { objective: 'finish', seed: 1, rounds: 2 } as const;

/** A sound, late chest that is painted all over. */
const chest = (): Piece => {
  const bare = pieceOf({ template: 'chest' });
  const aims = Object.fromEntries(surfacesOf(bare).map(({ id }) => [id, painted()]));
  return pieceOf({ template: 'chest', aims });
};

/** What is no figure in something that screens and papers tell, with where it stands. */
const notFigures = (it: unknown, where = ''): readonly string[] => {
  if (typeof it === 'number') return Number.isFinite(it) ? [] : [`${where} is ${it}`];
  if (typeof it === 'string') return /NaN|Infinity|Invalid/.test(it) ? [`${where}: ${it}`] : [];
  if (typeof it !== 'object' || it === null) return [];
  return Object.entries(it).flatMap(([key, value]) => notFigures(value, `${where}.${key}`));
};

const everythingTold = (pieces: readonly Piece[], shop: Shop, now: number) => {
  const bench = benchOf(pieces, shop, now);
  const plan = planShop(bench, shop, now, ASKED);
  const view = viewOf(bench, shop, now, plan, promisesOf(bench, plan, 1));
  return { plan, view, text: planAsText(plan, shop.timeZone) };
};

describe('a wait without end', () => {
  // Waterborne coats don't form a film below about 8 °C: common practice, no source.
  it.each([4, 6, 7.9])('at %d °C is a state, with what stalls it, and no date', (airCelsius) => {
    const shop = shopSchema.parse({ airCelsius });
    const { plan, view, text } = everythingTold([chest()], shop, NOVEMBER);
    expect(plan.finish).toBeNull();
    expect(view.timetable.done).toEqual([{ pieceId: 'test-piece', at: null }]);
    expect(plan.timetable.stalled[0]?.by).toMatchObject({ kind: 'air', wrong: ['cold'] });
    expect(text).toMatch(/No finish date: \d+ steps are stalled\.\n$/);
    expect([...notFigures(view), ...notFigures(text)]).toEqual([]);
  });

  it('somebody with no hours long enough is told so', () => {
    const hours = Array.from({ length: 7 }, () => []);
    const shop = shopSchema.parse({ people: [{ id: 'me', name: 'Me', hours }] });
    const { plan } = everythingTold([chest()], shop, NOVEMBER);
    expect(plan.timetable.stalled[0]?.by).toEqual({ kind: 'hours' });
  });

  it('is none in any climate, room, half of the globe and month, two by two', () => {
    const piece = pieceOf({ template: 'chest', aims: { top: painted() } });
    // Nothing is done on it: its route is the same in all of them.
    const bench = benchOf([piece], shopSchema.parse({}), NOVEMBER);
    const told = Array.from({ length: 60 }, (_, at) => {
      const [month, climate] = [at % 12, Math.floor(at / 12)];
      const room = ROOMS.ids[(month + climate) % ROOMS.ids.length] as Room;
      const south = (Math.floor(month / 4) + climate) % 2 === 1;
      const shop = shopSchema.parse({
        spaces: [{ id: 'shop', name: 'Shop', room }],
        air: { kind: 'typical', climate: CLIMATES.ids[climate] as Climate, south },
      });
      const now = Date.UTC(2026, month, 10, 14) / MS;
      const plan = planShop(bench, shop, now, ASKED);
      const text = planAsText(plan, shop.timeZone);
      const told = notFigures(viewOf(bench, shop, now, plan));
      return [...told, ...notFigures(text), ...(plan.finish === null ? [text] : [])];
    });
    expect(told.flat()).toEqual([]);
  });

  it('in any shop with any pieces every figure is one, on screens and on paper', () => {
    fc.assert(
      fc.property(
        anyPieces,
        anyShopSettings,
        fc.integer({ min: -20, max: 50 }),
        fc.constantFrom('steady', 'typical'),
        (it, settings, airCelsius, kind) => {
          const shop: Shop = { ...settings, airCelsius, air: { ...settings.air, kind } };
          const { view, text } = everythingTold([it], shop, NOVEMBER);
          expect([...notFigures(view), ...notFigures(text)]).toEqual([]);
        },
      ),
      { numRuns: 8 },
    );
  });
});

describe('help in the cold', () => {
  const shed = shopSchema.parse({ air: { kind: 'typical', climate: 'continental' } });

  it('says what is too cold, until spring, and tries a heater and a room indoors', () => {
    const help = airHelp('test-piece', [chest()], shed, NOVEMBER);
    expect(help?.held).toMatchObject({ place: 'Shop', wrong: ['cold'] });
    // A continental shed comes back to 10 °C in April or so: by the sines of the catalog, by hand.
    const months = ((help?.held.until ?? 0) - NOVEMBER) / DAY / 30.4;
    expect(months).toBeGreaterThan(3);
    expect(months).toBeLessThan(6);
    expect(help?.tried.map((it) => it.remedy.kind)).toEqual(
      expect.arrayContaining(['heater', 'indoors']),
    );
    for (const { done } of help?.tried ?? []) expect(done).toBeLessThan(help?.asItIs ?? 0);
  });

  it('what was tried and is put on record gives the day that it was tried with', () => {
    const help = airHelp('test-piece', [chest()], shed, NOVEMBER);
    const heater = help?.tried.find((it) => it.remedy.kind === 'heater');
    const [set] = heater?.recorded ?? [];
    expect(set?.pieceId).toBeNull();
    const warm: Shop = { ...shed, ...(set && 'settings' in set ? set.settings : {}) };
    const asked = { ...ASKED, rounds: 10 };
    const plan = planShop(benchOf([chest()], warm, NOVEMBER), warm, NOVEMBER, asked);
    expect(plan.timetable.done[0]?.at).toBe(heater?.done);
    expect(airHelp('test-piece', [chest()], warm, NOVEMBER)).toBeUndefined();
  });

  it('where all plans have no end but one, that one stands with its date', () => {
    const typed = shopSchema.parse({ airCelsius: 6 });
    const help = airHelp('test-piece', [chest()], typed, NOVEMBER);
    expect(help).toMatchObject({ asItIs: null, held: { until: null, wrong: ['cold'] } });
    expect(help?.tried[0]?.recorded).toEqual([{ pieceId: null, settings: { airCelsius: 20 } }]);
  });
});
