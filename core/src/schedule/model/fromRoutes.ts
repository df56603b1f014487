import { DAY, MINUTE_MS } from '../../units';
import { DRYING, DUST_SETTLES, RATES } from '../../catalog';
import type { AirCourse, Minute } from '../../climate';
import {
  movesWith,
  surfacesOf,
  type DoneWork,
  type Piece,
  type PutOff,
  type Shop,
} from '../../piece';
import type { Operation, Route } from '../../route';
import { learnPaces, timedIn, waitingWork, type Task, type WaitingWork } from '../../work';
import { placeClock } from '../../clock';
import { emptyJob, jobFrom, linksAlong, startedJob } from './jobs';
import { placesInSpaces } from './places';
import type { Job, JobLink, ScheduleProblem } from './problem';
import { PACES, progressOf, wetOf } from './waits';

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
  /** Why it is not to begin before its release; null where nothing was put off. */
  readonly putOff: PutOff['why'] | null;
}

/** The problem of a shop, with what its numbers mean. */
export interface ShopProblem {
  readonly problem: ScheduleProblem;
  readonly meanings: readonly Meaning[];
  /** Air of each space. */
  readonly airs: readonly AirCourse[];
}

/** Operations that are not to begin before a time, by "piece/operation". */
export type Held = ReadonlyMap<string, Minute>;
const NOTHING_HELD: Held = new Map();

/** Work on record that is older has dried, days. */
const REMEMBERED = 45;

const MM2 = 1e6;

/** Until when an operation is put off: the last of what holds its tasks; undefined where nothing does. */
const putOffOf = (
  piece: Piece,
  taskKeys: readonly string[],
  now: Minute,
): { readonly until: Minute; readonly why: PutOff['why'] } | undefined =>
  piece.putOff
    .filter((it) => taskKeys.includes(it.taskKey))
    .map(({ until, why }) => ({ until: Date.parse(until) / MINUTE_MS, why }))
    .filter(({ until }) => until > now)
    .sort((a, b) => b.until - a.until)[0];

/** What of these tasks lies on parts that are taken off, m²: it dries on racks. */
const looseM2In = (piece: Piece, own: readonly Task[]): number =>
  surfacesOf(piece)
    .filter((it) => movesWith(it) !== null && own.some((one) => one.surfaceIds.includes(it.id)))
    .reduce((sum, it) => sum + it.areaMm2, 0) / MM2;

/** Minutes of dulling that a missed recoat window costs. */
const scuffMinutes = (piece: Piece, surfaceIds: readonly string[]): number => {
  const m2 =
    surfacesOf(piece)
      .filter((it) => surfaceIds.includes(it.id))
      .reduce((sum, it) => sum + it.areaMm2, 0) / MM2;
  return RATES.scuff.fixed + RATES.scuff.each * m2;
};

/**
 * What a shop has to plan: the tasks of its pieces with their precedences; people, spaces and their
 * air; and what dries of the work on record. What was begun is running and stays.
 * @param now minute from which on it is planned
 * @param held operations that are not to begin before a time, by "piece/operation": tried out, and not on
 *   record
 * @param outdoor the air outside, where a file tells it
 */
export const problemOf = (
  bench: readonly OnBench[],
  shop: Shop,
  now: Minute,
  held: Held = NOTHING_HELD,
  outdoor?: AirCourse,
): ShopProblem => {
  // What was timed on these pieces tells how long the like takes here.
  const pace = learnPaces(bench.flatMap(({ piece }) => timedIn(piece.done, piece.log)));
  const places = placesInSpaces(shop, now, outdoor);
  const { nowhere, waysOf, spaces } = places;
  const jobs: Job[] = [];
  const links: JobLink[] = [];
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
      const late = putOffOf(piece, operation.taskKeys, now);
      const until = Math.max(now, held.get(key) ?? now, late?.until ?? now);
      const ways = waysOf(first, looseM2In(piece, own));
      const job = jobFrom(key, project, own, ways, until, pace);
      const index = add(under ? startedJob(job, under, now, spaces) : job, {
        pieceId: piece.id,
        operation,
        done: null,
        putOff: late?.why ?? (held.has(key) ? 'choice' : null),
      });
      for (const key of operation.taskKeys) jobOf.set(key, index);
    }
    const nodes = graph.nodes.map((key) => {
      const index = jobOf.get(key);
      if (index !== undefined) return index;
      const meaning = { pieceId: piece.id, operation: null, done: null, putOff: null };
      return add(emptyJob(`${piece.id}/${key}`, project, now, nowhere), meaning);
    });
    const jobOfDone = new Map<string, number>();
    for (const { done, effect } of dryingOf(piece, now)) {
      const space = Math.max(
        0,
        spaces.findIndex((it) => it.id === done.spaceId),
      );
      const start = Date.parse(done.startedAt) / MINUTE_MS;
      const end = Date.parse(done.endedAt ?? done.startedAt) / MINUTE_MS;
      const job = emptyJob(`${piece.id}/${done.id}`, project, now, { ...nowhere, space });
      const index = add(
        { ...job, wet: wetOf(effect), fixed: { start, end, way: 0 } },
        { pieceId: piece.id, operation: null, done, putOff: null },
      );
      jobOfDone.set(done.id, index);
    }
    const doneJobs = graph.done.map((id) => jobOfDone.get(id));
    for (const it of [
      ...linksAlong(graph.edges, graph.lags, nodes, nodes),
      ...linksAlong(graph.afterDone, graph.lags, doneJobs, nodes),
    ]) {
      const then = meanings[it.after]?.operation?.surfaceIds ?? [];
      links.push({ ...it, missed: it.max ? scuffMinutes(piece, then) : null });
    }
  });

  return {
    problem: {
      from: now,
      projects: bench.map(({ piece }) => ({
        name: piece.name,
        due:
          piece.due === null
            ? null
            : placeClock(shop.timeZone).minutesInto(piece.due, DAY) / MINUTE_MS,
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

/** Work on record whose film, glue or water may still count at a time, and what it did. */
export const dryingOf = (piece: Piece, now: Minute): readonly WaitingWork[] =>
  waitingWork(piece).filter(
    ({ done }) => Date.parse(done.endedAt ?? '') / MINUTE_MS >= now - REMEMBERED * DAY,
  );
