import type { AirCourse, Minute } from '../../climate';
import type { Shop } from '../../piece';
import { boundOf, shareOverBound, type Bound } from './bound';
import { prepare } from './board';
import { problemOf, type Held, type OnBench, type ShopProblem } from '../model/fromRoutes';
import { firstAnswer, improving, type Answer } from './improve';
import type { Objective } from './score';
import { withScuffs } from '../model/scuffs';
import { stalledIn } from '../views/stalled';
import { timetableOf, type Timetable } from '../views/timetable';

/** A plan of all pieces in the shop. */
export interface ShopPlan {
  /** What was asked, with all windows. */
  readonly asked: ShopProblem;
  /** What is planned: windows that can’t be held are scuffs in it. */
  readonly of: ShopProblem;
  readonly answer: Answer;
  readonly bound: Bound;
  /** How far it may be from the best there is, as a share of its length. */
  readonly gap: number;
  readonly timetable: Timetable;
  /** When all work is done; null where some of it is stalled. */
  readonly finish: Minute | null;
}

/** What a plan is asked for. */
export interface PlanningAsked {
  readonly objective: Objective;
  /** The same seed gives the same plan. */
  readonly seed: number;
  /** What is put off. */
  readonly held?: Held | undefined;
  /** The air outside, where a file tells it. */
  readonly outdoor?: AirCourse | undefined;
}

/**
 * Plans the work of a shop: a first answer at once, then better ones, round by round. Windows that
 * it misses cost a scuff, which is planned in.
 * @param now minute from which on it is planned
 */
export function* planningShop(
  bench: readonly OnBench[],
  shop: Shop,
  now: Minute,
  { objective, seed, held, outdoor }: PlanningAsked,
): Generator<ShopPlan, never, void> {
  const askedOf = problemOf(bench, shop, now, held, outdoor);
  let of = askedOf;
  let prepared = prepare(of.problem);
  let first = firstAnswer(prepared, objective);
  const { problem, scuffs } = withScuffs(of.problem, first);
  if (scuffs.size > 0) {
    of = { ...of, problem };
    prepared = prepare(problem);
    first = firstAnswer(prepared, objective);
  }
  const bound = boundOf(prepared);
  const ids = {
    people: shop.people.map((it) => it.id),
    spaces: shop.spaces.map((it) => it.id),
  };
  const told = (answer: Answer): ShopPlan => ({
    asked: askedOf,
    of,
    answer,
    bound,
    gap: shareOverBound(problem.from, answer.outcome.finish, bound),
    finish: answer.outcome.without.length > 0 ? null : answer.outcome.finish,
    timetable: timetableOf(of, answer.plan, ids, scuffs, stalledIn(of, prepared, answer.plan)),
  });
  let best = told(first);
  yield best;
  for (const it of improving(prepared, objective, seed, first)) {
    if (it.best.cost < best.answer.cost - 1e-6) best = told(it.best);
    yield best;
  }
  return undefined as never;
}

/** The plan after so many rounds. @param told hears each better one, and after how many rounds */
export const planShop = (
  bench: readonly OnBench[],
  shop: Shop,
  now: Minute,
  asked: PlanningAsked & { readonly rounds: number },
  told: (it: ShopPlan, rounds: number) => void = () => {},
): ShopPlan => {
  let rounds = 0;
  let best: ShopPlan | undefined;
  for (const it of planningShop(bench, shop, now, asked)) {
    if (it.answer !== best?.answer) told(it, rounds);
    best = it;
    if (rounds++ >= asked.rounds) return it;
  }
  throw new Error('A plan is improved without end.');
};
