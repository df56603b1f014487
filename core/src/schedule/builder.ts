import type { Minute } from '../climate';
import { readerOf, type Reader, type Span } from './calendar';
import {
  waitEnds,
  type Booking,
  type Job,
  type Link,
  type Plan,
  type Problem,
  type Wait,
  type Way,
  type Why,
} from './problem';
import { timeline, type Timeline } from './timeline';

/** A problem with what every plan of it asks again and again. */
export interface Prepared {
  readonly problem: Problem;
  readonly readers: readonly Reader[];
  /** By job: places of the links that lead to it, and of those that go on from it. */
  readonly into: readonly (readonly number[])[];
  readonly out: readonly (readonly number[])[];
}

export const prepare = (problem: Problem): Prepared => {
  const into: number[][] = problem.jobs.map(() => []);
  const out: number[][] = problem.jobs.map(() => []);
  problem.links.forEach((it, place) => {
    into[it.after]?.push(place);
    out[it.before]?.push(place);
  });
  return { problem, readers: problem.calendars.map(readerOf), into, out };
};

/** How often a job is moved later so that what has to follow soon can follow. */
const MOVES = 4;
/** Where nothing dries, another hour is tried so much later, minutes. */
const LATER = 60;
/** Gaps shorter than this are passed over by work that could be broken off, minutes. */
const SHORTEST = 15;
/** How often a place is looked for before a job counts as one that has none. */
const TRIES = 5000;

interface Found {
  readonly span: Span;
  readonly sparesSetUp: boolean;
  readonly why: Why;
}

/** What is taken by now. */
class Board {
  readonly resources: readonly Timeline[];
  readonly wet: readonly Timeline[];
  readonly dust: readonly Timeline[];
  readonly bookings: (Booking | undefined)[];

  constructor(private readonly prepared: Prepared) {
    const { problem } = prepared;
    this.resources = problem.resources.map(timeline);
    this.wet = problem.spaces.map(timeline);
    this.dust = problem.spaces.map(timeline);
    this.bookings = problem.jobs.map(() => undefined);
  }

  private dryAt(wait: Wait | null, way: Way, end: Minute): Minute {
    return wait ? waitEnds(this.prepared.problem, wait, end, way.space) : end;
  }

  /** The earliest time at which a job can be done in one way. */
  find(index: number, way: Way, earliest: Minute, because: Why): Found | undefined {
    const { problem, readers } = this.prepared;
    const job = problem.jobs[index] as Job;
    const reader = readers[way.calendar] as Reader;
    let at = earliest;
    let why = because;
    for (let tries = 0; tries < TRIES; tries++) {
      const inTime = reader.room(at, 0, false);
      const begins = inTime ? inTime.from : at;
      const spares = this.sparesSetUp(job, way, begins);
      const minutes = job.work + (spares ? 0 : job.setUp);
      const span = reader.room(at, minutes, job.whole && minutes <= reader.longest);
      if (!span) return undefined;
      if (span.from > at + 1e-6) {
        why = { kind: 'hours' };
        // Elsewhere the hands come from something else.
        if (spares && span.from > begins + 1e-6) {
          at = span.from;
          continue;
        }
      }
      const block = this.blockFor(index, job, way, span, reader);
      if (!block) return { span, sparesSetUp: spares, why };
      at = Math.max(block.until, at + 1e-6);
      why = block.why;
    }
    return undefined;
  }

  private sparesSetUp(job: Job, way: Way, at: Minute): boolean {
    if (job.go === null || job.setUp === 0 || way.hands.length === 0) return false;
    return way.hands.every((hand) => {
      const last = this.resources[hand]?.lastBefore(at);
      return (
        last !== undefined &&
        last.to > at - 1 &&
        this.prepared.problem.jobs[last.job]?.go === job.go
      );
    });
  }

  private blockFor(
    index: number,
    job: Job,
    way: Way,
    span: Span,
    reader: Reader,
  ): { readonly until: Minute; readonly why: Why } | undefined {
    const { problem } = this.prepared;
    const least = Math.min(span.to - span.from, job.whole ? Infinity : SHORTEST);
    for (const hand of way.hands) {
      if (!this.resources[hand]?.inTheWay(span.from, span.to, 1, 1)) continue;
      const free = this.resources[hand]?.freeFrom(span.from, least);
      const it = free ?? this.resources[hand]?.freeFrom(span.from, span.to - span.from);
      if (it) return { until: it.at, why: { kind: 'hands', job: it.after.job } };
    }
    for (const { resource, amount } of way.uses) {
      const capacity = problem.resources[resource]?.capacity ?? 0;
      const it = this.resources[resource]?.inTheWay(span.from, span.to, amount, capacity);
      if (it) return { until: it.to, why: { kind: 'full', resource } };
    }
    const { space } = way;
    if (space === null) return undefined;
    if (job.makesDust) {
      for (const { from, to } of reader.segments(span)) {
        const it = this.wet[space]?.inTheWay(from, to + problem.dustSettles, 1, 1);
        if (it && it.job !== index)
          return { until: it.to, why: { kind: 'wetBeside', job: it.job } };
      }
    }
    if (job.wet) {
      const dry = this.dryAt(job.wet, way, span.to);
      if (dry === Infinity) return { until: span.from + LATER, why: { kind: 'hours' } };
      const it = this.dust[space]?.inTheWay(span.from, dry, 1, 1);
      if (it) return { until: it.to, why: { kind: 'dustBeside', job: it.job } };
    }
    const held = this.dryAt(job.holds, way, span.to);
    if (held === Infinity) return { until: span.from + LATER, why: { kind: 'hours' } };
    for (const { resource, amount } of way.racks) {
      const capacity = problem.resources[resource]?.capacity ?? 0;
      const full = this.resources[resource]?.inTheWay(span.from, held, amount, capacity);
      if (full) return { until: full.to, why: { kind: 'full', resource } };
    }
    return undefined;
  }

