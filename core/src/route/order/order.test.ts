import type { Schools } from '../../catalog';
import { USUAL_SHOP } from '../../piece';
import { taskFor } from '../../testing/tasks';
import { type Lag } from '../../effect';
import { batchKeyOf, take, type Task } from '../../work';
import { batchesOf } from './batch';
import { graphMaker, precedencesOf } from './graph';
import { inOrder } from './order';
import { graphOf } from './precedence';

// The frame by hand-made tasks: what comes before what and how long after, which is taken next,
// and what is done in one go.

const SCHOOLS: Schools = USUAL_SHOP.schools;
const wait = (min: number, max: number | null = null): Lag => ({
  min,
  max,
  mechanism: 'water',
  filmUm: 30,
  until: 'touchDry',
});
const coat = (on: string, nth: number, more: Partial<Task> = {}): Task =>
  taskFor({
    on,
    rule: 'paint',
    occurrence: `${nth}`,
    phase: 'colour',
    rank: 2 * nth,
    setUp: { nth },
    wait: wait(240, 2880),
    ...more,
    traits: { lays: { series: 'paint', nth, coating: 'cabinetEnamel', colour: '#abc' } },
  });
/** Sides of one group, first that which is coated first. */
const graph = (tasks: readonly Task[], sides: readonly string[] = []) =>
  graphOf(tasks, {
    schools: SCHOOLS,
    sides: sides.map((id, order) => ({ group: 'body', order, primers: [], surfaceIds: [id] })),
    done: [],
  });
const told = (tasks: readonly Task[], sides: readonly string[] = []) =>
  precedencesOf(graph(tasks, sides)).map((it) => `${it.before} → ${it.after}`);
const ordered = (
  tasks: readonly Task[],
  schools: Schools = SCHOOLS,
  onTop: readonly string[] = [],
  inHand: Parameters<typeof inOrder>[2]['inHand'] = null,
) => inOrder(tasks, graph(tasks), { schools, onTop: new Set(onTop), inHand }).map((it) => it.key);

/** A task whose signature follows what holds it, as the planner makes it. */
const withGo = (it: Task): Task => ({ ...it, batchKey: batchKeyOf(it) });

describe('what comes before what', () => {
  it('phase before phase and rank before rank on one surface; other surfaces go their own way', () => {
    const clean = taskFor({ rule: 'wash', phase: 'clean' });
    const sand = taskFor({ rule: 'sand', phase: 'sand', rank: 1 });
    const dedust = taskFor({ rule: 'dedust', phase: 'sand', rank: 9 });
    const legs = taskFor({ on: 'legs', rule: 'wash', phase: 'clean' });
    expect(told([dedust, clean, sand, legs]).sort()).toEqual([
      'top/sand/1 → top/dedust/1',
      'top/wash/1 → top/dedust/1',
      'top/wash/1 → top/sand/1',
    ]);
  });

  it('waits with its mechanism and film; the window presses on the very next coat only', () => {
    const [one, two, three] = [1, 2, 3].map((nth) => coat('top', nth)) as [Task, Task, Task];
    const all = precedencesOf(graph([one, two, three]));
    const between = (a: Task, b: Task) =>
      all.find((it) => it.before === a.key && it.after === b.key)?.lag;
    expect(between(one, two)).toEqual(wait(240, 2880));
    expect(between(two, three)).toMatchObject({ max: 2880 });
    // The third coat need not hurry after the first: the second lies between.
    expect(between(one, three)).toMatchObject({ min: 240, max: null });
  });

  it('dulling between two coats takes the hurry away', () => {
    const dull = taskFor({ rule: 'dull', phase: 'colour', rank: 3, traits: { face: 'dulled' } });
    const all = precedencesOf(graph([coat('top', 1), dull, coat('top', 2)]));
    const lag = all.find((it) => it.before === 'top/paint/1' && it.after === 'top/paint/2')?.lag;
    expect(lag).toMatchObject({ min: 240, max: null });
  });

  it('a gate before what it holds, with its wait; not before what it does not', () => {
    const gate = taskFor({
      rule: 'patch',
      wait: wait(720),
      gate: { kind: 'bleed', question: 'What colour?', testId: null, answers: [] },
    });
    const held = taskFor({ rule: 'prime', phase: 'clean', holds: ['bleed'] });
    const free = taskFor({ rule: 'wipe', phase: 'clean' });
    const all = precedencesOf(graph([gate, held, free]));
    expect(all).toMatchObject([
      { before: gate.key, after: held.key, rule: 'gate-before-what-it-decides', lag: { min: 720 } },
    ]);
  });

  it('dust anywhere before any coat in the room, told through one milestone', () => {
    const dust = ['a', 'b', 'c'].map((on) =>
      taskFor({ on, rule: 'sand', phase: 'sand', traits: { makesDust: true } }),
    );
    const coats = ['d', 'e'].map((on) => coat(on, 1));
    const it = graph([...dust, ...coats]);
    expect(it.nodes.slice(it.firstMilestone)).toEqual(['room/dust-is-down']);
    expect(it.edges).toHaveLength(3 + 2);
    expect(precedencesOf(it)).toHaveLength(3 * 2);
    expect(new Set(precedencesOf(it).map((one) => one.rule))).toEqual(
      new Set(['dust-before-wet-coats']),
    );
  });

  it('parts go together once the coats bear it, a day to three; handed over when all is done', () => {
    const on = taskFor({
      place: { of: 'parts', id: 'pulls' },
      rule: 'pulls-on',
      phase: 'reassemble',
      surfaceIds: ['fronts'],
    });
    const over = taskFor({ place: { of: 'piece' }, rule: 'hand-over', phase: 'handover' });
    const all = precedencesOf(graph([coat('top', 1), on, over]));
    expect(all.find((it) => it.after === on.key)).toMatchObject({ lag: { min: 48 * 60 } });
    expect(all.filter((it) => it.after === over.key).map((it) => it.before)).toEqual([
      'top/paint/1',
      'pulls/pulls-on/1',
    ]);
  });

  it('one side of a two-tone piece is masked before the other is coloured', () => {
    const mask = taskFor({
      place: { of: 'piece' },
      rule: 'mask',
      phase: 'block',
      surfaceIds: ['top'],
      traits: { makes: ['masked'] },
    });
    const sides = ['legs', 'top'];
    expect(told([mask, coat('legs', 1)], sides)).toEqual(['piece/mask/1 → legs/paint/1']);
    expect(told([mask, coat('legs', 1)])).toEqual([]);
  });

  it('vermin by the school: before anybody handles it, or once the fittings are off', () => {
    const evict = taskFor({ rule: 'evict', phase: 'secure', rank: 2, traits: { evicts: true } });
    const off = taskFor({ rule: 'off', phase: 'dismantle', traits: { takesOff: 'pulls' } });
    const by = (hardware: Schools['hardware']) =>
      precedencesOf(
        graphOf([evict, off], { schools: { ...SCHOOLS, hardware }, sides: [], done: [] }),
      ).map((it) => `${it.before} → ${it.after}`);
    expect(by('after')).toEqual(['top/evict/1 → top/off/1']);
    expect(by('before')).toEqual(['top/off/1 → top/evict/1']);
  });

  it('every rule and every lag is listed once', () => {
    const it = graph([coat('top', 1), coat('top', 2), coat('legs', 1), coat('legs', 2)]);
    const ids = it.rules.map((one) => one.id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const [before, after, rule, lag] of it.edges) {
      expect(it.nodes[before]).toBeDefined();
      expect(it.nodes[after]).toBeDefined();
      expect(it.rules[rule]).toBeDefined();
      expect(it.lags[lag]).toBeDefined();
    }
  });
});

