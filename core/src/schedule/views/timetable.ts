import type { Minute } from '../../climate';
import { readerOf, type Span } from '../calendar/calendar';
import type { ShopProblem } from '../model/fromRoutes';
import { waitEnds, type Booking, type JobPlan, type LinkReason } from '../model/problem';
import type { Stalled } from './stalled';
import { stepOf, type Step } from './step';

/** Why an operation does not begin earlier, told by what it is and not by its number. */
export type Because =
  | { readonly kind: 'free' | 'hours' | 'air' | 'turn' | 'release' | 'material' | 'fixed' }
  | {
      readonly kind: 'after' | 'wetBeside' | 'dustBeside';
      readonly title: string;
      readonly name: string;
    }
  | { readonly kind: 'hands'; readonly title: string; readonly name: string }
  | { readonly kind: 'full'; readonly place: string };

/** One operation with its times, for people to read. */
export interface TimetableEntry {
  readonly pieceId: string;
  readonly name: string;
  readonly operation: Step;
  /** Whose hands it is in: two where one pair can’t. */
  readonly personIds: readonly string[];
  readonly spaceId: string | null;
  readonly start: Minute;
  readonly end: Minute;
  /** The stretches of hours in which it is worked on. */
  readonly worked: readonly Span[];
  /** Active minutes, as planned. */
  readonly minutes: number;
  readonly because: Because;
  /** After it: when the next may follow, and until when without a scuff; null where nothing waits or presses. */
  readonly opens: Minute | null;
  readonly closes: Minute | null;
  /** What it leaves wet never dries in this air: what comes after it is stalled. */
  readonly neverDries: boolean;
  /** It is running. */
  readonly running: boolean;
  /** The window of the coat below closed before it: it begins with a scuff of so many minutes. */
  readonly scuff: number;
}

/** When a plan has what, in the order in which it is begun. */
export interface Timetable {
  readonly from: Minute;
  readonly entries: readonly TimetableEntry[];
  /** Steps that wait without end as things are, each with what stalls it. */
  readonly stalled: readonly Stalled[];
  /** By piece: when its last work is done; null where one of its steps is stalled, or nothing is left. */
  readonly done: readonly { readonly pieceId: string; readonly at: Minute | null }[];
}

/** What stands behind a milestone: the operation that really holds it. */
const throughMilestones = (it: ShopProblem, plan: JobPlan, why: LinkReason): LinkReason => {
  let now = why;
  for (let steps = 0; steps < 20 && now.kind === 'after'; steps++) {
    const { operation, done } = it.meanings[now.job] ?? {};
    if (operation || done) return now;
    const behind: LinkReason | undefined = plan.bookings[now.job]?.why;
    if (!behind) return now;
    now = behind;
  }
  return now;
};

const becauseOf = (it: ShopProblem, plan: JobPlan, job: number, why: LinkReason): Because => {
  const real = throughMilestones(it, plan, why);
  switch (real.kind) {
    case 'after':
    case 'hands':
    case 'wetBeside':
    case 'dustBeside': {
      const { operation, done } = it.meanings[real.job] ?? {};
      const project = it.problem.jobs[real.job]?.project ?? -1;
      const name = it.problem.projects[project]?.name ?? '';
      return { kind: real.kind, title: operation?.title ?? done?.title ?? '', name };
    }
    case 'full':
      return { kind: 'full', place: it.problem.resources[real.resource]?.name ?? '' };
    case 'release':
    case 'hours': {
      // What was put off begins with the first hours after that.
      const putOff = it.meanings[job]?.putOff ?? null;
      if (putOff !== null) return { kind: putOff === 'material' ? 'material' : 'release' };
      return { kind: real.kind };
    }
    default:
      return { kind: real.kind };
  }
};

/**
 * A plan for people to read.
 * @param people ids of the people, in the order of the shop
 * @param spaces ids of the spaces, in the order of the shop
 * @param missed by job: minutes of a scuff that it begins with
 * @param stalled what has no time
 */
export const timetableOf = (
  it: ShopProblem,
  plan: JobPlan,
  { people, spaces }: { readonly people: readonly string[]; readonly spaces: readonly string[] },
  missed: ReadonlyMap<number, number>,
  stalled: readonly Stalled[],
): Timetable => {
  const { problem, meanings } = it;
  const out = new Map<number, (typeof problem.links)[number][]>();
  for (const link of problem.links) {
    const list = out.get(link.before);
    if (list) list.push(link);
    else out.set(link.before, [link]);
  }
  const readers = new Map<number, ReturnType<typeof readerOf>>();
  const readerFor = (calendar: number) => {
    const known = readers.get(calendar) ?? readerOf(problem.calendars[calendar] ?? { spans: [] });
    readers.set(calendar, known);
    return known;
  };
  /** The soonest that may follow, and the first window that closes. */
  const waits = ({
    job,
    end,
    way,
  }: Booking): Pick<TimetableEntry, 'opens' | 'closes' | 'neverDries'> => {
    const space = problem.jobs[job]?.ways[way]?.space ?? null;
    let [opens, closes] = [Infinity, Infinity];
    let isWaitedFor = false;
    for (const { min, max } of out.get(job) ?? []) {
      if (min.minutes > 0) {
        isWaitedFor = true;
        opens = Math.min(opens, waitEnds(problem, min, end, space));
      }
      if (max) closes = Math.min(closes, waitEnds(problem, max, end, space));
    }
    return {
      opens: opens === Infinity ? null : opens,
      closes: closes === Infinity ? null : closes,
      neverDries: isWaitedFor && opens === Infinity,
    };
  };
  const entryOf = (booking: Booking): TimetableEntry[] => {
    const { operation, pieceId } = meanings[booking.job] ?? {};
    const job = problem.jobs[booking.job];
    const way = job?.ways[booking.way];
    if (!operation || pieceId === undefined || !job || !way) return [];
    const span = { from: booking.start, to: booking.end };
    return [
      {
        pieceId,
        name: problem.projects[job.project]?.name ?? '',
        operation: stepOf(operation),
        personIds: way.hands.flatMap((it) => people[it] ?? []),
        spaceId: way.space === null ? null : (spaces[way.space] ?? null),
        start: booking.start,
        end: booking.end,
        worked: job.fixed ? [span] : readerFor(way.calendar).segments(span),
        minutes: job.work + (booking.sparesSetUp ? 0 : job.setUp),
        because: becauseOf(it, plan, booking.job, booking.why),
        ...waits(booking),
        running: job.fixed !== null,
        scuff: missed.get(booking.job) ?? 0,
      },
    ];
  };
  const made = plan.bookings.filter((one): one is Booking => one !== undefined);
  const entries = made.flatMap(entryOf).sort((a, b) => a.start - b.start);
  const pieceIds = [...new Set(meanings.map((one) => one.pieceId))];
  return {
    from: problem.from,
    entries,
    stalled,
    done: pieceIds.map((pieceId) => ({
      pieceId,
      at: stalled.some((one) => one.pieceId === pieceId)
        ? null
        : entries
            .filter((one) => one.pieceId === pieceId)
            .reduce((a, b) => Math.max(a, b.end), 0) || null,
    })),
  };
};
