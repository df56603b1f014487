import {
  COATINGS,
  RATES,
  SANDING_MODEL,
  STRIP_WAYS,
  TRANSFER,
  costOfWayPerM2,
  priceOf,
  type PlanRow,
  type PlanStep,
  type Rate,
} from '../catalog';
import { litresFor } from '../coating';
import { planLadder, sandingTask } from '../sanding';

/** What a plan takes on a surface: a fixed part, and a part for each m². */
export interface PlanCost {
  readonly fixedMinutes: number;
  readonly minutesPerM2: number;
  /** Minor units of money, by placeholder prices. */
  readonly costPerM2: number;
}

const M2 = 1e6;

const byRate = (rate: Rate, times = 1): PlanCost => {
  const { fixed, each, unit, uses } = RATES[rate];
  const cost = uses.reduce((sum, it) => sum + priceOf(it.material, it.each), 0);
  return unit === 'm2'
    ? { fixedMinutes: fixed, minutesPerM2: each * times, costPerM2: cost * times }
    : { fixedMinutes: fixed + each * times, minutesPerM2: 0, costPerM2: 0 };
};

/** Minutes of a ladder on stripped solid wood: the sanding model is linear in the area. */
const byLadder = (target: number): PlanCost => {
  const minutesOn = (areaMm2: number): number => {
    const ladder = planLadder(
      sandingTask.parse({
        defectUm: SANDING_MODEL.defects.solidAfterStrip,
        targetGrit: target,
        coarsestGrit: 80,
        areaMm2,
      }),
    );
    return ladder.kind === 'ladder' ? ladder.minutes : 0;
  };
  const [one, two] = [minutesOn(M2), minutesOn(2 * M2)];
  return { fixedMinutes: 2 * one - two, minutesPerM2: two - one, costPerM2: 0 };
};

const costOfStep = (step: PlanStep): PlanCost => {
  if ('ladderTo' in step) return byLadder(step.ladderTo);
  if ('strip' in step) {
    return {
      fixedMinutes: 0,
      minutesPerM2: STRIP_WAYS.get(step.strip).minutesPerM2,
      costPerM2: costOfWayPerM2(step.strip),
    };
  }
  if (!('coats' in step)) return byRate(step.rate, step.times);
  const { coats, count, rate = 'coat' } = step;
  const { fixedMinutes, minutesPerM2 } = byRate(rate);
  const paint = (litresFor(coats, M2) / TRANSFER.brushed) * COATINGS.get(coats).pricePerLitre;
  return {
    fixedMinutes: fixedMinutes * count,
    minutesPerM2: minutesPerM2 * count,
    costPerM2: paint * count,
  };
};

/**
 * What a plan of Look takes, reckoned from the rates, materials and models that the planner itself
 * charges: one table, not two.
 */
export const costOfPlan = ({ does }: Pick<PlanRow, 'does'>): PlanCost =>
  does.map(costOfStep).reduce(
    (a, b) => ({
      fixedMinutes: a.fixedMinutes + b.fixedMinutes,
      minutesPerM2: a.minutesPerM2 + b.minutesPerM2,
      costPerM2: a.costPerM2 + b.costPerM2,
    }),
    { fixedMinutes: 0, minutesPerM2: 0, costPerM2: 0 },
  );