describe('which is taken next', () => {
  it('by phase, then by rank, whatever the names are', () => {
    const tasks = [
      taskFor({ on: 'a', rule: 'z-first', phase: 'clean', rank: 1 }),
      taskFor({ on: 'b', rule: 'a-last', phase: 'sand', rank: 0 }),
      taskFor({ on: 'c', rule: 'm-second', phase: 'clean', rank: 2 }),
    ];
    expect(ordered(tasks)).toEqual(['a/z-first/1', 'c/m-second/1', 'b/a-last/1']);
  });

  it('goes on with the same go before another of the same rank', () => {
    const tasks = [
      taskFor({ on: 'a', rule: 'gel' }),
      taskFor({ on: 'b', rule: 'scrape' }),
      taskFor({ on: 'c', rule: 'gel' }),
    ];
    expect(ordered(tasks)).toEqual(['a/gel/1', 'c/gel/1', 'b/scrape/1']);
  });

  it('then with the material in hand, then where one stands', () => {
    const spirits = [take('mineralSpirits', 0.1, 'cleans')];
    const [first, other, same, near] = [
      taskFor({ on: 'a', rule: 'wax', consumes: spirits }),
      taskFor({ on: 'b', rule: 'wash' }),
      taskFor({ on: 'c', rule: 'wipe', consumes: spirits }),
      taskFor({ on: 'c', rule: 'look' }),
    ];
    expect(ordered([first, other, near, same])).toEqual([
      'a/wax/1',
      'c/wipe/1',
      'c/look/1',
      'b/wash/1',
    ]);
  });

  it('begins with what was in hand when the work was broken off', () => {
    const tasks = [taskFor({ on: 'a', rule: 'gel' }), taskFor({ on: 'b', rule: 'scrape' })];
    const inHand = { batchKey: tasks[1]?.batchKey ?? '', place: 'x', materials: [] };
    expect(ordered(tasks, SCHOOLS, [], inHand)[0]).toBe('b/scrape/1');
  });

  it('body or top first by the school, for coats only', () => {
    const coats = [coat('top', 1), coat('legs', 1)];
    const by = (faces: Schools['faces']) => ordered(coats, { ...SCHOOLS, faces }, ['top'])[0];
    expect(by('bodyFirst')).toBe('legs/paint/1');
    expect(by('topFirst')).toBe('top/paint/1');
    const wash = [taskFor({ on: 'top', rule: 'wash' }), taskFor({ on: 'legs', rule: 'wash' })];
    expect(ordered(wash, SCHOOLS, ['top'])[0]).toBe('top/wash/1');
  });

  it('rules that contradict each other are named, with where to look', () => {
    const [a, b] = [taskFor({ rule: 'a' }), taskFor({ rule: 'b' })];
    const maker = graphMaker([a.key, b.key]);
    const why = { id: 'x', because: 'y' };
    maker.add(0, 1, why);
    maker.add(1, 0, why);
    expect(() =>
      inOrder([a, b], maker.done(), { schools: SCHOOLS, onTop: new Set(), inHand: null }),
    ).toThrow(/cycle among: top\/a\/1, top\/b\/1.*precedence\.ts/);
  });
});

