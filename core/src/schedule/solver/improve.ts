import { diceOf, type Dice } from '../../dice';
import type { Prepared } from './board';
import { buildPlan } from './builder';
import type { JobPlan } from '../model/problem';
import { rankings } from './rank';
import { penaltyOf, outcomeOf, type Objective, type PlanOutcome } from './score';

/** A plan with what it comes to. */
export interface Answer {
  readonly plan: JobPlan;
  readonly outcome: PlanOutcome;
  readonly cost: number;
}

/** A plan under improvement. */
export interface Progressing {
  readonly best: Answer;
  /** Rounds so far. */
  readonly rounds: number;
}

const judged = (prepared: Prepared, plan: JobPlan, objective: Objective): Answer => {
  const outcome = outcomeOf(prepared, plan);
  return { plan, outcome, cost: penaltyOf(prepared, outcome, objective) };
};

/** So many rankings make the first answer; the others are the first rounds of making it better. */
const AT_FIRST = 2;

const ranked = (prepared: Prepared, objective: Objective, ranks: readonly Float64Array[]) =>
  ranks.map((rank) => judged(prepared, buildPlan(prepared, { rank }), objective));

const cheapest = (a: Answer, b: Answer): Answer => (b.cost < a.cost ? b : a);

/** The first answer, at once: by who has most still to come, and by when it is promised. */
export const firstAnswer = (prepared: Prepared, objective: Objective): Answer => {
  const promised = prepared.problem.projects.some((it) => it.due !== null);
  const ranks = rankings(prepared).slice(0, promised ? AT_FIRST : 1);
  return ranked(prepared, objective, ranks).reduce(cheapest);
};

/** Share of the jobs that a round loosens: at the least, and at the most. */
const LOOSENED = { from: 0.03, to: 0.35 } as const;
/** How much worse a plan may be to be gone on from, at first, as a share of its length. */
const WARMTH = 0.01;
/** Rounds over which it cools. */
const COOLS = 400;

const startsOf = ({ bookings }: JobPlan): Float64Array =>
  Float64Array.from(bookings, (it) => it?.start ?? 1e15);

/** Which jobs a round loosens: some by chance, those of a piece, those of a stretch of time, or those on the last way. */
const loosened = (prepared: Prepared, { plan }: Answer, dice: Dice): readonly number[] => {
  const { jobs, projects } = prepared.problem;
  const share = LOOSENED.from + dice() * (LOOSENED.to - LOOSENED.from);
  const count = Math.max(2, Math.round(jobs.length * share * dice()));
  const kind = dice();
  if (kind < 0.25 && projects.length > 1) {
    const project = Math.floor(dice() * projects.length);
    return jobs.flatMap((it, index) => (it.project === project && dice() < 0.7 ? [index] : []));
  }
  if (kind < 0.6) {
    const centre = plan.bookings[Math.floor(dice() * jobs.length)]?.start ?? 0;
    return jobs
      .map((_, index) => index)
      .sort(
        (a, b) =>
          Math.abs((plan.bookings[a]?.start ?? 0) - centre) -
          Math.abs((plan.bookings[b]?.start ?? 0) - centre),
      )
      .slice(0, count);
  }
  if (kind < 0.8) return criticalIn(prepared, plan);
  return Array.from({ length: count }, () => Math.floor(dice() * jobs.length));
};

/** Jobs that hold up the one that is done last, back to the beginning. */
const criticalIn = ({ problem }: Prepared, { bookings }: JobPlan): readonly number[] => {
  let at = bookings.reduce(
    (last, it, index) => ((it?.end ?? 0) > (bookings[last]?.end ?? 0) ? index : last),
    0,
  );
  const chain = [at];
  while (chain.length < problem.jobs.length) {
    const why = bookings[at]?.why;
    if (!why || !('job' in why) || chain.includes(why.job)) break;
    at = why.job;
    chain.push(at);
  }
  return chain;
};

/**
 * Makes a plan better, round by round (large-neighbourhood search): some jobs are loosened, given
 * another place in the order and sometimes another way, and everything is built again with the
 * others in their order. A little worse is gone on from while it is warm. Ends never by itself: take
 * as many rounds as there is time.
 * @param seed the same seed gives the same rounds
 */
export function* improving(
  prepared: Prepared,
  objective: Objective,
  seed: number,
  from: Answer = firstAnswer(prepared, objective),
): Generator<Progressing, never, void> {
  const dice = diceOf(seed);
  const { jobs, from: now } = prepared.problem;
  let best = ranked(prepared, objective, rankings(prepared).slice(AT_FIRST)).reduce(cheapest, from);
  let here = best;
  let ways = Float64Array.from(jobs, () => -1);
  for (let rounds = 1; ; rounds++) {
    const rank = startsOf(here.plan);
    const tried = Float64Array.from(ways);
    const reach = Math.max(60, (here.outcome.finish - now) * dice());
    for (const job of loosened(prepared, here, dice)) {
      rank[job] = (rank[job] ?? 0) + (dice() * 2 - 1.2) * reach;
      const count = jobs[job]?.ways.length ?? 1;
      if (count > 1) tried[job] = dice() < 0.4 ? Math.floor(dice() * count) : -1;
    }
    const next = judged(prepared, buildPlan(prepared, { rank, way: tried }), objective);
    const warmth = WARMTH * (best.outcome.finish - now) * Math.max(0, 1 - rounds / COOLS);
    if (next.cost <= here.cost + warmth * dice()) {
      here = next;
      ways = tried;
    }
    if (next.cost < best.cost - 1e-6) best = next;
    else if (rounds % 50 === 0) here = best;
    yield { best, rounds };
  }
}

/** The best plan after so many rounds. */
export const improved = (
  prepared: Prepared,
  objective: Objective,
  { seed, rounds }: { readonly seed: number; readonly rounds: number },
): Answer => {
  let best = firstAnswer(prepared, objective);
  for (const it of improving(prepared, objective, seed, best)) {
    ({ best } = it);
    if (it.rounds >= rounds) break;
  }
  return best;
};
