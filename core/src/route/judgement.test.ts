import { methodsIn, tableTop } from '../testing/routes';
import { waysFor, tollFor } from '../testing/asCase';
import fc from 'fast-check';
import { WOODS } from '../catalog';
import { USUAL_SHOP, surfacesOf, type Piece } from '../piece';
import { pieces } from '../testing/arbitraries';
import { isThorough } from '../testing/everyRoute';
import { allAims, clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { planRoute, stacksAlong, stateAsFound, type Operation, type Route } from './index';

// Single judgements (common practice, no source), and what holds of every route.

const routeOf = (told: Told): Route => planRoute(pieceOf(told), USUAL_SHOP);
const find = (route: Route, method: string): Operation | undefined =>
  route.operations.find((it) => it.method === method);

const FOIL = { substrate: 'foil', finish: 'factory', bleed: 'none' };
const MAPLE = { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' };

describe('a slick face', () => {
  const route = routeOf(tableTop(FOIL, painted('mid')));

  it('in full view is tried on a patch, which holds the primer, and says what each count means', () => {
    const patch = find(route, 'test-patch');
    expect(find(route, 'prime-bonding')?.heldBy).toContain(patch?.id);
    expect(patch?.gate?.answers).toHaveLength(3);
    expect(patch?.wait?.minutes).toBe(4 * 60);
    expect(methodsIn(route).indexOf('scuff')).toBeLessThan(methodsIn(route).indexOf('test-patch'));
  });

  it('out of sight is not, nor is wood that takes a plain primer', () => {
    const underside = routeOf({
      template: 'table',
      known: { underside: FOIL },
      aims: { underside: painted('mid') },
    });
    expect(methodsIn(underside)).toContain('prime-bonding');
    expect(methodsIn(underside)).not.toContain('test-patch');
    expect(methodsIn(routeOf(tableTop(MAPLE, painted('mid'))))).not.toContain('test-patch');
  });
});

describe('the chance of sanding through', () => {
  const chanceAt = (mm?: number) =>
    find(
      routeOf(
        tableTop({ ...MAPLE, substrate: 'veneerCore' }, stained(), {
          years: [1930, 1935],
          ...(mm ? { readings: { top: { 'veneer-thickness': mm } } } : {}),
        }),
      ),
      'sand-ladder',
    )?.sandThrough;

  it('is greater at edges than in the field, and nearly nothing on thick veneer', () => {
    const thin = chanceAt(0.5);
    expect(thin?.edge).toBeGreaterThanOrEqual(thin?.field ?? NaN);
    expect(chanceAt(2)?.edge).toBeLessThan(0.001);
  });

  it('measured thick is less than merely expected', () => {
    expect(chanceAt(1.5)?.edge).toBeLessThanOrEqual(chanceAt()?.edge ?? NaN);
  });

  it('is no question on solid wood', () => {
    expect(find(routeOf(tableTop(MAPLE, stained())), 'sand-ladder')?.sandThrough).toBeNull();
  });
});

describe('caustic foam', () => {
  const wish = { wish: 'caustic' } as const;

  it('on clear-coated solid wood is followed by neutralising and a reading of pH', () => {
    const route = routeOf(tableTop(MAPLE, clear(), wish));
    expect(route.refusals).toEqual([]);
    const [strip, neutralise, sand] = ['strip-caustic', 'neutralise', 'sand-ladder'].map((it) =>
      methodsIn(route).indexOf(it),
    );
    expect(strip).toBeGreaterThanOrEqual(0);
    expect(neutralise).toBeGreaterThan(strip ?? NaN);
    expect(sand).toBeGreaterThan(neutralise ?? NaN);
    expect(find(route, 'neutralise')?.how.join(' ')).toMatch(/pH/);
  });

  it.each([
    ['paint', { ...MAPLE, finish: 'latex' }, /clear finishes only/],
    ['oak', { ...MAPLE, wood: 'ringPorous' }, /tannin/],
    ['veneer', { ...MAPLE, substrate: 'veneerCore' }, /veneer/],
  ])('on %s is refused, and another way planned', (_, known, why) => {
    const route = routeOf(
      tableTop(known, clear(), { ...wish, readings: { top: { 'veneer-thickness': 1.2 } } }),
    );
    const refusal = route.refusals.find((it) => it.rule === 'strip-way-not-here');
    expect(refusal?.because).toMatch(why);
    expect(methodsIn(route)).not.toContain('strip-caustic');
    expect(methodsIn(route).some((it) => it.startsWith('strip-'))).toBe(true);
  });

  it('is never chosen without being asked for: it is disputed', () => {
    for (const wood of WOODS.ids) {
      for (const finish of ['shellac', 'lacquer', 'varnish', 'factory']) {
        const route = routeOf(tableTop({ substrate: 'hardwood', wood, finish }, clear()));
        expect(methodsIn(route)).not.toContain('strip-caustic');
      }
    }
  });
});

describe('bleed under a light colour', () => {
  const bleeding = { ...MAPLE, wood: 'ringPorous', bleed: 'tannin' };
  const notTaken = (shade: 'white' | 'dark') =>
    find(routeOf(tableTop(bleeding, painted(shade))), 'prime-pigmentedShellac')?.insteadOf.map(
      (it) => it.label,
    );

  it('is told that a darker colour would hide it; a dark one needs no blocker', () => {
    expect(notTaken('white')).toEqual(['waterborne primer', 'a darker colour']);
    expect(notTaken('dark')).toBeUndefined();
  });
});

describe('the stack', () => {
  const layersOf = (piece: Piece, surfaceId: string) => {
    const route = planRoute(piece, USUAL_SHOP);
    const history = stacksAlong(stateAsFound(piece, USUAL_SHOP), route).find(
      (it) => it.surfaceId === surfaceId,
    );
    return {
      found: history?.found.layers.map((it) => it.layer.id),
      steps: history?.steps.map((it) => it.stack.layers.length),
      end: history?.steps.at(-1)?.stack.layers,
    };
  };

  it('shrinks to bare wood by stripping, and grows coat by coat', () => {
    const { found, steps, end } = layersOf(pieceOf(tableTop(MAPLE, stained())), 'top');
    expect(found).toEqual(['hardwood', 'varnish']);
    // Stripped, sanded, conditioned, stained, three coats of clear.
    expect(steps).toEqual([1, 1, 2, 3, 4, 5, 6]);
    expect(end?.map((it) => Math.round(it.um)).slice(1)).toEqual([0, 0, 30, 30, 30]);
  });

  it('keeps a sound film under paint, dulled, and each coat says how it holds', () => {
    const { end } = layersOf(pieceOf(tableTop(MAPLE, painted('mid'))), 'top');
    expect(end?.map((it) => it.layer.id).slice(0, 3)).toEqual(['hardwood', 'varnish', 'acrylic']);
    expect(end?.[2]?.meets?.may).toBe('scuff');
    expect(end?.every((it) => it.holds)).toBe(true);
  });

  it('loses its wax before anything is laid', () => {
    const { found, end } = layersOf(
      pieceOf(tableTop({ ...MAPLE, finish: 'wax' }, painted('mid'))),
      'top',
    );
    expect(found).toEqual(['hardwood', 'wax']);
    expect(end?.map((it) => it.layer.id)).not.toContain('wax');
  });
});

describe('of every piece', () => {
  it('alternatives are never refused, and their toll is that of their own route', () => {
    fc.assert(
      fc.property(pieces, (piece) => {
        for (const it of waysFor(piece, USUAL_SHOP)) {
          const tried = { ...piece, aims: [...it.aims] };
          expect(tollFor(tried, USUAL_SHOP)).toMatchObject({
            minutes: it.minutes,
            days: it.days,
          });
          if (it.id === 'as-aimed') continue;
          expect(it.refusals.filter((one) => one.blocks)).toEqual([]);
          expect(it.aims.map((one) => one.surfaceId)).toEqual(
            surfacesOf(piece).map((one) => one.id),
          );
        }
      }),
      { numRuns: isThorough ? 25 : 1 },
    );
  });
});

it('one scheme on every face of a piece needs no more operations than its hardest face', () => {
  const whole = routeOf({ template: 'table', aims: allAims('table', painted('dark')) });
  const coats = whole.operations.filter((it) => it.method === 'coat-cabinetEnamel');
  expect(coats).toHaveLength(2);
  expect(coats[0]?.surfaceIds).toEqual(['underside', 'apron', 'legs', 'top']);
});