describe('what is done in one go', () => {
  const batch = (tasks: readonly Task[], onTop: readonly string[] = []) => {
    const of = graph(tasks);
    return batchesOf(
      inOrder(tasks, of, { schools: SCHOOLS, onTop: new Set(onTop), inHand: null }),
      of,
      {
        schools: SCHOOLS,
        onTop: new Set(onTop),
        names: new Map([
          ['top', 'Top'],
          ['apron', 'Apron'],
          ['legs', 'Legs'],
        ]),
      },
    );
  };
  const wash = (on: string, more: Partial<Task> = {}) =>
    taskFor({
      on,
      rule: 'wash',
      effort: { rate: 'degrease', fixed: 5, each: 10, quantity: 1, unit: 'm2', times: 1 },
      consumes: [take('degreaser', 0.05, 'cleans'), take('cloths', 1, 'wipes')],
      wait: wait(720),
      ...more,
    });

  it('like work on several surfaces: minutes added, setting up once, materials together', () => {
    const [one] = batch([wash('top'), wash('legs')]);
    expect(one).toMatchObject({
      id: 'top/wash/1',
      taskKeys: ['top/wash/1', 'legs/wash/1'],
      surfaceIds: ['top', 'legs'],
      minutes: 25,
      materials: ['Phosphate-free degreaser', 'Cloths'],
      wait: { minutes: 720 },
    });
    expect(one?.consumes.map((it) => it.quantity)).toEqual([0.1, 2]);
  });

  it('the longest wait speaks for all, and what one is warned of is told once', () => {
    const caution = { text: 'Mind the dog.', lastWord: 'The dog has it.' };
    const [one] = batch([
      wash('top', { cautions: [caution] }),
      wash('legs', { wait: wait(1440), cautions: [caution] }),
    ]);
    expect(one?.wait?.minutes).toBe(1440);
    expect(one?.cautions).toEqual([caution]);
  });

  it('surfaces with the same reason share a sentence; another reason is told beside', () => {
    const because = (text: string, observationIds: string[]) => ({
      reason: { rule: 'wash', text, ofSurface: true, observationIds },
    });
    const [one] = batch([
      wash('top', because('greasy.', ['o1'])),
      wash('apron', because('sticky.', [])),
      wash('legs', because('greasy.', ['o2'])),
    ]);
    expect(one?.reasons).toEqual([
      { rule: 'wash', text: 'Top, Legs: greasy.', observationIds: ['o1', 'o2'] },
      { rule: 'wash', text: 'Apron: sticky.', observationIds: [] },
    ]);
  });

  it('what waits for an answer is another go, and says which step asks', () => {
    const gate = taskFor({
      on: 'top',
      rule: 'lead-gate',
      phase: 'secure',
      gate: { kind: 'lead', question: 'Lead?', testId: null, answers: [] },
    });
    const all = batch([gate, wash('top', { holds: ['lead'] }), wash('legs')].map(withGo));
    expect(all.map((it) => [it.surfaceIds, it.holds, it.heldBy])).toEqual([
      [['top'], [], []],
      [['top'], ['lead'], ['top/lead-gate/1']],
      [['legs'], [], []],
    ]);
  });

  it('a coat on body and top says which comes first', () => {
    const [one] = batch([coat('top', 1), coat('legs', 1)], ['top']);
    expect(one?.surfaceIds).toEqual(['legs', 'top']);
    expect(one?.how[0]).toMatch(/^Body first/);
    expect(batch([coat('legs', 1)], ['top'])[0]?.how[0]).not.toMatch(/^Body first/);
  });

  it('a mask is not worn under a respirator, nor is anything named twice', () => {
    const [one] = batch([
      wash('top', { protection: ['dustMask', 'nitrileGloves'] }),
      wash('legs', { protection: ['p100Filter', 'nitrileGloves'] }),
    ]);
    expect(one?.protection).toEqual(['Nitrile gloves', 'P100 filter']);
  });

  it('names for each rule the last step that it comes after', () => {
    const all = batch([wash('top'), coat('top', 1), coat('top', 2)]);
    expect(all.at(-1)?.after).toEqual([
      expect.objectContaining({ operationId: 'top/wash/1', rule: 'blocked-before-colour' }),
      expect.objectContaining({ operationId: 'top/paint/1', rule: 'colour-in-order' }),
    ]);
  });
});
