import {
  BEARS_PARTS,
  COATINGS,
  COAT_SHARES,
  DRYING,
  DUST_SETTLES,
  RATES,
  type Coating,
  type Drying,
} from '../catalog';
import {
  curePaceOf,
  paceOf,
  progressIn,
  type AirCourse,
  type Minute,
  type Progress,
} from '../climate';
import { surfacesOf, type DoneWork, type Piece, type Shop, type Skill, type Space } from '../piece';
import type { Graph, Operation, Route } from '../route';
import { effectIn, minutesOf, type Effect, type Lag, type Task } from '../work';
import { airIn, fitHours } from './airs';
import { ALWAYS, both, without, type Calendar } from './calendar';
import { clockDays, dayOf, hoursOf, loudHours, minuteOn } from './hours';
import type { Job, Link, Problem, Resource, Use, Wait, Way } from './problem';

/** A piece with what is still to be done on it. */
export interface OnBench {
  readonly piece: Piece;
  readonly route: Route;
}

/** What a job of the problem stands for. */
export interface Meaning {
  readonly pieceId: string;
  /** The operation; null for a milestone, and for work that is done. */
  readonly operation: Operation | null;
  /** Work on record that others wait for. */
  readonly done: DoneWork | null;
}

/** The problem of a shop, with what its numbers mean. */
export interface ShopProblem {
  readonly problem: Problem;
  readonly meanings: readonly Meaning[];
  /** Air of each space. */
  readonly airs: readonly AirCourse[];
}

/** Operations that are not to begin before a time, by "piece/operation". */
export type Held = ReadonlyMap<string, Minute>;
const NOTHING_HELD: Held = new Map();

/** Ahead of now nothing is planned further than this, days. */
const HORIZON = 240;
/** Work on record that is older has dried, days. */
const REMEMBERED = 45;

const DAY = 24 * 60;
const MS = 60_000;
const MM2 = 1e6;

/** How waits go on: as each kind of drying, or as hardening on. */
const PACES = [...DRYING.ids, 'cure'] as const;
type Pace = (typeof PACES)[number];
const placeOfPace = (it: Pace): number => PACES.indexOf(it);

/** What a lag dries as; null where only the clock runs. */
export const dryingIn = ({ mechanism, filmUm }: Pick<Lag, 'mechanism' | 'filmUm'>): Drying | null =>
  // Water with no film is in the wood.
  mechanism === 'water' && filmUm === 0 ? 'wetWood' : mechanism;

const paceOfLag = (it: Pick<Lag, 'mechanism' | 'filmUm'>): number | null => {
  const drying = dryingIn(it);
  return drying === null ? null : placeOfPace(drying);
};

const minWait = (it: Lag): Wait => ({ minutes: it.min, pace: paceOfLag(it) });
/**
 * Label minutes until a window counts as closed: when one coat in ten has closed, so that what is
 * planned in it is safe; null where nothing presses.
 */
export const safeWindow = (it: Pick<Lag, 'max' | 'mechanism' | 'filmUm'>): number | null => {
  if (it.max === null) return null;
  const drying = dryingIn(it);
  return it.max * (drying === null ? 1 : DRYING.get(drying).early);
};

const maxWait = (it: Lag): Wait | null => {
  const minutes = safeWindow(it);
  return minutes === null ? null : { minutes, pace: placeOfPace('cure') };
};

const coatingOf = ({ traits }: Pick<Effect, 'traits'>): Coating | null =>
  traits.lays?.coating ?? null;

/** How long a coat is a prey to dust. */
const wetOf = (it: Pick<Effect, 'traits'>): Wait | null => {
  const coating = coatingOf(it);
  if (coating === null) return null;
  const { mechanism, recoatMinutes } = COATINGS.get(coating);
  return {
    minutes: recoatMinutes * COAT_SHARES.touchDry[mechanism],
    pace: placeOfPace(mechanism),
  };
};

/** How long clamps stay on. */
const heldOf = (it: Pick<Effect, 'wait'>): Wait | null =>
  it.wait?.mechanism === 'glue' ? minWait(it.wait) : null;

const skillOf = (it: Task): Skill | null => {
  if (it.traits.sprayed) return 'spray';
  if (it.phase === 'strip') return 'strip';
  return it.phase === 'repair' ? 'repair' : null;
};

const mayBeIn = (space: Space, { traits }: Pick<Effect, 'traits'>): boolean =>
  (!traits.makesDust || space.dust) &&
  (traits.lays === null || space.wet) &&
  (!traits.sprayed || space.spray);

