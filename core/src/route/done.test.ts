import fc from 'fast-check';
import { USUAL_SHOP } from '../piece';
import { applyChange } from '../ledger';
import { pieces, shops } from '../testing/arbitraries';
import { painted, pieceOf } from '../testing/pieces';
import { didOf } from '../testing/worked';
import { effectIn, type Task } from '../work';
import { planRoute } from './index';

const keys = (list: readonly Task[]) => list.map((it) => it.key);

describe('work on record', () => {
  it('is planned no more, whichever first part of a route it is: what is left is the rest', () => {
    fc.assert(
      fc.property(pieces, shops, (piece, shop) => {
        const { tasks } = planRoute(piece, shop);
        const half = Math.ceil(tasks.length / 2);
        const done = tasks.slice(0, half).map((it, nth) => didOf(it, { id: `d-${nth}` }));
        expect(keys(planRoute({ ...piece, done }, shop).tasks)).toEqual(keys(tasks.slice(half)));
      }),
      { numRuns: 60 },
    );
  });

  const table = pieceOf({
    template: 'table',
    seen: { top: ['see-through:opaque'] },
    aims: { top: painted() },
  });
  const { tasks } = planRoute(table, USUAL_SHOP);
  const [first] = tasks;
  if (!first) throw new Error('No tasks');

  it('that was only begun is still to be done; ended by its own id it is not', () => {
    const begun = applyChange(table, { kind: 'did', done: [didOf(first, { endedAt: null })] });
    if (!begun.ok) throw new Error('Refused');
    expect(keys(planRoute(begun.value, USUAL_SHOP).tasks)).toEqual(keys(tasks));
    const ended = applyChange(begun.value, { kind: 'did', done: [didOf(first)] });
    if (!ended.ok) throw new Error('Refused');
    expect(ended.value.done).toHaveLength(1);
    expect(keys(planRoute(ended.value, USUAL_SHOP).tasks)).toEqual(keys(tasks.slice(1)));
    expect(applyChange(ended.value, { kind: 'did', done: [didOf(first)] })).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining('on record already') }],
    });
  });

  it('in a form that nobody reads any more leaves the plan as it is, and breaks nothing', () => {
    const unknown = didOf(first, { effect: '{"of":"another age"}' });
    expect(effectIn(unknown)).toBeUndefined();
    expect(effectIn({ ...unknown, effect: 'no JSON' })).toBeUndefined();
    expect(keys(planRoute({ ...table, done: [unknown] }, USUAL_SHOP).tasks)).toEqual(keys(tasks));
  });
});
