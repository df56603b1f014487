import { MINUTE_MS } from '../../units';
import { COATINGS } from '../../catalog';
import type { Minute } from '../../climate';
import type { DoneWork, Space } from '../../piece';
import type { Graph } from '../../route';
import { activeMinutes, minutesOf, type Paces, type Task } from '../../work';
import type { Job, JobLink, Wait, Way } from './problem';
import { coatingOf, heldOf, heldOnRacks, maxWait, minWait, wetOf } from './waits';

/** A job without work: a milestone, or work that is done. */
export const emptyJob = (key: string, project: number, now: Minute, way: Way): Job => ({
  key,
  project,
  work: 0,
  setUp: 0,
  batchKey: null,
  whole: false,
  ways: [way],
  makesDust: false,
  wet: null,
  holds: null,
  release: now,
  fixed: null,
});

/** To weigh and stir another portion of what sets in its pot, minutes (J). */
const MIXING = 8;

/** A coat that takes longer than its pot lives is mixed in portions: the minutes for those after the first. */
const mixingAnew = (own: readonly Task[]): number => {
  const coating = own.map(coatingOf).find((it) => it !== null);
  const life = coating ? (COATINGS.get(coating).potLifeMinutes ?? Infinity) : Infinity;
  const minutes = own.reduce((sum, it) => sum + minutesOf(it.effort), 0);
  return MIXING * Math.max(0, Math.ceil(minutes / life) - 1);
};

/** The tasks of an operation as one job. */
export const jobFrom = (
  key: string,
  project: number,
  own: readonly Task[],
  ways: readonly Way[],
  release: Minute,
  pace: Paces,
): Job => ({
  key,
  project,
  work:
    own.reduce((sum, it) => sum + minutesOf(it.effort) * pace.of(it.phase).ratio, 0) +
    mixingAnew(own),
  setUp: Math.max(...own.map((it) => it.effort.fixed * pace.of(it.phase).ratio)),
  batchKey: own[0]?.batchKey ?? null,
  whole: own.some((it) => it.traits.lays !== null),
  ways,
  makesDust: own.some((it) => it.traits.makesDust),
  wet: longest(own.map(wetOf)),
  holds: longest(own.map(ways.some((it) => it.racks.length > 0) ? heldOnRacks : heldOf)),
  release,
  fixed: null,
});

const longest = (waits: readonly (Wait | null)[]): Wait | null =>
  waits.reduce((a, b) => (a && (!b || a.minutes >= b.minutes) ? a : b), null);

/** A job that was begun and is not done: it stays where it is, and ends when its minutes are over; pauses are none of them. */
export const startedJob = (
  job: Job,
  under: DoneWork,
  now: Minute,
  spaces: readonly Space[],
): Job => {
  const start = Math.min(now, Date.parse(under.startedAt) / MINUTE_MS);
  const space = spaces.findIndex((it) => it.id === under.spaceId);
  const way = Math.max(
    0,
    job.ways.findIndex((it) => it.space === space),
  );
  const said = under.expectedEnd === null ? null : Date.parse(under.expectedEnd) / MINUTE_MS;
  const worked = activeMinutes(under, new Date(now * MINUTE_MS).toISOString());
  const end = Math.max(now, said ?? now + job.work + job.setUp - worked);
  return { ...job, fixed: { start, end, way } };
};

/**
 * The precedences of a route between jobs: each pair once for each way of waiting, with the
 * longest wait and the nearest close.
 * @param edges of the graph, with its lags
 * @param first by node that an edge comes from: its job; undefined where nothing waits for it any more
 * @param then by node that an edge leads to: its job
 */
export const linksAlong = (
  edges: Graph['edges'],
  lags: Graph['lags'],
  first: readonly (number | undefined)[],
  then: readonly number[],
): readonly Pick<JobLink, 'before' | 'after' | 'min' | 'max'>[] => {
  const known = new Map<string, Pick<JobLink, 'before' | 'after' | 'min' | 'max'>>();
  for (const [from, to, , between] of edges) {
    const [before, after, lag] = [first[from], then[to], lags[between]];
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
