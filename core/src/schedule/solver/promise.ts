import { ONE_IN_TEN_SIGMA } from '../../units';
import type { Minute } from '../../climate';
import { diceOf, type Dice } from '../../dice';
import { prepare } from './board';
import { buildPlan } from './builder';
import type { JobPlan, ScheduleProblem, Wait } from '../model/problem';

/**
 * How far work takes longer or shorter than planned: the logarithm's standard deviation. Two of three
 * jobs stay within a third (J, until the shop's own pace is known).
 */
const WORK_SPREAD = 0.3;
/** Waits of the clock are as long as they are, but for a little, as a standard deviation. */
const CLOCK_SPREAD = 0.05;

/** A number of the normal distribution (Box and Muller). */
const normal = (dice: Dice): number =>
  Math.sqrt(-2 * Math.log(1 - dice())) * Math.cos(2 * Math.PI * dice());

const CLOCK: readonly [number, number] = [
  Math.exp(-CLOCK_SPREAD * ONE_IN_TEN_SIGMA),
  Math.exp(CLOCK_SPREAD * ONE_IN_TEN_SIGMA),
];

/** The same problem as it may turn out: work and waits longer or shorter, a coat's waits together. */
export const turnedOut = (problem: ScheduleProblem, dice: Dice): ScheduleProblem => {
  const slower = problem.jobs.map(() => Math.exp(WORK_SPREAD * normal(dice)));
  const dries = problem.jobs.map(() => normal(dice));
  const stretched = (wait: Wait | null, job: number): Wait | null => {
    if (!wait) return null;
    const [early, late] = (wait.pace === null ? null : problem.spreads[wait.pace]) ?? CLOCK;
    const z = (dries[job] as number) / ONE_IN_TEN_SIGMA;
    const times = Math.exp((z < 0 ? -Math.log(early) : Math.log(late)) * z);
    return { ...wait, minutes: wait.minutes * times };
  };
  return {
    ...problem,
    jobs: problem.jobs.map((it, index) => ({
      ...it,
      work: it.work * (slower[index] as number),
      wet: stretched(it.wet, index),
      holds: stretched(it.holds, index),
    })),
    links: problem.links.map((it) => ({
      ...it,
      min: stretched(it.min, it.before) as Wait,
      max: it.max,
    })),
  };
};

/** When projects were done in many runs of a plan. */
export interface Runs {
  /** By project: the ends, soonest first; a run in which it was never done counts as Infinity. */
  readonly ends: readonly (readonly Minute[])[];
}

/**
 * Lives through a plan many times (Monte Carlo): work and drying turn out otherwise, the order
 * stays, whose hands and where is seen as it comes. Model (J): work log-normal, a drying's early and late one in ten each.
 * @param seed the same seed gives the same runs
 */
export const livedThrough = (
  problem: ScheduleProblem,
  plan: JobPlan,
  { runs, seed }: { readonly runs: number; readonly seed: number },
): Runs => {
  const dice = diceOf(seed);
  const rank = Float64Array.from(plan.bookings, (it) => it?.start ?? 1e15);
  const ends = problem.projects.map((): number[] => []);
  for (let run = 0; run < runs; run++) {
    const turned = turnedOut(problem, dice);
    const { bookings } = buildPlan(prepare(turned), { rank });
    const done = problem.projects.map(() => problem.from);
    bookings.forEach((it, job) => {
      const project = problem.jobs[job]?.project ?? -1;
      done[project] = Math.max(done[project] ?? 0, it?.end ?? Infinity);
    });
    done.forEach((at, project) => ends[project]?.push(at));
  }
  return { ends: ends.map((it) => it.sort((a, b) => a - b)) };
};

/** By when a project is done in such a share of the runs. */
export const doneBy = (runs: Runs, project: number, share: number): Minute => {
  const ends = runs.ends[project] ?? [];
  return ends[Math.min(ends.length - 1, Math.ceil(share * ends.length) - 1)] ?? Infinity;
};

/** In what share of the runs a project is done by then. */
export const chanceBy = (runs: Runs, project: number, at: Minute): number => {
  const ends = runs.ends[project] ?? [];
  return ends.length === 0 ? 0 : ends.filter((it) => it <= at).length / ends.length;
};
