import fc from 'fast-check';
import { NO_SETBACK, USUAL_SHOP, type DoneWork, type LogLine, type Setback } from '../piece';
import { planRoute, stateAsFound } from './index';
import { pieces, shops } from '../testing/arbitraries';
import { painted, pieceOf } from '../testing/pieces';
import { didOf } from '../testing/worked';
import { CONDITIONS } from '../effect';
import { advance, coatsOn, eventsOf, openFlaws, setBack, setbackIn } from '../work';

const back = (told: Partial<Setback>): Setback => ({ ...NO_SETBACK, ...told });

const TABLE = pieceOf({
  template: 'table',
  known: { top: { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish' } },
  aims: { top: painted('white') },
});
const { tasks } = planRoute(TABLE, USUAL_SHOP);
/** After the first coat of paint. */
const painted1 = tasks
  .slice(0, tasks.findIndex((it) => it.key === 'top/paint-to-cover/1') + 1)
  .reduce(advance, stateAsFound(TABLE, USUAL_SHOP));
const topOf = (state: typeof painted1) => {
  const top = state.surfaces.top;
  if (!top) throw new Error('No top');
  return top;
};
const on = (it: Setback, id = 'x') => topOf(setBack(painted1, { id, surfaceIds: ['top'] }, it));

describe('setting work back', () => {
  it('takes the top coat, or all new coats, off the count and leaves them on the face', () => {
    const before = topOf(painted1);
    const count = coatsOn(before).length;
    expect(count).toBeGreaterThan(1);
    expect(coatsOn(on(back({ film: 'top' })))).toEqual(coatsOn(before).slice(0, -1));
    expect(coatsOn(on(back({ film: 'all' })))).toEqual([]);
    expect(coatsOn(on(back({})))).toEqual(coatsOn(before));
    for (const film of ['none', 'top', 'all'] as const) {
      expect(on(back({ film })).layers.map((it) => it.layer)).toEqual(
        before.layers.map((it) => it.layer),
      );
    }
  });

  it('once more takes the next coat below', () => {
    const once = setBack(painted1, { id: 'x', surfaceIds: ['top'] }, back({ film: 'top' }));
    const twice = setBack(once, { id: 'y', surfaceIds: ['top'] }, back({ film: 'top' }));
    expect(coatsOn(topOf(twice))).toEqual(coatsOn(topOf(painted1)).slice(0, -2));
  });

  it.each(['stripped', 'sanded'])(
    'what lays bare, and is to come again (%s), takes all coats along',
    (it) => {
      expect(coatsOn(on(back({ lost: [it] })))).toEqual([]);
    },
  );

  it('opens a fault once, and a task that mends it closes it', () => {
    const flawed = setBack(painted1, { id: 'x', surfaceIds: ['top'] }, back({ mend: 'levelOut' }));
    const again = setBack(flawed, { id: 'x', surfaceIds: ['top'] }, back({ mend: 'waitAndLevel' }));
    expect(openFlaws(topOf(again))).toEqual([{ id: 'x', mend: 'waitAndLevel' }]);
    const [first] = tasks;
    if (!first) throw new Error('No task');
    const mended = advance(again, {
      ...first,
      place: { of: 'surface', id: 'top' },
      surfaceIds: ['top'],
      traits: { ...first.traits, mends: ['x'] },
    });
    expect(openFlaws(topOf(mended))).toEqual([]);
  });

  it('touches no other surface, nor what was done to the piece, and gives back nothing that was not there', () => {
    const setbacks: fc.Arbitrary<Setback> = fc.record({
      film: fc.constantFrom('none', 'top', 'all'),
      lost: fc.subarray([...CONDITIONS]),
      reopened: fc.constant([]),
      mend: fc.constantFrom(null, 'levelOut', 'spotSeal'),
    });
    fc.assert(
      fc.property(pieces, shops, setbacks, fc.nat(40), (piece, shop, it, many) => {
        const before = planRoute(piece, shop)
          .tasks.slice(0, many)
          .reduce(advance, stateAsFound(piece, shop));
        const [id] = Object.keys(before.surfaces);
        if (!id) return;
        const after = setBack(before, { id: 'x', surfaceIds: [id, 'nowhere'] }, it);
        expect(Object.keys(after.surfaces)).toEqual(Object.keys(before.surfaces));
        for (const other of Object.keys(before.surfaces)) {
          if (other === id) continue;
          const [was, is] = [before.surfaces[other], after.surfaces[other]];
          // A sample of lead speaks for the others too.
          if (it.lost.includes('leadSampled') && was?.met.includes('leadSampled')) {
            expect(is).toEqual({ ...was, met: was.met.filter((one) => one !== 'leadSampled') });
          } else expect(is).toBe(was);
        }
        expect([after.parts, after.met, after.inHand]).toEqual([
          before.parts,
          before.met,
          before.inHand,
        ]);
        const [then, now] = [before.surfaces[id], after.surfaces[id]];
        for (const one of now?.met ?? []) expect(then?.met).toContain(one);
        for (const one of it.lost) expect(now?.met).not.toContain(one);
        expect(now?.layers.map((one) => [one.layer, one.um])).toEqual(
          then?.layers.map((one) => [one.layer, one.um]),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('the order in which things count', () => {
  const done = (id: string, endedAt: string | null): DoneWork => {
    const [first] = tasks;
    if (!first) throw new Error('No task');
    return didOf(first, { id, endedAt, startedAt: '2026-03-01T08:00:00Z' });
  };
  const found = (id: string, at: string): LogLine => ({
    of: 'discovery',
    id,
    at,
    by: '',
    taskKeys: [],
    surfaceIds: ['top'],
    kind: 'runs',
    remedy: 'levelOut',
    note: '',
    setback: back({ film: 'top' }),
  });
  const names = (list: ReturnType<typeof eventsOf>) =>
    list.map((it) => (it.of === 'done' ? it.done.id : it.line.id));

  it.each([
    ['before all work', '2026-03-01T09:00:00Z', ['x', 'a', 'b']],
    ['between', '2026-03-02T12:00:00Z', ['a', 'x', 'b']],
    ['at the very end of a step: after it', '2026-03-02T10:00:00Z', ['a', 'x', 'b']],
    ['after all work', '2026-03-09T09:00:00Z', ['a', 'b', 'x']],
  ])('what turned up %s', (_, at, order) => {
    const work = [done('a', '2026-03-02T10:00:00Z'), done('b', '2026-03-03T10:00:00Z')];
    expect(names(eventsOf(work, [found('x', at)]))).toEqual(order);
  });

  it('work under way has not done anything yet; notes, timers and what was used set nothing back', () => {
    const line = { at: '2026-03-01T09:00:00Z', by: '', taskKeys: [], surfaceIds: ['top'] };
    const others: readonly LogLine[] = [
      { ...line, of: 'note', id: 'n', text: 'Dusty.' },
      {
        ...line,
        of: 'used',
        id: 'u',
        material: 'woodGlue',
        quantity: 0.1,
        lot: '',
        containerId: null,
        colour: null,
      },
      { ...line, of: 'timer', id: 't', timer: 'glueOpen', endsAt: line.at, endedAt: null },
      { ...line, of: 'time', id: 'm', doneIds: ['a'], minutes: null },
      {
        ...line,
        of: 'check',
        id: 'c',
        check: 'noBleed',
        answer: 'white',
        place: null,
        setback: null,
      },
    ];
    expect(others.map(setbackIn)).toEqual([undefined, undefined, undefined, undefined, undefined]);
    expect(names(eventsOf([done('a', null)], others))).toEqual([]);
  });
});
