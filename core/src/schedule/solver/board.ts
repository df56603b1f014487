import type { Minute } from '../../climate';
import { readerOf, type Reader, type Span } from '../calendar/calendar';
import {
  waitEnds,
  type Booking,
  type Job,
  type ScheduleProblem,
  type Wait,
  type Way,
  type LinkReason,
} from '../model/problem';
import { timeline, type Timeline } from '../model/timeline';

/** A problem with what every plan of it asks again and again. */
export interface Prepared {
  readonly problem: ScheduleProblem;
  readonly readers: readonly Reader[];
  /** By job: places of the links that lead to it, and of those that go on from it. */
  readonly into: readonly (readonly number[])[];
  readonly out: readonly (readonly number[])[];
}

export const prepare = (problem: ScheduleProblem): Prepared => {
  const into: number[][] = problem.jobs.map(() => []);
  const out: number[][] = problem.jobs.map(() => []);
  problem.links.forEach((it, place) => {
    into[it.after]?.push(place);
    out[it.before]?.push(place);
  });
  return { problem, readers: problem.calendars.map(readerOf), into, out };
};

/** Where nothing dries, another hour is tried so much later, minutes. */
const LATER = 60;
/** Gaps shorter than this are passed over by work that could be broken off, minutes. */
const SHORTEST = 15;
/** How often a place is looked for before a job counts as one that has none. */
const TRIES = 5000;

interface Found {
  readonly span: Span;
  readonly sparesSetUp: boolean;
  readonly why: LinkReason;
}

/** What is taken by now. */
export class Board {
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
  find(index: number, way: Way, earliest: Minute, because: LinkReason): Found | undefined {
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
        why = { kind: this.isHeldByAir(job, way, at, minutes, span.from) ? 'air' : 'hours' };
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

  /** Would the hours alone have let it begin earlier? */
  private isHeldByAir(job: Job, way: Way, at: Minute, minutes: Minute, from: Minute): boolean {
    if (way.hours === undefined) return false;
    const reader = this.prepared.readers[way.hours] as Reader;
    const room = reader.room(at, minutes, job.whole && minutes <= reader.longest);
    return room !== undefined && room.from < from - 1e-6;
  }

  private sparesSetUp(job: Job, way: Way, at: Minute): boolean {
    if (job.batchKey === null || job.setUp === 0 || way.hands.length === 0) return false;
    return way.hands.every((hand) => {
      const last = this.resources[hand]?.lastBefore(at);
      return (
        last !== undefined &&
        last.to > at - 1 &&
        this.prepared.problem.jobs[last.job]?.batchKey === job.batchKey
      );
    });
  }

  private blockFor(
    index: number,
    job: Job,
    way: Way,
    span: Span,
    reader: Reader,
  ): { readonly until: Minute; readonly why: LinkReason } | undefined {
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
