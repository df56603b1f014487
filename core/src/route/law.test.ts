import { USUAL_SHOP, surfacesOf, type Aim } from '../piece';
import { ofEveryRoute, type Case } from '../testing/everyRoute';
import { clear, painted, pieceOf, type Told } from '../testing/pieces';
import { isMet, type Task } from '../work';
import { workedOn } from '../testing/worked';
import { planRoute, precedencesOf, type Route } from './index';

// The frame of the planner: keys, state, graph, and the law that planning again goes on where the
// work stands. Stated of generated pieces in generated shops; the truth of each statement is in
// the route's own history, never in a second copy of a rule.

/** Every first part of a route is tried on so many pieces, a few parts on so many. */
const EVERY_PART = 15;
const SOME_PARTS = 120;
/** All other statements on so many. */
const MANY = 200;

const told = (list: readonly Task[]) =>
  list.map(({ key, reason, method, traits, effort, consumes, wait, holds }) => ({
    key,
    reason,
    method,
    traits,
    effort,
    consumes,
    wait,
    holds,
  }));

const goesOn = ({ piece, shop, known, route, after }: Case, done: number): void => {
  const rest = told(planRoute(piece, shop, { state: after(done), known }).tasks);
  const due = told(route.tasks.slice(done));
  // Told apart as text first: that is quick, and they hardly ever differ.
  if (JSON.stringify(rest) !== JSON.stringify(due)) expect(rest).toEqual(due);
};

describe('the law of the planner', () => {
  it('planning again after any first part of a route was done gives the rest of it', () => {
    ofEveryRoute((it) => {
      for (let done = 1; done <= it.route.tasks.length; done++) goesOn(it, done);
    }, EVERY_PART);
  });

  it('and after a third, two thirds and all but one of it, on many pieces', () => {
    ofEveryRoute((it) => {
      const count = it.route.tasks.length;
      for (const done of new Set([Math.floor(count / 3), Math.floor((2 * count) / 3), count - 1])) {
        if (done > 0) goesOn(it, done);
      }
    }, SOME_PARTS);
  });

  it('a route that is done leaves nothing to do', () => {
    ofEveryRoute(({ piece, shop, known, route, after }) => {
      expect(planRoute(piece, shop, { state: after(route.tasks.length), known }).tasks).toEqual([]);
    }, SOME_PARTS);
  });
});

describe('keys', () => {
  it('no two tasks of a piece share one; each names place, rule and occurrence', () => {
    ofEveryRoute(({ route: { tasks } }) => {
      expect(new Set(tasks.map((it) => it.key)).size).toBe(tasks.length);
      for (const it of tasks) {
        const place = it.place.of === 'piece' ? 'piece' : it.place.id;
        expect(it.key).toBe(`${place}/${it.rule}/${it.occurrence}`);
      }
    }, MANY);
  });

  it('of other surfaces stay as they are when one gets another aim', () => {
    const on = (tasks: readonly Task[], not: string) =>
      tasks
        .filter((it) => it.place.of === 'surface' && it.place.id !== not)
        .map((it) => it.key)
        .sort();
    ofEveryRoute(({ piece, shop, known, route }) => {
      const [first] = surfacesOf(piece);
      if (!first) return;
      const others: Aim['scheme'][] = [
        { kind: 'painted', shade: 'dark', topcoat: 'waterborne' },
        { kind: 'clear', topcoat: 'hardOil' },
        { kind: 'leave' },
      ];
      for (const scheme of others) {
        const aims = [
          ...piece.aims.filter((it) => it.surfaceId !== first.id),
          { surfaceId: first.id, scheme, stripWish: 'best' as const },
        ];
        const changed = planRoute({ ...piece, aims }, shop, { known });
        expect(on(changed.tasks, first.id)).toEqual(on(route.tasks, first.id));
      }
    }, SOME_PARTS);
  });

  it('do not change with a colour', () => {
    ofEveryRoute(({ piece, shop, known, route }) => {
      const aims = piece.aims.map((it): Aim =>
        it.scheme.kind === 'painted' ? { ...it, scheme: { ...it.scheme, colour: '#204050' } } : it,
      );
      const prime = (tasks: readonly Task[]) =>
        tasks.filter((it) => it.traits.lays?.series !== 'paint').map((it) => it.key);
      const other = planRoute({ ...piece, aims }, shop, { known });
      const kept = new Set(prime(other.tasks));
      const lost = prime(route.tasks).filter((key) => !kept.has(key));
      // Another count of coats brings or takes the sanding between them, and nothing else.
      expect(lost.filter((key) => !key.includes('sand-between-coats-of-paint'))).toEqual([]);
    }, SOME_PARTS);
  });

  it.each([
    ['bleed', 'bleed-patch:clean', {}],
    ['bleed', 'bleed-patch:pink', {}],
    ['lead', 'lead-laboratory:notFound:1', { years: [1930, 1935] as const }],
    ['veneer', '', { readings: { top: { 'veneer-thickness': 1.2 } } }],
  ])(
    'are shared by both branches of a %s gate for the work that they share (%s)',
    (_, seen, rest) => {
      const told: Told = {
        template: 'table',
        known: {
          top: { substrate: 'veneerCore', wood: 'ringPorous', finish: 'alkyd' },
          legs: { substrate: 'hardwood', wood: 'ringPorous', finish: 'alkyd' },
        },
        aims: { top: clear(), legs: painted('white') },
      };
      const years = 'years' in rest ? { years: rest.years } : {};
      const open = planRoute(pieceOf({ ...told, ...years }), USUAL_SHOP);
      const answered = planRoute(
        pieceOf({ ...told, ...rest, seen: seen ? { legs: [seen], top: [seen] } : {} }),
        USUAL_SHOP,
      );
      const work = ({ tasks }: typeof open) =>
        new Map(
          tasks.map((it) => [JSON.stringify([it.method, it.surfaceIds, it.traits.lays]), it.key]),
        );
      const [before, after] = [work(open), work(answered)];
      const shared = [...after.keys()].filter((it) => before.has(it));
      expect(shared.length).toBeGreaterThan(8);
      for (const it of shared) expect(after.get(it)).toBe(before.get(it));
    },
  );
});

