import type { Minute } from '../../climate';
import type { Prepared } from './board';
import { either, readerOf, type Reader } from '../calendar/calendar';
import { waitEnds, type Job, type JobLink, type Wait } from '../model/problem';
import { byRank } from './rank';

/** No plan ends sooner than this. */
export interface Bound {
  readonly finish: Minute;
  /** What it follows from: the longest chain, or the hands that there are. */
  readonly from: 'chain' | 'hands';
}

/** Set-up that a job can't be spared: none where another could be done just before it. */
const leastWork = (jobs: readonly Job[]): readonly number[] => {
  const likes = new Map<string, number>();
  for (const { batchKey: go } of jobs) if (go !== null) likes.set(go, (likes.get(go) ?? 0) + 1);
  return jobs.map(
    ({ work, setUp, batchKey: go }) => work + (go !== null && (likes.get(go) ?? 0) > 1 ? 0 : setUp),
  );
};

/** Setting up that has to be done once for each kind, whoever does it. */
const sharedSetUp = (jobs: readonly Job[]): number => {
  const once = new Map<string, number>();
  const count = new Map<string, number>();
  const running = new Set(jobs.flatMap((it) => (it.fixed ? [it.batchKey] : [])));
  for (const { batchKey: go, setUp } of jobs) {
    if (go === null || running.has(go)) continue;
    count.set(go, (count.get(go) ?? 0) + 1);
    once.set(go, Math.min(once.get(go) ?? Infinity, setUp));
  }
  let sum = 0;
  for (const [go, setUp] of once) if ((count.get(go) ?? 0) > 1) sum += setUp;
  return sum;
};

/**
 * A bound under every plan: each job at the earliest by the chains before it, in the best hands and
 * the best air; and all work against all hands: what can't begin before a time and has so much still
 * to come needs so many hours in between (energetic reasoning).
 * What waits without end has no time in any plan, and says nothing of the others.
 * Relaxed: nobody and no space is shared along the chains; setting up is spared where it could be.
 */
export const boundOf = (prepared: Prepared): Bound => {
  const { problem, into, out } = prepared;
  const { jobs, links } = problem;
  const work = leastWork(jobs);
  const turn = byRank(prepared);
  const readers = new Map<string, Reader>();
  const readerFor = (job: Job): Reader => {
    const calendars = [...new Set(job.ways.map((it) => it.calendar))].sort((a, b) => a - b);
    const key = calendars.join();
    const known = readers.get(key);
    if (known) return known;
    const made = readerOf(either(calendars.flatMap((it) => problem.calendars[it] ?? [])));
    readers.set(key, made);
    return made;
  };

  /** A wait in the best of the spaces where a job can be done. */
  const soonest = (job: Job, wait: Wait, at: Minute): Minute =>
    job.ways.reduce(
      (best, { space }) => Math.min(best, waitEnds(problem, wait, at, space)),
      Infinity,
    );

  const starts = new Float64Array(jobs.length);
  const ends = new Float64Array(jobs.length);
  for (const index of turn) {
    const job = jobs[index] as Job;
    if (job.fixed) {
      starts[index] = job.fixed.start;
      ends[index] = job.fixed.end;
      continue;
    }
    let at = Math.max(problem.from, job.release);
    for (const place of into[index] ?? []) {
      const link = links[place] as JobLink;
      at = Math.max(at, soonest(jobs[link.before] as Job, link.min, ends[link.before] as number));
    }
    const reader = readerFor(job);
    const minutes = work[index] as number;
    const room = at < Infinity && reader.room(at, minutes, job.whole && minutes <= reader.longest);
    starts[index] = room ? room.from : Infinity;
    ends[index] = room ? room.to : Infinity;
  }
  const chain = ends.reduce(
    (last, it) => (it < Infinity ? Math.max(last, it) : last),
    problem.from,
  );

  /** Minutes that surely follow a job's end: work alone, since waits may go faster in better air. */
  const after = new Float64Array(jobs.length);
  for (const index of [...turn].reverse()) {
    for (const place of out[index] ?? []) {
      const link = links[place] as JobLink;
      const wait = link.min.pace === null ? link.min.minutes : 0;
      after[index] = Math.max(
        after[index] as number,
        wait + (work[link.after] as number) + (after[link.after] as number),
      );
    }
  }

  const hands = handsBound(prepared, work, starts, after);
  return hands > chain ? { finish: hands, from: 'hands' } : { finish: chain, from: 'chain' };
};

