import type { Minute } from '../../climate';
import { Board, type Prepared } from './board';
import {
  waitEnds,
  type Booking,
  type Job,
  type JobLink,
  type JobPlan,
  type ScheduleProblem,
  type LinkReason,
} from '../model/problem';

/** How often a job is moved later so that what has to follow soon can follow. */
const MOVES = 4;

/** When the next may begin after a job that has its time. */
const readyAfter = (problem: ScheduleProblem, link: JobLink, booking: Booking): Minute => {
  const space = problem.jobs[booking.job]?.ways[booking.way]?.space ?? null;
  return waitEnds(problem, link.min, booking.end, space);
};

/** Until when the next has to have begun; Infinity where nothing presses. */
export const closesAfter = (problem: ScheduleProblem, link: JobLink, booking: Booking): Minute => {
  if (!link.max) return Infinity;
  const space = problem.jobs[booking.job]?.ways[booking.way]?.space ?? null;
  return waitEnds(problem, link.max, booking.end, space);
};

/** The job that a booking is said to wait for has moved since. */
const isStale = (it: Booking, all: readonly (Booking | undefined)[]): boolean => {
  const { why, start } = it;
  if (why.kind === 'hands') return Math.abs((all[why.job]?.end ?? 0) - start) > 1e-3;
  return (
    (why.kind === 'wetBeside' || why.kind === 'dustBeside') &&
    (all[why.job]?.end ?? start + 1) > start
  );
};

/** What a plan is made by. */
export interface Wishes {
  /** By job; of those that are free the lowest comes first. */
  readonly rank: ArrayLike<number>;
  /** By job: the way it is done in; -1 for the one that is done soonest. */
  readonly way?: ArrayLike<number>;
}

/**
 * Gives all jobs a time, one after the other (serial generation of a schedule): of those whose
 * predecessors have theirs, the one that ranks first, at the earliest time that keeps everything.
 * What shares its setting up with the one before follows at once. Where a wait that presses would
 * be missed, what it follows is moved later, a few times.
 */
export const buildPlan = (prepared: Prepared, { rank, way: wished }: Wishes): JobPlan => {
  const { problem, into, out } = prepared;
  const { jobs, links } = problem;
  const board = new Board(prepared);
  const open = into.map((of) => of.length);
  const notBefore = jobs.map((it) => Math.max(problem.from, it.release));
  const moved = new Uint8Array(jobs.length);
  const free: number[] = [];
  /** By link: when the wait after what comes before is over. */
  const ready = new Float64Array(links.length);

  const settle = (index: number): void => {
    const booking = board.bookings[index] as Booking;
    for (const place of out[index] ?? []) {
      const link = links[place] as JobLink;
      const { after } = link;
      ready[place] = readyAfter(problem, link, booking);
      open[after] = (open[after] ?? 0) - 1;
      if (open[after] === 0 && !board.bookings[after]) free.push(after);
    }
  };

  /** The link that holds a job back longest, and until when. */
  const earliest = (index: number): { at: Minute; why: LinkReason } => {
    let at = notBefore[index] as number;
    let held = -1;
    for (const place of into[index] ?? []) {
      const until = ready[place] as number;
      if (until > at) {
        at = until;
        held = place;
      }
    }
    if (held >= 0) return { at, why: { kind: 'after', job: (links[held] as JobLink).before } };
    return { at, why: { kind: at > problem.from ? 'release' : 'free' } };
  };

  const bestWay = (index: number): Booking | undefined => {
    const { ways } = jobs[index] as Job;
    const { at, why } = earliest(index);
    if (at === Infinity) return undefined;
    const only = wished?.[index] ?? -1;
    let best: Booking | undefined;
    ways.forEach((way, number) => {
      if (only >= 0 && only !== number) return;
      const found = board.find(index, way, at, why);
      if (!found || (best && found.span.to >= best.end - 1e-6)) return;
      const { span, sparesSetUp, why: held } = found;
      best = { job: index, way: number, start: span.from, end: span.to, sparesSetUp, why: held };
    });
    return best;
  };

  /** Takes a job and all that rests on it off the board again. */
  const takeBack = (index: number): void => {
    if (!board.bookings[index] || jobs[index]?.fixed) return;
    const resting = board.restingOn(index);
    board.unbook(index);
    for (const it of resting) {
      if (!board.bookings[it]) continue;
      takeBack(it);
      if (open[it] === 0) free.push(it);
    }
    for (const place of out[index] ?? []) {
      const { after } = links[place] as JobLink;
      if (open[after] === 0) {
        const at = free.indexOf(after);
        if (at >= 0) free.splice(at, 1);
      }
      takeBack(after);
      open[after] = (open[after] ?? 0) + 1;
    }
  };

  /** The pressing wait that a booking would miss, and how much later what it follows has to be. */
  const missedBy = (index: number, { start }: Booking): { job: number; by: number } | undefined => {
    for (const place of into[index] ?? []) {
      const link = links[place] as JobLink;
      const { before: job } = link;
      const before = link.max && board.bookings[job];
      if (!before || (moved[job] ?? 0) >= MOVES || jobs[job]?.fixed) continue;
      const by = start - closesAfter(problem, link, before);
      if (by > 1e-6) return { job, by };
    }
    return undefined;
  };

  jobs.forEach(({ fixed }, job) => {
    if (!fixed) return;
    const { start, end, way } = fixed;
    board.book({ job, way, start, end, sparesSetUp: false, why: { kind: 'fixed' } });
  });
  jobs.forEach((job, index) => {
    if (job.fixed) settle(index);
    else if (into[index]?.length === 0) free.push(index);
  });

  let lastBatch: string | null = null;
  let lastEnd = -Infinity;
  const next = (): number => {
    let place = 0;
    let isLike = false;
    free.forEach((index, at) => {
      const like =
        lastBatch !== null && jobs[index]?.batchKey === lastBatch && earliest(index).at <= lastEnd;
      const sooner = (rank[index] as number) < (rank[free[place] as number] as number);
      if ((like && !isLike) || (like === isLike && at > 0 && sooner)) {
        place = at;
        isLike = like;
      }
    });
    return free.splice(place, 1)[0] as number;
  };
  while (free.length > 0) {
    const index = next();
    const booking = bestWay(index);
    // What finds no room has no time, and what rests on it has none either.
    if (!booking) continue;
    const missed = missedBy(index, booking);
    if (missed) {
      moved[missed.job] = (moved[missed.job] ?? 0) + 1;
      notBefore[missed.job] = (board.bookings[missed.job]?.start ?? 0) + missed.by;
      free.push(index);
      takeBack(missed.job);
      free.push(missed.job);
      lastBatch = null;
      continue;
    }
    board.book(booking);
    settle(index);
    lastBatch = jobs[index]?.batchKey ?? null;
    lastEnd = booking.end;
  }
  // What was in the way of a job may have moved since.
  board.bookings.forEach((it, index) => {
    if (!it || !isStale(it, board.bookings)) return;
    board.unbook(index);
    const { at, why } = earliest(index);
    const way = jobs[index]?.ways[it.way];
    const found = way && board.find(index, way, at, why);
    const same = found && Math.abs(found.span.from - it.start) < 1e-3;
    board.book({ ...it, why: same ? found.why : { kind: 'turn' } });
  });
  return { bookings: board.bookings };
};