describe('the state', () => {
  it('is, at each task, what the task asks of the face', () => {
    ofEveryRoute(({ route, after }) => {
      route.tasks.forEach((task, at) => {
        for (const id of task.surfaceIds) {
          const state = after(at).surfaces[id];
          const unmet = task.traits.needs.filter((need) => state && !isMet(need, state));
          if (unmet.length > 0) expect({ key: task.key, unmet }).toBeUndefined();
        }
      });
    }, MANY);
  });

  it('ends with everything back on that was taken off', () => {
    ofEveryRoute(({ route, after }) => {
      const end = after(route.tasks.length);
      for (const part of route.tasks.flatMap((it) => it.traits.takesOff ?? [])) {
        expect(end.parts[part]).toBe('back');
      }
    }, MANY);
  });

  it('holds each coat that it is given', () => {
    ofEveryRoute(({ route, after }) => {
      const end = after(route.tasks.length);
      const loose = Object.entries(end.surfaces).flatMap(([id, { layers }]) =>
        layers.filter((it) => !it.holds && it.meets?.may === 'scuff').map((it) => [id, it.taskKey]),
      );
      expect(loose).toEqual([]);
    }, MANY);
  });
});

describe('the graph', () => {
  /** Phases that follow each other on one surface, by the order of the work (trade, §6 to §11). */
  const ORDER = ['clean', 'strip', 'repair', 'sand', 'block', 'colour', 'protect'];

  it('tells every precedence between two phases on a surface, each once and with a reason', () => {
    ofEveryRoute(({ route }) => {
      const all = precedencesOf(route.graph);
      const pairs = new Set(all.map((it) => `${it.before} ${it.after}`));
      const lost: string[] = [];
      for (const a of route.tasks) {
        for (const b of route.tasks) {
          const [first, then] = [ORDER.indexOf(a.phase), ORDER.indexOf(b.phase)];
          const meet = a.surfaceIds.some((id) => b.surfaceIds.includes(id));
          if (first < 0 || then < 0 || first >= then || !meet) continue;
          if (!pairs.has(`${a.key} ${b.key}`)) lost.push(`${a.key} ${b.key}`);
        }
      }
      expect(lost).toEqual([]);
      expect(all.every((it) => it.because.length > 10)).toBe(true);
      const named = all.map((it) => `${it.before} ${it.after} ${it.rule}`);
      expect(new Set(named).size).toBe(named.length);
    }, 150);
  });

  it('is kept by the order of the tasks and of the operations', () => {
    ofEveryRoute(({ route }) => {
      const place = new Map(route.tasks.map((it, at) => [it.key, at]));
      const step = new Map(
        route.operations.flatMap((it, at) => it.taskKeys.map((key) => [key, at])),
      );
      const broken = precedencesOf(route.graph).filter(
        ({ before, after }) =>
          !((place.get(before) ?? NaN) < (place.get(after) ?? NaN)) ||
          !((step.get(before) ?? NaN) <= (step.get(after) ?? NaN)),
      );
      expect(broken).toEqual([]);
    }, 500);
  });

  it('has all dust made before any coat in the room, and every coat dry before parts go on', () => {
    ofEveryRoute(({ route }) => {
      const pairs = new Set(precedencesOf(route.graph).map((it) => `${it.before} ${it.after}`));
      const coats = route.tasks.filter((it) => it.traits.lays);
      const dust = route.tasks.filter((it) => it.traits.makesDust && ORDER.indexOf(it.phase) < 4);
      const together = route.tasks.filter((it) => it.phase === 'reassemble');
      const due = [
        ...dust.flatMap((a) => coats.map((b) => `${a.key} ${b.key}`)),
        ...coats.flatMap((a) => together.map((b) => `${a.key} ${b.key}`)),
      ];
      expect(due.filter((it) => !pairs.has(it))).toEqual([]);
    }, 150);
  });
});

