import {
  MINUTES_PER_MINOR_UNIT,
  MISTAKE_WEIGHT,
  PLANS,
  VARIABLES,
  type InspectionTest,
  type PlanRow,
} from '../../catalog';
import type { Aim, Surface } from '../../piece';
import { tableOf } from '../belief/likelihood';
import {
  fatesBy,
  fatesOf,
  overFates,
  prospectOf,
  weightOf,
  type FateVector,
  type Prospect,
} from './fates';
import { bestPlan, expectedLoss, lossTables, lossesOn, regretsOf, type LossTable } from './losses';
import type { LeadChance } from '../belief/priors';
import { PLACES, type StateVariable, type StateVector } from '../belief/space';

/** A decision by classes of states: how likely each class is, its regret, and what plans lose on it. */
interface Classes {
  readonly weights: Float64Array;
  readonly regretted: Float64Array;
  /** For each aim: plan by plan, within a plan class by class. */
  readonly losses: readonly Float64Array[];
}

/** A decision as it stands before the next test. */
export interface WeighedDecision {
  /** By the values of a variable: all that a test needs which depends on that variable alone. */
  readonly byValue: Readonly<Record<StateVariable, Classes>>;
  readonly posterior: StateVector;
  readonly lead: LeadChance;
  readonly tables: readonly LossTable[];
  /** For the aim most likely wanted, which plans are compared for in words. */
  readonly main: LossTable;
  readonly prospect: Prospect;
  /** Expected loss, minutes, and the plan that stands now. */
  readonly loss: number;
  readonly plan: number;
  /** What the plans that stand would be regretted by, fate by fate; minutes. */
  readonly regrets: FateVector;
  /** What all doubt together costs: expected loss now, less that if everything were known; minutes. */
  readonly doubtCosts: number;
}

/** What a decision is made from, before it is looked at by classes. */
type Ground = Pick<WeighedDecision, 'posterior' | 'lead' | 'tables' | 'regrets'>;

const classesOf = (
  { posterior, lead, tables, regrets }: Ground,
  classOf: Uint8Array,
  classes: number,
): Classes => {
  const fates = fatesBy(posterior, classOf, classes);
  const prospects = fates.map((it) => prospectOf(it, lead));
  return {
    weights: Float64Array.from(prospects, weightOf),
    regretted: Float64Array.from(fates, (it) => overFates(it, regrets)),
    losses: tables.map((table) => lossesOn(table, prospects)),
  };
};

/**
 * The decision about a surface.
 * @param tooThin chance that the face is too thin to be stripped and sanded
 * @returns undefined where nothing is wanted of the surface
 */
export const decisionOf = (
  surface: Pick<Surface, 'areaMm2'>,
  aim: Aim | undefined,
  tooThin: number,
  posterior: StateVector,
  lead: LeadChance,
): WeighedDecision | undefined => {
  const tables = lossTables(surface, aim, tooThin);
  const [main] = [...tables].sort((a, b) => b.share - a.share);
  if (!main) return undefined;
  const fates = fatesOf(posterior);
  const prospect = prospectOf(fates, lead);
  const loss = expectedLoss(tables, prospect);
  const regrets = regretsOf(tables, fates, prospect, lead);
  const ground = { posterior, lead, tables, regrets };
  const by = (variable: StateVariable): Classes =>
    classesOf(ground, PLACES[variable], VARIABLES[variable].values.length + 1);
  return {
    ...ground,
    byValue: {
      substrate: by('substrate'),
      wood: by('wood'),
      finish: by('finish'),
      bleed: by('bleed'),
    },
    main,
    prospect,
    loss,
    plan: bestPlan(main, prospect).plan,
    doubtCosts: overFates(fates, regrets),
  };
};

/** How a result would turn the plan. */
export interface Turn {
  readonly outcome: string;
  readonly chance: number;
  readonly from: PlanRow;
  readonly to: PlanRow;
}

/** What a test takes: its minutes, and its harm and money as minutes. */
export const takesOf = (test: InspectionTest): number =>
  test.minutes + test.harmMinutes + test.cost * MINUTES_PER_MINOR_UNIT.value;

/** Σ chance · figure over the classes; `begin` is where the figures begin. */
const sumOver = (chances: Float64Array, figures: Float64Array, begin = 0): number => {
  let sum = 0;
  for (let at = 0; at < chances.length; at++) {
    sum += (chances[at] as number) * (figures[begin + at] as number);
  }
  return sum;
};

/** The plan that loses least where each class has this chance, and what it loses. */
const leastOf = (
  losses: Float64Array,
  chances: Float64Array,
): { readonly plan: number; readonly loss: number } => {
  let best = 0;
  let least = Infinity;
  for (let plan = 0, begin = 0; begin < losses.length; plan++, begin += chances.length) {
    const loss = sumOver(chances, losses, begin);
    if (loss < least) {
      best = plan;
      least = loss;
    }
  }
  return { plan: best, loss: least };
};

/**
 * What one more result is worth, minutes; the greater of
 * - its value by itself: E[min loss] before − Σ over results P(result) · E[min loss | result];
 * - its part in a longer inquiry: a single test rarely turns a plan, two in a row do. What all
 *   doubt costs, times how well the test tells the surfaces on which the plan would be regretted
 *   from what is expected: 1 − Σ over results √(P(result) · P(result | regret)), by Bhattacharyya,
 *   where P(result | regret) weighs each state by its regret.
 */
export const worthOf = (
  test: InspectionTest,
  it: WeighedDecision,
): { readonly saves: number; readonly turns: readonly Turn[] } => {
  const table = tableOf(test);
  // Knowing everything would save no more than all doubt costs.
  const most = MISTAKE_WEIGHT.value * it.doubtCosts;
  if (!table || most <= takesOf(test)) return { saves: 0, turns: [] };
  const { only } = table;
  const { weights, regretted, losses } =
    only && only !== 'lead' ? it.byValue[only] : classesOf(it, table.rowOf, table.rows.length);
  const turns: Turn[] = [];
  let loss = 0;
  let alike = 0;
  for (let result = 0; result < table.results; result++) {
    const chances =
      table.byValue?.[result] ?? Float64Array.from(table.rows, (row) => row[result] as number);
    const chance = sumOver(chances, weights);
    const regret = sumOver(chances, regretted);
    let then = it.plan;
    for (let aim = 0; aim < losses.length; aim++) {
      const one = it.tables[aim] as LossTable;
      const best = leastOf(losses[aim] as Float64Array, chances);
      loss += one.share * best.loss;
      if (one === it.main) then = best.plan;
    }
    if (it.doubtCosts > 0) alike += Math.sqrt((chance * regret) / it.doubtCosts);
    if (then === it.plan) continue;
    const [from, to] = [PLANS.rows[it.plan], PLANS.rows[then]];
    const label =
      test.kind === 'reading' ? test.bands[result]?.label : test.outcomes[result]?.label;
    if (from && to && label) turns.push({ outcome: label, chance, from, to });
  }
  const saves = Math.max(0, it.loss - loss, (1 - alike) * it.doubtCosts);
  return { saves: MISTAKE_WEIGHT.value * saves, turns };
};