/** Jobs that need hands, against the hours of all hands from the earliest of them on. */
const handsBound = (
  { problem, readers }: Prepared,
  work: readonly number[],
  starts: Float64Array,
  after: Float64Array,
): Minute => {
  const people = problem.resources.flatMap((it, index) => (it.isPerson ? [index] : []));
  if (people.length === 0) return resourceBound(problem, work, starts, after);
  const handed = problem.jobs.flatMap((job, index) =>
    !job.fixed && starts[index] !== Infinity && job.ways.every((it) => it.hands.length > 0)
      ? [index]
      : [],
  );
  const least = (index: number): number =>
    (work[index] as number) *
    Math.min(...(problem.jobs[index] as Job).ways.map((it) => it.hands.length));
  const calendars = people.map((person) =>
    readerOf(
      either(
        [
          ...new Set(
            problem.jobs.flatMap((job) =>
              job.ways.flatMap((it) => (it.hands.includes(person) ? [it.calendar] : [])),
            ),
          ),
        ].flatMap((it) => readers[it]?.calendar ?? []),
      ),
    ),
  );
  const doneBy = (from: Minute, minutes: number): Minute => {
    let [low, high] = [from, from + 1];
    const had = (to: Minute): number => calendars.reduce((sum, it) => sum + it.within(from, to), 0);
    while (had(high) < minutes && high - from < 1e7) high = from + (high - from) * 2;
    while (high - low > 0.5) {
      const middle = (low + high) / 2;
      if (had(middle) < minutes) low = middle;
      else high = middle;
    }
    return low;
  };
  const shared = sharedSetUp(problem.jobs);
  let best = problem.from;
  const heads = sample([...new Set(handed.map((it) => starts[it] as number))]);
  const tails = sample([...new Set(handed.map((it) => after[it] as number))]);
  for (const head of heads) {
    for (const tail of tails) {
      const among = handed.filter(
        (it) => (starts[it] as number) >= head && (after[it] as number) >= tail,
      );
      const all = among.length === handed.length;
      const minutes = among.reduce((sum, it) => sum + least(it), all ? shared : 0);
      if (minutes > 0) best = Math.max(best, doneBy(head, minutes) + tail);
    }
  }
  return best;
};

/** A bound by resources of which there are several, where nobody's hours are counted. */
const resourceBound = (
  problem: Prepared['problem'],
  work: readonly number[],
  starts: Float64Array,
  after: Float64Array,
): Minute =>
  problem.resources.reduce((best, { capacity }, resource) => {
    const amountOf = (job: Job): number =>
      Math.min(
        ...job.ways.map((it) => it.uses.find((use) => use.resource === resource)?.amount ?? 0),
      );
    const users = problem.jobs.flatMap((job, index) =>
      amountOf(job) > 0 && starts[index] !== Infinity ? [index] : [],
    );
    const energy = users.reduce(
      (sum, it) => sum + (work[it] as number) * amountOf(problem.jobs[it] as Job),
      0,
    );
    const head = Math.min(...users.map((it) => starts[it] as number));
    const tail = Math.min(...users.map((it) => after[it] as number));
    return users.length === 0 ? best : Math.max(best, head + energy / capacity + tail);
  }, problem.from);

/** A few of many values, smallest first. */
const sample = (values: readonly number[]): readonly number[] => {
  const sorted = [...values].sort((a, b) => a - b);
  const step = Math.max(1, Math.floor(sorted.length / 12));
  return sorted.filter((_, index) => index % step === 0);
};

/** How far a plan may be from the best there is, as a share of its length; 0 where none can be better. */
export const shareOverBound = (from: Minute, finish: Minute, bound: Bound): number =>
  finish <= bound.finish ? 0 : (finish - bound.finish) / Math.max(1, finish - from);