describe('batches', () => {
  it('hold every task once, in order', () => {
    ofEveryRoute(({ route }) => {
      expect(route.operations.flatMap((it) => it.taskKeys)).toEqual(
        route.tasks.map((it) => it.key),
      );
    }, MANY);
  });

  it('never put together what waits for an answer and what does not', () => {
    ofEveryRoute(({ route }) => {
      const byKey = new Map(route.tasks.map((it) => [it.key, it]));
      for (const it of route.operations) {
        const held = new Set(it.taskKeys.map((key) => byKey.get(key)?.holds.length === 0));
        expect(held.size).toBe(1);
      }
    }, MANY);
  });

  it('take together what their tasks take', () => {
    ofEveryRoute(({ route }) => {
      const sum = (list: readonly { readonly quantity: number }[]) =>
        list.reduce((all, it) => all + it.quantity, 0);
      expect(sum(route.operations.flatMap((it) => it.consumes))).toBeCloseTo(
        sum(route.tasks.flatMap((it) => it.consumes)),
        6,
      );
    }, SOME_PARTS);
  });

  /** Minutes between two of its tasks at the least and the most, by the keys of both. */
  const lagsIn = ({ graph, tasks }: Route, done: ReadonlyMap<string, string>) => {
    const key = (at: number | undefined) => graph.nodes[at ?? -1] ?? '';
    const planned = new Set(tasks.map((it) => it.key));
    const lags = new Map<string, readonly [number, number]>();
    const tell = (before: string, after: string, lag?: { min: number; max: number | null }) => {
      if (!lag || lag.min === 0 || !planned.has(after)) return;
      const [min, max] = lags.get(`${before} ${after}`) ?? [0, Infinity];
      lags.set(`${before} ${after}`, [Math.max(min, lag.min), Math.min(max, lag.max ?? Infinity)]);
    };
    for (const it of precedencesOf(graph)) tell(it.before, it.after, it.lag);
    for (const [from, to, , lag] of graph.afterDone) {
      tell(done.get(graph.done[from] ?? '') ?? '', key(to), graph.lags[lag]);
    }
    return lags;
  };

  it('has what comes after work that is done as it had it while that was planned', () => {
    let compared = 0;
    ofEveryRoute(({ piece, shop, route }) => {
      const count = Math.floor(route.tasks.length / 2);
      const worked = workedOn(piece, shop, count);
      const keys = new Map(worked.done.map((it) => [it.id, it.taskKey]));
      const rest = planRoute(worked, shop);
      const left = new Set(rest.tasks.map((it) => it.key));
      const was = lagsIn(route, new Map());
      const is = lagsIn(rest, keys);
      const done = new Set(keys.values());
      const due = [...was].filter(([pair]) => {
        const [before = '', after = ''] = pair.split(' ');
        return done.has(before) && left.has(after);
      });
      compared += due.length;
      const other = due.flatMap(([pair, lag]) =>
        String(is.get(pair)) === String(lag)
          ? []
          : [`${pair}: ${String(lag)} → ${String(is.get(pair))}`],
      );
      const more = [...is].flatMap(([pair, lag]) =>
        done.has(pair.split(' ')[0] ?? '') && !was.has(pair) ? [`${pair}: – → ${String(lag)}`] : [],
      );
      expect([...other, ...more]).toEqual([]);
    }, SOME_PARTS);
    expect(compared).toBeGreaterThan(SOME_PARTS);
  });
});