/** Those that answer, or all where none does. */
const orAll = <T>(list: readonly T[], holds: (it: T) => boolean): readonly T[] => {
  const some = list.filter(holds);
  return some.length > 0 ? some : list;
};

/** Minutes of dulling that a missed recoat window costs. */
const scuffMinutes = (piece: Piece, surfaceIds: readonly string[]): number => {
  const m2 =
    surfacesOf(piece)
      .filter((it) => surfaceIds.includes(it.id))
      .reduce((sum, it) => sum + it.areaMm2, 0) / MM2;
  return RATES.scuff.fixed + RATES.scuff.each * m2;
};

/** The people, spaces and hours of a shop, as a problem has them. */
const placesOf = (shop: Shop, now: Minute, outdoor: AirCourse | undefined) => {
  const { people, spaces, timeZone, quietFrom, appointments } = shop;
  const airs = spaces.map((it) => airIn(shop, it, now, outdoor));
  const fits = airs.map((air) => fitHours(air, now, HORIZON));
  const days = clockDays(now, HORIZON, timeZone);
  const loud = quietFrom === null ? ALWAYS : loudHours(quietFrom, days, timeZone);
  const hours = people.map((it) =>
    without(
      hoursOf(it, days, timeZone),
      appointments
        .filter(({ personId }) => personId === null || personId === it.id)
        .map(({ from, to }) => ({ from: Date.parse(from) / MS, to: Date.parse(to) / MS })),
    ),
  );
  const calendars: Calendar[] = [];
  const known = new Map<string, number>();
  const calendar = (key: string, make: () => Calendar): number => {
    const old = known.get(key);
    if (old !== undefined) return old;
    known.set(key, calendars.push(make()) - 1);
    return calendars.length - 1;
  };
  const fitKey = new Map<string, Calendar>();
  const fitIn = (space: number, coating: Coating): Calendar => {
    const key = `${space}/${coating}`;
    const made = fitKey.get(key) ?? fits[space]?.(coating) ?? ALWAYS;
    fitKey.set(key, made);
    return made;
  };
  const always = calendar('always', () => ALWAYS);
  const resources: Resource[] = [
    ...people.map(({ name }) => ({ name, capacity: 1, isPerson: true })),
    ...spaces.map(({ name, places }) => ({ name, capacity: places, isPerson: false })),
    ...spaces.map(({ name, clamps }) => ({ name, capacity: clamps, isPerson: false })),
  ];
  const use = (group: number, space: number): Use => ({
    resource: people.length + group * spaces.length + space,
    amount: 1,
  });
  const wayOf = (person: number, space: number, it: Pick<Effect, 'traits' | 'wait'>): Way => {
    const coating = coatingOf(it);
    const loudly = it.traits.makesDust;
    const key = `${person}/${loudly}/${coating === null ? '' : `${space}/${coating}`}`;
    return {
      hands: [person],
      uses: [use(0, space)],
      racks: heldOf(it) && (spaces[space]?.clamps ?? 0) > 0 ? [use(1, space)] : [],
      space,
      calendar: calendar(key, () => {
        const own = loudly ? both(hours[person] ?? ALWAYS, loud) : (hours[person] ?? ALWAYS);
        return coating === null ? own : both(own, fitIn(space, coating));
      }),
    };
  };
  const waysOf = (it: Task): readonly Way[] => {
    const skill = skillOf(it);
    const able = orAll(people, ({ skills }) => skill === null || skills.includes(skill));
    const where = orAll(spaces, (space) => mayBeIn(space, it));
    return able.flatMap((person) =>
      where.map((space) => wayOf(people.indexOf(person), spaces.indexOf(space), it)),
    );
  };
  const nowhere: Way = { hands: [], uses: [], racks: [], space: null, calendar: always };
  return { airs, calendars, resources, waysOf, nowhere, spaces, people };
};

const emptyJob = (key: string, project: number, now: Minute, way: Way): Job => ({
  key,
  project,
  work: 0,
  setUp: 0,
  go: null,
  whole: false,
  ways: [way],
  makesDust: false,
  wet: null,
  holds: null,
  release: now,
  fixed: null,
});

/** The tasks of an operation as one job. */
const jobFrom = (
  key: string,
  project: number,
  own: readonly Task[],
  ways: readonly Way[],
  release: Minute,
): Job => ({
  key,
  project,
  work: own.reduce((sum, it) => sum + minutesOf(it.effort), 0),
  setUp: Math.max(...own.map((it) => it.effort.fixed)),
  go: own[0]?.go ?? null,
  whole: own.some((it) => it.traits.lays !== null),
  ways,
  makesDust: own.some((it) => it.traits.makesDust),
  wet: longest(own.map(wetOf)),
  holds: longest(own.map(heldOf)),
  release,
  fixed: null,
});

