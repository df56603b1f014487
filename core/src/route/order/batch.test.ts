import { USUAL_SHOP, surfacesOf } from '../../piece';
import { allAims, clear, painted, pieceOf, stained, type Told } from '../../testing/pieces';
import { minutesOf } from '../../work';
import { planRoute, precedencesOf, type Route } from '..';

// What is told of operations against plain bookkeeping over their tasks and the precedences between.

const CASES: readonly (readonly [string, Told])[] = [
  [
    'an old chest with a wooden top, nothing known',
    {
      years: [1930, 1940],
      found: { fronts: ['gouge', 'scratch'], left: ['looseJoint'], back: ['splitBack'] },
      aims: { ...allAims('chest', painted('pale')), top: stained() },
    },
  ],
  [
    'a cabinet whose doors bleed',
    {
      template: 'cabinet',
      known: { doors: { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish' } },
      aims: { ...allAims('cabinet', painted('white')), doors: painted('white', 'wax') },
    },
  ],
  [
    'a veneered table, stripped',
    {
      template: 'table',
      known: { top: { substrate: 'veneerCore', finish: 'lacquer' }, legs: { finish: 'alkyd' } },
      aims: { top: clear(), legs: clear('oil') },
    },
  ],
];

const routes: readonly (readonly [string, Told, Route])[] = CASES.map(([name, told]) => [
  name,
  told,
  planRoute(pieceOf(told), USUAL_SHOP),
]);

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

describe.each(routes)('%s', (_, told, route) => {
  const { tasks, operations } = route;
  const byKey = new Map(tasks.map((it) => [it.key, it]));
  const tasksOf = (it: Route['operations'][number]) =>
    it.taskKeys.flatMap((key) => byKey.get(key) ?? []);
  const placeOf = new Map(operations.flatMap((it, at) => it.taskKeys.map((key) => [key, at])));
  const precedences = precedencesOf(route.graph);

  it('every task is in one operation, in its turn', () => {
    expect(operations.flatMap((it) => it.taskKeys)).toEqual(tasks.map((it) => it.key));
    for (const it of operations) expect(it.id).toBe(it.taskKeys[0]);
  });

  it('none of an operation waits for another of it', () => {
    for (const { before, after } of precedences) {
      expect(placeOf.get(before)).toBeLessThan(placeOf.get(after) ?? NaN);
    }
  });

  it('comes after the last operation of each rule that has to be before it', () => {
    operations.forEach((it, at) => {
      const nearest = new Map<string, number>();
      for (const { before, after, rule } of precedences) {
        if (!it.taskKeys.includes(after)) continue;
        nearest.set(rule, Math.max(nearest.get(rule) ?? -1, placeOf.get(before) ?? -1));
      }
      const told = it.after.map((one) => [one.rule, one.operationId] as const);
      expect(new Map(told)).toEqual(
        new Map([...nearest].map(([rule, place]) => [rule, operations[place]?.id])),
      );
      expect(told).toHaveLength(nearest.size);
      for (const one of it.after) expect(one.because).not.toBe('');
      expect(at).toBeGreaterThan(Math.max(-1, ...nearest.values()));
    });
  });

  it('is held by the gates that ask what it waits for, in their order', () => {
    operations.forEach((it, at) => {
      const gates = operations.filter(
        (one, place) =>
          place < at &&
          one.gate !== null &&
          tasksOf(it).some(
            (task) =>
              one.gate !== null &&
              task.holds.includes(one.gate.kind) &&
              task.surfaceIds.some((id) => one.surfaceIds.includes(id)),
          ),
      );
      expect(it.heldBy).toEqual(gates.map((one) => one.id));
    });
  });

  it('sums up what its tasks take, and waits as long as the longest', () => {
    for (const it of operations) {
      const own = tasksOf(it);
      const minutes =
        sum(own.map((one) => minutesOf(one.effort))) +
        Math.max(...own.map((one) => one.effort.fixed));
      expect(it.minutes).toBe(Math.max(1, Math.round(minutes)));
      const waits = own.map((one) => one.wait?.min ?? 0);
      expect(it.wait?.minutes ?? 0).toBe(Math.max(...waits));
      if (it.wait) expect(it.wait.until).not.toBe('');
      const coating = own[0]?.traits.lays?.coating ?? null;
      expect(it.coating).toBe(coating);
      expect(it.coats).toBe(coating !== null);
      const litres = own.flatMap((one) =>
        one.consumes.filter((use) => use.material === coating).map((use) => use.quantity),
      );
      if (coating === null) expect(it.litres).toBeNull();
      else expect(it.litres).toBeCloseTo(sum(litres), 9);
      const through = own.flatMap((one) => one.sandThrough?.edge ?? []);
      expect(it.sandThrough?.edge ?? null).toBe(through.length ? Math.max(...through) : null);
      for (const list of [it.checks.map((one) => one.id), it.how, it.materials]) {
        expect(new Set(list).size).toBe(list.length);
      }
      const risks = it.risks.map((one) => `${one.kind}/${one.surfaceId}`);
      expect(new Set(risks)).toEqual(
        new Set(own.flatMap((one) => one.risks.map((risk) => `${risk.kind}/${risk.surfaceId}`))),
      );
      expect(new Set(risks).size).toBe(risks.length);
    }
    expect(route.minutes).toBe(sum(operations.map((it) => it.minutes)));
    expect(route.waitMinutes).toBe(sum(operations.map((it) => it.wait?.minutes ?? 0)));
    expect(route.materials).toEqual([...new Set(operations.flatMap((it) => it.materials))].sort());
  });

  it('names the surfaces without an aim', () => {
    expect(route.unaimedSurfaceIds).toEqual(
      surfacesOf(pieceOf(told))
        .map((it) => it.id)
        .filter((id) => !(id in (told.aims ?? {}))),
    );
  });

  it('puts together what slides, then what hangs, then what is screwed on', () => {
    const order = ['drawers-in', 'doors-on', 'hardware-on', 'bumpers', 'touch-up', 'care-sheet'];
    const seen = operations.map((it) => it.method).filter((it) => order.includes(it));
    expect(seen).toEqual(order.filter((it) => seen.includes(it)));
    for (const it of operations.filter((one) => one.phase === 'reassemble')) {
      expect(it.after.map((one) => one.rule)).toContain('hard-before-together');
    }
  });
});