  book(booking: Booking): void {
    const { problem, readers } = this.prepared;
    const job = problem.jobs[booking.job] as Job;
    const way = job.ways[booking.way] as Way;
    const { start: from, end: to, job: index } = booking;
    this.bookings[index] = booking;
    for (const hand of way.hands) this.resources[hand]?.add({ from, to, amount: 1, job: index });
    for (const { resource, amount } of way.uses) {
      this.resources[resource]?.add({ from, to, amount, job: index });
    }
    const { space } = way;
    if (space !== null && job.makesDust) {
      for (const it of readers[way.calendar]?.segments({ from, to }) ?? []) {
        const settled = it.to + problem.dustSettles;
        this.dust[space]?.add({ from: it.from, to: settled, amount: 1, job: index });
      }
    }
    if (job.wet && space !== null) {
      const dry = this.dryAt(job.wet, way, to);
      this.wet[space]?.add({ from, to: dry, amount: 1, job: index });
    }
    const held = this.dryAt(job.holds, way, to);
    for (const { resource, amount } of way.racks) {
      this.resources[resource]?.add({ from, to: held, amount, job: index });
    }
  }

  /** Jobs that spare setting up because this one did it just before them, in the same hands. */
  restingOn(index: number): readonly number[] {
    const { jobs } = this.prepared.problem;
    const booking = this.bookings[index];
    const hands = booking ? (jobs[index]?.ways[booking.way]?.hands ?? []) : [];
    return hands.flatMap((hand) =>
      (this.resources[hand]?.all ?? [])
        .filter((it) => Math.abs(it.from - (booking?.end ?? 0)) <= 1 && it.job !== index)
        .filter((it) => this.bookings[it.job]?.sparesSetUp)
        .map((it) => it.job),
    );
  }

  unbook(index: number): void {
    const { problem } = this.prepared;
    const booking = this.bookings[index];
    const way = booking && problem.jobs[index]?.ways[booking.way];
    if (!way) return;
    this.bookings[index] = undefined;
    for (const hand of way.hands) this.resources[hand]?.remove(index);
    for (const { resource } of [...way.uses, ...way.racks]) this.resources[resource]?.remove(index);
    if (way.space !== null) {
      this.wet[way.space]?.remove(index);
      this.dust[way.space]?.remove(index);
    }
  }
}

/** When the next may begin after a job that has its time. */
const readyAfter = (problem: Problem, link: Link, booking: Booking): Minute => {
  const space = problem.jobs[booking.job]?.ways[booking.way]?.space ?? null;
  return waitEnds(problem, link.min, booking.end, space);
};

/** Until when the next has to have begun; Infinity where nothing presses. */
export const closesAfter = (problem: Problem, link: Link, booking: Booking): Minute => {
  if (!link.max) return Infinity;
  const space = problem.jobs[booking.job]?.ways[booking.way]?.space ?? null;
  return waitEnds(problem, link.max, booking.end, space);
};

/** The job that a booking is said to wait for is not where it was any more. */
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
export const build = (prepared: Prepared, { rank, way: wished }: Wishes): Plan => {
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
      const link = links[place] as Link;
      const { after } = link;
      ready[place] = readyAfter(problem, link, booking);
      open[after] = (open[after] ?? 0) - 1;
      if (open[after] === 0 && !board.bookings[after]) free.push(after);
    }
  };

  /** The link that holds a job back longest, and until when. */
  const earliest = (index: number): { at: Minute; why: Why } => {
    let at = notBefore[index] as number;
    let held = -1;
    for (const place of into[index] ?? []) {
      const until = ready[place] as number;
      if (until > at) {
        at = until;
        held = place;
      }
    }
    if (held >= 0) return { at, why: { kind: 'after', job: (links[held] as Link).before } };
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
      const { after } = links[place] as Link;
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
      const link = links[place] as Link;
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

  let lastGo: string | null = null;
  let lastEnd = -Infinity;
  const next = (): number => {
    let place = 0;
    let isLike = false;
    free.forEach((index, at) => {
      const like = lastGo !== null && jobs[index]?.go === lastGo && earliest(index).at <= lastEnd;
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
      lastGo = null;
      continue;
    }
    board.book(booking);
    settle(index);
    lastGo = jobs[index]?.go ?? null;
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
