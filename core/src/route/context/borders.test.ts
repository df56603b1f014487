import { USUAL_SHOP, shop as shopSchema, type Scheme } from '../../piece';
import { allAims, clear, painted, pieceOf, stained, type Told } from '../../testing/pieces';
import { planRoute, type Operation, type Route } from '..';

// Tape at every border between surfaces that get different coats, or coats and none (common
// practice, no source).

const routeOf = (told: Told, schools: Record<string, string> = {}): Route =>
  planRoute(pieceOf(told), shopSchema.parse({ schools }));
const of = (route: Route, method: string): readonly Operation[] =>
  route.operations.filter((it) => it.method === method);
const at = (route: Route, it: Operation | undefined): number =>
  it ? route.operations.indexOf(it) : -1;
const coatsOn = (route: Route, surfaceId: string): readonly Operation[] =>
  route.operations.filter((it) => it.coats && it.surfaceIds.includes(surfaceId));

const OAK = { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish', bleed: 'none' };
const known = (template: 'table' | 'chest' | 'cabinet') =>
  Object.fromEntries(Object.keys(allAims(template, painted())).map((id) => [id, OAK]));

describe('what gets no coat', () => {
  it('is masked before the first coat beside it: dovetails and drawer boxes too', () => {
    const route = routeOf({
      template: 'chest',
      known: known('chest'),
      aims: { ...allAims('chest', painted('mid')), drawerSides: { kind: 'leave' } },
    });
    const [mask] = of(route, 'mask-bare');
    expect(mask?.surfaceIds).toEqual(['drawerSides']);
    expect(mask?.how.join(' ')).toMatch(/dovetails that stay wood: tape over the end grain/);
    expect(at(route, mask)).toBeLessThan(at(route, coatsOn(route, 'fronts')[0]));
  });

  it('is masked once, however many coats follow, and not at all where nothing is coated', () => {
    const inside: Told = {
      template: 'cabinet',
      known: known('cabinet'),
      aims: { ...allAims('cabinet', painted('mid')), inside: { kind: 'leave' } },
    };
    expect(of(routeOf(inside), 'mask-bare')).toHaveLength(1);
    expect(
      of(routeOf({ template: 'table', aims: { top: { kind: 'leave' } } }), 'mask-bare'),
    ).toEqual([]);
  });

  it('on a drawer has nothing to do with the body, out of sight nothing with either', () => {
    const route = routeOf({
      template: 'chest',
      known: known('chest'),
      aims: { fronts: painted('mid'), drawerSides: painted('mid') },
    });
    expect(of(route, 'mask-bare')).toEqual([]);
    const body = routeOf({
      template: 'chest',
      known: known('chest'),
      aims: { top: painted('mid') },
    });
    expect(of(body, 'mask-bare').flatMap((it) => it.surfaceIds)).not.toContain('back');
  });
});

describe('three coats on one body', () => {
  const three: Record<string, Scheme> = {
    top: clear(),
    apron: painted('white'),
    legs: painted('dark'),
  };
  const route = routeOf({ template: 'table', known: known('table'), aims: three });

  it('give two borders: each side is masked for those before it, and taped once it is hard', () => {
    const masks = of(route, 'mask-border');
    expect(masks.filter((it) => it.phase === 'block')).toHaveLength(2);
    expect(masks.filter((it) => it.phase === 'protect')).toHaveLength(2);
    expect(of(route, 'harden').every((it) => (it.wait?.minutes ?? 0) >= 24 * 60)).toBe(true);
  });

  it('are laid one after the other, never one beside another that is soft', () => {
    const spans = Object.keys(three).map((id) => {
      const places = coatsOn(route, id)
        .filter((it) => it.phase === 'colour' || it.phase === 'protect')
        .map((it) => at(route, it));
      return { id, from: Math.min(...places), to: Math.max(...places) };
    });
    const inTurn = [...spans].sort((a, b) => a.from - b.from);
    inTurn.slice(1).forEach((it, index) => {
      const before = inTurn[index];
      expect(it.from).toBeGreaterThan(before?.to ?? NaN);
      const taped = of(route, 'mask-border').find(
        (one) => one.phase === 'protect' && one.surfaceIds.includes(before?.id ?? ''),
      );
      expect(at(route, taped)).toBeGreaterThan(before?.to ?? NaN);
      expect(at(route, taped)).toBeLessThan(it.from);
    });
    // The face on top comes last where the shop coats the body first.
    expect(inTurn.at(-1)?.id).toBe('top');
  });
});

it('stripper runs: what keeps its finish beside it is covered first', () => {
  const route = routeOf({
    template: 'table',
    known: known('table'),
    aims: { ...allAims('table', painted('mid')), top: stained() },
    wish: 'gel',
  });
  expect(of(route, 'strip-gel')[0]?.how[0]).toMatch(
    /Apron and Legs keep what is on.*tape and plastic/,
  );
});

it('drawers that stay in are wedged and masked after their fronts were washed and scuffed', () => {
  const route = routeOf(
    { template: 'chest', known: known('chest'), aims: allAims('chest', painted('mid')) },
    { drawers: 'in' },
  );
  const methods = route.operations.map((it) => it.method);
  expect(methods.indexOf('mask-drawers')).toBeGreaterThan(methods.lastIndexOf('scuff'));
  expect(methods.indexOf('mask-drawers')).toBeLessThan(methods.indexOf('coat-cabinetEnamel'));
});

it('what is only freshened up comes last, after all coats are hard', () => {
  const route = routeOf({
    template: 'cabinet',
    known: known('cabinet'),
    aims: { ...allAims('cabinet', painted('mid')), inside: { kind: 'freshened' } },
  });
  const lastCoat = route.operations.findLastIndex((it) => it.coats);
  expect(at(route, of(route, 'freshen')[0])).toBeGreaterThan(lastCoat);
  expect(
    planRoute(
      pieceOf({ template: 'cabinet', aims: { inside: { kind: 'freshened' } } }),
      USUAL_SHOP,
    ).operations.map((it) => it.method),
  ).toEqual(expect.arrayContaining(['vacuum', 'freshen-damp']));
});