const longest = (waits: readonly (Wait | null)[]): Wait | null =>
  waits.reduce((a, b) => (a && (!b || a.minutes >= b.minutes) ? a : b), null);

/** A job that was begun and is not done: it stays where it is, and ends when its minutes are over. */
const startedJob = (job: Job, under: DoneWork, now: Minute, spaces: readonly Space[]): Job => {
  const start = Math.min(now, Date.parse(under.startedAt) / MS);
  const space = spaces.findIndex((it) => it.id === under.spaceId);
  const way = Math.max(
    0,
    job.ways.findIndex((it) => it.space === space),
  );
  return { ...job, fixed: { start, end: Math.max(now, start + job.work + job.setUp), way } };
};

/**
 * The precedences of a route between its jobs: each pair once for each way of waiting, with the
 * longest wait and the nearest close.
 * @param nodes by node of the graph: its job
 */
const linksAlong = (
  graph: Graph,
  nodes: readonly number[],
): readonly Pick<Link, 'before' | 'after' | 'min' | 'max'>[] => {
  const known = new Map<string, Pick<Link, 'before' | 'after' | 'min' | 'max'>>();
  for (const [from, to, , between] of graph.edges) {
    const [before, after, lag] = [nodes[from], nodes[to], graph.lags[between]];
    if (before === undefined || after === undefined || before === after || !lag) continue;
    const min = minWait(lag);
    const max = maxWait(lag);
    const key = `${before}/${after}/${min.pace}`;
    const old = known.get(key);
    known.set(key, {
      before,
      after,
      min: old && old.min.minutes >= min.minutes ? old.min : min,
      max: old?.max && (!max || old.max.minutes <= max.minutes) ? old.max : max,
    });
  }
  return [...known.values()];
};

/** What presses on a coat waits longer than what is laid over it. */
const bearing = ({ traits, wait }: Effect, minutes: number): number =>
  traits.lays && wait
    ? Math.max(minutes, BEARS_PARTS[COATINGS.get(traits.lays.coating).mechanism])
    : minutes;

/** What tasks that are left wait for after work on record: the next coat has a window, parts need a film that bears them. */
const waitsAfter = (
  effect: Effect,
  tasks: readonly Task[],
  isLastOn: (surfaceId: string) => boolean,
): readonly { readonly task: Task; readonly min: Wait; readonly max: Wait | null }[] => {
  const { wait, surfaceIds, traits } = effect;
  if (!wait) return [];
  return surfaceIds.flatMap((surfaceId) =>
    tasks
      .filter((it) => it.surfaceIds.includes(surfaceId))
      .map((task, place) => {
        const isNextCoat =
          place === 0 && traits.lays !== null && task.traits.lays !== null && isLastOn(surfaceId);
        const presses = task.phase === 'reassemble' || task.phase === 'handover';
        return {
          task,
          min: { ...minWait(wait), minutes: presses ? bearing(effect, wait.min) : wait.min },
          max: isNextCoat ? maxWait(wait) : null,
        };
      }),
  );
};

/**
 * What a shop has to plan: the tasks of its pieces with their precedences; people, spaces and their
 * air; and what dries of the work on record. What was begun is running and stays.
 * @param now minute from which on it is planned
 * @param held operations that are not to begin before a time, by "piece/operation": put off by hand, or
 *   without their material until then
 * @param outdoor the air outside, where a file tells it
 */
