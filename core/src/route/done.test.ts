import fc from 'fast-check';
import { USUAL_SHOP } from '../piece';
import { applyChange } from '../ledger';
import { pieces, shops } from '../testing/arbitraries';
import { painted, pieceOf } from '../testing/pieces';
import { didOf } from '../testing/worked';
import { effectOf, readEffect, type KeptEffect } from '../effect';
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

  it('kept in the first form, with the old name of what was done in one go, it counts as it did', () => {
    const {
      form: _form,
      batchKey,
      ...rest
    } = effectOf(first) as Extract<KeptEffect, { readonly batchKey: string }>;
    for (const old of [
      { ...rest, go: batchKey },
      { ...rest, go: batchKey, form: 'obrik.effect/1' },
    ])
      for (const kept of [old, JSON.stringify(old)])
        expect(readEffect(kept)).toEqual(effectOf(first));
  });

  it.each([
    ['a form of another age', '{"of":"another age"}'],
    ['no JSON at all', 'no JSON'],
    ['a coating that was renamed, and nobody says to what', { lays: 'formerPaint' }],
    ['the form of a newer Obrik', { form: 'obrik.effect/99' }],
  ])('kept in %s, it holds what follows on its surface, and says so', (_, spoilt) => {
    const coat = tasks.find((it) => it.traits.lays !== null);
    if (!coat) throw new Error('No coat');
    const { lays } = coat.traits;
    const kept = effectOf(coat);
    const effect = readEffect(
      typeof spoilt === 'string'
        ? spoilt
        : 'lays' in spoilt
          ? { ...kept, traits: { ...coat.traits, lays: { ...lays, coating: spoilt.lays } } }
          : { ...kept, ...spoilt },
    );
    const unread = didOf(coat, { effect });
    expect(effectIn(unread)).toBeUndefined();
    const after = planRoute({ ...table, done: [unread] }, USUAL_SHOP);
    expect(after.tasks.filter((it) => it.traits.lays !== null)).toEqual([]);
    expect(after.refusals).toMatchObject([
      { rule: 'work-on-record-unread', blocks: true, surfaceIds: coat.surfaceIds },
    ]);
    // Also where nothing is aimed at: whoever looks at the piece is told.
    const unaimed = planRoute({ ...table, aims: [], done: [unread] }, USUAL_SHOP);
    expect(unaimed.refusals.map((it) => it.rule)).toEqual(['work-on-record-unread']);
    // Kept as it came, it is read by whoever knows its form.
    expect(JSON.parse(JSON.stringify(unread.effect))).toMatchObject({
      form: 'unread',
      received: spoilt instanceof Object ? {} : spoilt,
    });
  });
});
