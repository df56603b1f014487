import { asCase } from '../testing/asCase';
import { USUAL_SHOP, type DoneWork, type Piece } from '../piece';
import { planRoute } from '../route';
import { painted, pieceOf } from '../testing/pieces';
import { didOf } from '../testing/worked';
import { afterChanges, doneEarly, happenedTooSoon, openChecks, pieceBook } from './index';

// Which work waits for a lead result, by hand: 24 CFR 35.140 and 40 CFR 745.85 (from memory) forbid what
// opens or abrades; what covers untested layers hides them from the test (common practice, no source).

const AT = '2026-03-03T10:00:00.000Z';
const old = (): Piece =>
  pieceOf({
    template: 'table',
    years: [1930, 1939],
    seen: { top: ['see-through:opaque'] },
    known: { top: { finish: 'alkyd' } },
    aims: { top: painted('mid') },
  });

const doneAt = (piece: Piece, method: RegExp, endedAt = AT): DoneWork => {
  const task = planRoute(piece, USUAL_SHOP).tasks.find((it) => method.test(it.method));
  if (!task) throw new Error(`No ${method.source} is planned.`);
  const startedAt = new Date(Date.parse(endedAt) - 40 * 60_000).toISOString();
  return didOf(task, { id: `done-${endedAt}`, startedAt, endedAt, by: 'Runa' });
};
const after = (piece: Piece, changes: Parameters<typeof afterChanges>[1]): Piece => {
  const it = afterChanges(piece, changes);
  if (!it) throw new Error('Refused');
  return it;
};

describe('work over layers that nobody has tested', () => {
  it('no primer and no coat is free while lead is open', () => {
    const { tasks } = planRoute(old(), USUAL_SHOP);
    const coats = tasks.filter((it) => it.traits.lays !== null);
    expect(coats.length).toBeGreaterThan(1);
    for (const it of coats) expect([it.title, it.holds]).toEqual([it.title, ['lead']]);
  });

  it('that has happened all the same is a fact: then comes stop, clean up, and the test', () => {
    const piece = old();
    const { state, route } = asCase(piece, USUAL_SHOP);
    const done = doneAt(piece, /^(scuff|dull)/);
    const changes = happenedTooSoon(
      [done],
      { piece, state, tasks: route.tasks },
      { id: 'told', at: AT, by: 'Runa' },
    );
    const then = planRoute(after(piece, changes), USUAL_SHOP).tasks;
    expect(then.slice(0, 2).map((it) => it.method)).toEqual(['mend-cleanUpHarm', 'lead-gate']);
    expect(then.filter((it) => it.key === done.taskKey)).toEqual([]);
    for (const it of then.filter((one) => one.traits.makesDust || one.traits.lays))
      expect([it.title, it.holds]).toEqual([it.title, expect.arrayContaining(['lead'])]);
  });
});

describe('work before its turn', () => {
  const late = (): Piece =>
    pieceOf({ template: 'table', known: { top: { finish: 'varnish' } }, aims: { top: painted() } });

  it('is on record with its reason and what was open, and stands in the book', () => {
    const piece = late();
    const done = doneAt(piece, /^coat-/);
    const told = after(
      piece,
      doneEarly([done], { reason: 'Done at home', open: ['Wash it'] }, { id: 'e', at: AT, by: '' }),
    );
    const book = pieceBook(asCase(told, USUAL_SHOP), {
      number: '01',
      revision: 1,
      printedAt: 0,
      timeZone: 'UTC',
    });
    expect(JSON.stringify(book)).toMatch(/Done before “Wash it”\. Reason: Done at home\./);
  });
});

describe('a washing that was repeated', () => {
  it('is asked about again, and the book tells each with its own answer', () => {
    const piece = pieceOf({
      template: 'table',
      known: { top: { finish: 'varnish' } },
      aims: { top: painted() },
    });
    const first = doneAt(piece, /degrease|damp-wipe/, '2026-03-03T10:00:00.000Z');
    const answer = (id: string, at: string, said: string) => ({
      kind: 'log' as const,
      lines: [
        {
          of: 'check' as const,
          id,
          at,
          by: '',
          check: 'waterClear' as const,
          answer: said,
          taskKeys: [first.taskKey],
          surfaceIds: first.surfaceIds,
          place: null,
          setback: null,
        },
      ],
    });
    // The second was only put on record at its end: it is said to have begun before the first answer.
    const second = { ...first, id: 'second', endedAt: '2026-03-03T10:20:00.000Z' };
    const told = after(piece, [
      { kind: 'did', done: [first] },
      answer('a', '2026-03-03T10:05:00.000Z', 'grey'),
      { kind: 'did', done: [second] },
    ]);
    expect(openChecks(told).map((it) => [it.check, it.doneIds])).toContainEqual([
      'waterClear',
      ['second'],
    ]);
    const all = after(told, [answer('b', '2026-03-03T10:25:00.000Z', 'clear')]);
    expect(openChecks(all).map((it) => it.check)).not.toContain('waterClear');
    const book = pieceBook(asCase(all, USUAL_SHOP), {
      number: '01',
      revision: 1,
      printedAt: 0,
      timeZone: 'UTC',
    });
    const lines = JSON.stringify(book).match(/Is the last wash water clear\? [^.]*\./g);
    expect(lines).toEqual([expect.stringMatching(/Grey or brown/), expect.stringMatching(/Clear/)]);
  });

  it('what shows only when it is dry is asked when it is', () => {
    const piece = pieceOf({
      template: 'table',
      known: { top: { finish: 'varnish' } },
      aims: { top: painted() },
    });
    const done = doneAt(piece, /^coat-/);
    const told = after(piece, [{ kind: 'did', done: [done] }]);
    expect(openChecks(told, new Set([done.id]))).toEqual([]);
    expect(openChecks(told).map((it) => it.check)).toContain('filmLooks');
  });
});
