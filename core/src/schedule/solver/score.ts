import { DAY } from '../../units';
import type { Prepared } from './board';
import { closesAfter } from './builder';
import type { Minute } from '../../climate';
import type { Booking, JobLink, JobPlan } from '../model/problem';

/** What a plan is made for. */
export const OBJECTIVES = ['finish', 'due', 'sessions', 'even'] as const;
export type Objective = (typeof OBJECTIVES)[number];

/** A pressing wait that a plan misses: what has to be done instead costs minutes. */
export interface Missed {
  readonly link: JobLink;
  readonly booking: Booking;
  /** When it would have had to begin. */
  readonly closes: Minute;
}

/** What a plan comes to. */
export interface PlanOutcome {
  /** When the last job is done, waits after it left out. */
  readonly finish: Minute;
  /** By project: when its last job is done; null where one of its jobs has no time. */
  readonly done: readonly (Minute | null)[];
  /** Minutes by which projects are late, added up. */
  readonly late: number;
  /** How often somebody comes to the shop: people and stretches of their hours. */
  readonly sessions: number;
  /** How often the same hands go from one project to another within their hours. */
  readonly switches: number;
  /** Mean of the squares of the hours of each day with work: lower is more even. */
  readonly unevenness: number;
  readonly missed: readonly Missed[];
  /** Jobs that found no time. */
  readonly without: readonly number[];
}

const countSessions = ({ problem, readers }: Prepared, bookings: readonly Booking[]): number => {
  const seen = new Set<string>();
  for (const { job, way, start } of bookings) {
    const it = problem.jobs[job]?.ways[way];
    for (const hand of it?.hands ?? [])
      seen.add(`${hand}/${readers[it?.calendar ?? 0]?.at(start)}`);
  }
  return seen.size;
};

const countSwitches = ({ problem, readers }: Prepared, bookings: readonly Booking[]): number => {
  const last = new Map<number, { readonly project: number; readonly session: string }>();
  let switches = 0;
  for (const { job, way, start } of [...bookings].sort((a, b) => a.start - b.start)) {
    const [of, it] = [problem.jobs[job], problem.jobs[job]?.ways[way]];
    for (const hand of it?.hands ?? []) {
      const session = `${readers[it?.hours ?? it?.calendar ?? 0]?.at(start)}`;
      const before = last.get(hand);
      const project = of?.project ?? -1;
      if (before && before.project !== project && before.session === session) switches++;
      last.set(hand, { project, session });
    }
  }
  return switches;
};

const unevennessOf = (bookings: readonly Booking[]): number => {
  const byDay = new Map<number, number>();
  for (const { start, end } of bookings) {
    const day = Math.floor(start / DAY);
    byDay.set(day, (byDay.get(day) ?? 0) + (end - start) / 60);
  }
  let sum = 0;
  for (const hours of byDay.values()) sum += hours ** 2;
  return byDay.size === 0 ? 0 : sum / byDay.size;
};

export const outcomeOf = (prepared: Prepared, { bookings }: JobPlan): PlanOutcome => {
  const { problem } = prepared;
  const made = bookings.filter((it): it is Booking => it !== undefined);
  const without = bookings.flatMap((it, job) => (it ? [] : [job]));
  const done: (Minute | null)[] = problem.projects.map(() => problem.from);
  for (const { job, end } of made) {
    const { project } = problem.jobs[job] ?? { project: -1 };
    done[project] = Math.max(done[project] ?? 0, end);
  }
  for (const job of without) done[problem.jobs[job]?.project ?? -1] = null;
  const late = problem.projects.reduce(
    (sum, { due }, index) => sum + (due === null ? 0 : Math.max(0, (done[index] ?? due) - due)),
    0,
  );
  const missed = problem.links.flatMap((link): Missed[] => {
    const [before, booking] = [bookings[link.before], bookings[link.after]];
    if (!link.max || !before || !booking) return [];
    const closes = closesAfter(problem, link, before);
    return booking.start > closes + 1e-3 ? [{ link, booking, closes }] : [];
  });
  return {
    finish: made.reduce((last, { end }) => Math.max(last, end), problem.from),
    done,
    late,
    sessions: countSessions(prepared, made),
    switches: countSwitches(prepared, made),
    unevenness: unevennessOf(made),
    missed,
    without,
  };
};

/** A job without a time, and a wait that must not be missed, outweigh everything else. */
const IMPOSSIBLE = 1e8;
/** To go over to another piece: put away, fetch, look where one was, minutes (J). */
const SWITCHED = 2;
/** What a missed wait costs beside its own minutes: the day it takes (J). */
const MISSED_COSTS = 60;

/**
 * What a plan costs, in minutes; lower is better. The end of all pieces weighs a little in each
 * objective, so that of two plans alike in the rest the sooner one is taken.
 */
export const penaltyOf = (
  prepared: Prepared,
  outcome: PlanOutcome,
  objective: Objective,
): number => {
  const { problem } = prepared;
  const span = outcome.finish - problem.from;
  const ends = outcome.done.reduce<number>(
    (sum, it) => sum + (it ?? outcome.finish) - problem.from,
    0,
  );
  const mean = problem.projects.length === 0 ? 0 : ends / problem.projects.length;
  const missed = outcome.missed.reduce(
    (sum, { link }) => sum + (link.missed === null ? IMPOSSIBLE : MISSED_COSTS + link.missed),
    0,
  );
  const sure = IMPOSSIBLE * outcome.without.length + missed + outcome.switches * SWITCHED;
  switch (objective) {
    case 'finish':
      return sure + span + mean * 0.02;
    case 'due':
      return sure + outcome.late + (span + mean) * 0.01;
    case 'sessions':
      return sure + outcome.sessions * 12 * 60 + span * 0.05;
    case 'even':
      return sure + outcome.unevenness * 60 + span * 0.05;
  }
};