export const problemOf = (
  bench: readonly OnBench[],
  shop: Shop,
  now: Minute,
  held: Held = NOTHING_HELD,
  outdoor?: AirCourse,
): ShopProblem => {
  const places = placesOf(shop, now, outdoor);
  const { nowhere, waysOf, spaces } = places;
  const jobs: Job[] = [];
  const links: Link[] = [];
  const meanings: Meaning[] = [];
  const add = (job: Job, meaning: Meaning): number => {
    meanings.push(meaning);
    return jobs.push(job) - 1;
  };

  bench.forEach(({ piece, route }, project) => {
    const { tasks, graph, operations } = route;
    const taskOf = new Map(tasks.map((it) => [it.key, it]));
    const running = new Map(
      piece.done.flatMap((it) => (it.endedAt === null ? [[it.taskKey, it] as const] : [])),
    );
    /** By key of a task: the job that it is done in. */
    const jobOf = new Map<string, number>();
    for (const operation of operations) {
      const own = operation.taskKeys.flatMap((key) => taskOf.get(key) ?? []);
      const [first] = own;
      if (!first) continue;
      const under = operation.taskKeys.flatMap((key) => running.get(key) ?? [])[0];
      const key = `${piece.id}/${operation.id}`;
      const job = jobFrom(key, project, own, waysOf(first), Math.max(now, held.get(key) ?? now));
      const index = add(under ? startedJob(job, under, now, spaces) : job, {
        pieceId: piece.id,
        operation,
        done: null,
      });
      for (const key of operation.taskKeys) jobOf.set(key, index);
    }
    const nodes = graph.nodes.map((key) => {
      const index = jobOf.get(key);
      if (index !== undefined) return index;
      const meaning = { pieceId: piece.id, operation: null, done: null };
      return add(emptyJob(`${piece.id}/${key}`, project, now, nowhere), meaning);
    });
    for (const it of linksAlong(graph, nodes)) {
      const then = meanings[it.after]?.operation?.surfaceIds ?? [];
      links.push({ ...it, missed: it.max ? scuffMinutes(piece, then) : null });
    }
    const drying = dryingOf(piece, now);
    const lastOn = new Map(
      drying.flatMap(({ done, effect }) => effect.surfaceIds.map((id) => [id, done] as const)),
    );
    drying.forEach(({ done, effect }) => {
      const space = Math.max(
        0,
        spaces.findIndex((it) => it.id === done.spaceId),
      );
      const start = Date.parse(done.startedAt) / MS;
      const end = Date.parse(done.endedAt ?? done.startedAt) / MS;
      const job = emptyJob(`${piece.id}/${done.id}`, project, now, { ...nowhere, space });
      const index = add(
        { ...job, wet: wetOf(effect), fixed: { start, end, way: 0 } },
        { pieceId: piece.id, operation: null, done },
      );
      for (const it of waitsAfter(effect, tasks, (id) => lastOn.get(id) === done)) {
        const missed = it.max ? scuffMinutes(piece, it.task.surfaceIds) : null;
        links.push({
          before: index,
          after: jobOf.get(it.task.key) ?? 0,
          min: it.min,
          max: it.max,
          missed,
        });
      }
    });
  });

  return {
    problem: {
      from: now,
      projects: bench.map(({ piece }) => ({
        name: piece.name,
        due: piece.due === null ? null : minuteOn(dayOf(piece.due), DAY, shop.timeZone),
      })),
      jobs,
      links,
      resources: places.resources,
      spaces: spaces.map(({ name }) => name),
      calendars: places.calendars,
      paces: progressOf(jobs, links, places.airs, spaces),
      spreads: PACES.map((pace) => {
        const row = pace === 'cure' ? DRYING.get('oxidation') : DRYING.get(pace);
        return [row.early, row.late] as const;
      }),
      dustSettles: DUST_SETTLES.value,
    },
    meanings,
    airs: places.airs,
  };
};

/** Work on record whose film, glue or water may still count, and what it did. */
export const dryingOf = (
  piece: Piece,
  now: Minute,
): readonly { readonly done: DoneWork; readonly effect: Effect }[] =>
  piece.done.flatMap((done) => {
    if (done.endedAt === null) return [];
    const old = Date.parse(done.endedAt) / MS < now - REMEMBERED * DAY;
    const effect = old ? undefined : effectIn(done);
    return effect && (effect.wait !== null || effect.traits.lays !== null)
      ? [{ done, effect }]
      : [];
  });

/** How drying goes on in each space, for the paces that something asks for. */
const progressOf = (
  jobs: readonly Job[],
  links: readonly Link[],
  airs: readonly AirCourse[],
  spaces: readonly Space[],
): readonly (readonly (Progress | null)[])[] => {
  const asked = new Set(
    [
      ...links.flatMap((it) => [it.min, it.max]),
      ...jobs.flatMap((it) => [it.wet, it.holds]),
    ].flatMap((it) => it?.pace ?? []),
  );
  return PACES.map((pace, place) =>
    airs.map((air, space) => {
      if (!asked.has(place)) return null;
      if (pace === 'cure') return progressIn(air, curePaceOf);
      const movement = spaces[space]?.movement ?? 'still';
      return progressIn(air, (it) => paceOf(pace, it, { movement, film: 1, hardener: 1 }));
    }),
  );
};
