import {
  AIM_MISSED,
  AIM_SHARES,
  MINUTES_PER_MINOR_UNIT,
  MISHAPS,
  PLANS,
  type AimKind,
  type PlanRow,
} from '../../catalog';
import type { Aim, Surface } from '../../piece';
import { squareMetres } from '../../units';
import { costOfPlan, type PlanCost } from '../../work';
import type { LeadChance } from '../belief/priors';
import {
  FATE_COUNT,
  LEAD_MISHAP,
  TOTAL,
  LENGTH,
  type Prospect,
  type FateVector,
  IS_PAINT,
  FATE_MISHAPS,
  FATE_BEGINS,
} from './fates';

/**
 * What may be wanted of a surface, with its chance. New veneer covers the old face as paint
 * does. Nothing is wanted of one that is left.
 */
export const wantedOf = (aim: Aim | undefined): readonly (readonly [AimKind, number])[] => {
  if (!aim) return Object.entries(AIM_SHARES) as [AimKind, number][];
  switch (aim.scheme.kind) {
    case 'painted':
      return [
        [
          aim.scheme.shade === 'white' || aim.scheme.shade === 'pale'
            ? 'paintedLight'
            : 'paintedDark',
          1,
        ],
      ];
    case 'stained':
    case 'washed':
      return [['stained', 1]];
    case 'veneered':
      return [['paintedDark', 1]];
    case 'clear':
      return [['clear', 1]];
    case 'touchedIn':
    case 'freshened':
    case 'leave':
      return [];
  }
};

const missed = (plan: PlanRow, aim: AimKind, m2: number): number => {
  const wanted = aim === 'clear' || aim === 'stained' ? aim : 'paint';
  if (plan.shows === wanted) return 0;
  const { fixedMinutes, minutesPerM2 } =
    plan.shows === 'paint' || wanted === 'paint'
      ? AIM_MISSED.woodForPaint
      : AIM_MISSED.stainForClear;
  return fixedMinutes + minutesPerM2 * m2;
};

/** Is this the kind of plan in which the mishap can happen? */
const canHappen = (mishap: (typeof MISHAPS.rows)[number], plan: PlanRow, aim: AimKind): boolean => {
  const { shows, ...traits } = mishap.plan as {
    readonly shows?: readonly PlanRow['shows'][];
  } & Partial<Record<'strips' | 'dust' | 'washes' | 'blocks' | 'bonds', boolean>>;
  const aims: readonly AimKind[] | undefined = 'aims' in mishap ? mishap.aims : undefined;
  return (
    (!shows || shows.includes(plan.shows)) &&
    (Object.keys(traits) as (keyof typeof traits)[]).every((it) => plan[it] === traits[it]) &&
    (!aims || aims.includes(aim))
  );
};

const AIM_KINDS = Object.keys(AIM_SHARES) as AimKind[];

/** For each aim and plan, the places of the mishaps that can happen. */
const CAN_HAPPEN = new Map(
  AIM_KINDS.map((aim) => [
    aim,
    PLANS.rows.map((plan) =>
      MISHAPS.rows.flatMap((it, at) => (canHappen(it, plan, aim) ? [at] : [])),
    ),
  ]),
);

/** What each plan takes by itself, in the order of the catalog. */
const OWN_COSTS: readonly PlanCost[] = PLANS.rows.map(costOfPlan);

/** What every plan costs for one aim: work, money and mishaps in minutes. */
export interface LossTable {
  readonly aim: AimKind;
  readonly share: number;
  /** For each plan in the order of the catalog, what each mishap and the plan itself cost. */
  readonly costs: readonly Float64Array[];
}

/**
 * The decision table of a surface: plans against what may go wrong, for each aim that may be wanted.
 * @param tooThin chance that the face is too thin to be stripped and sanded
 */
export const lossTables = (
  surface: Pick<Surface, 'areaMm2'>,
  aim: Aim | undefined,
  tooThin: number,
): readonly LossTable[] => {
  const m2 = squareMetres(surface.areaMm2);
  const costs = MISHAPS.rows.map(
    (it) =>
      (it.chance === 'thin-veneer' ? tooThin : it.chance) *
      (it.fixedMinutes + it.minutesPerM2 * m2),
  );
  return wantedOf(aim).map(([kind, share]) => ({
    aim: kind,
    share,
    costs: PLANS.rows.map((plan: PlanRow, at) => {
      const cost = new Float64Array(LENGTH);
      const own = OWN_COSTS[at] as PlanCost;
      cost[TOTAL] =
        own.fixedMinutes +
        own.minutesPerM2 * m2 +
        own.costPerM2 * m2 * MINUTES_PER_MINOR_UNIT.value +
        missed(plan, kind, m2);
      for (const mishap of CAN_HAPPEN.get(kind)?.[at] ?? []) cost[mishap] = costs[mishap] as number;
      return cost;
    }),
  }));
};

/** Expected loss of a plan, minutes. A prospect of weight w gives w times the loss. */
export const lossOf = ({ costs }: LossTable, plan: number, prospect: Prospect): number => {
  const cost = costs[plan] as Float64Array;
  let loss = 0;
  for (let at = 0; at < LENGTH; at++) loss += (cost[at] as number) * (prospect[at] as number);
  return loss;
};

/** The plan of least expected loss, and that loss. */
export const bestPlan = (
  { costs }: LossTable,
  prospect: Prospect,
): { readonly plan: number; readonly loss: number } => {
  let best = 0;
  let least = Infinity;
  for (let plan = 0; plan < costs.length; plan++) {
    const cost = costs[plan] as Float64Array;
    let loss = 0;
    for (let at = 0; at < LENGTH; at++) loss += (cost[at] as number) * (prospect[at] as number);
    if (loss < least) {
      best = plan;
      least = loss;
    }
  }
  return { plan: best, loss: least };
};

/** Expected loss where for each aim its best plan is taken. */
export const expectedLoss = (tables: readonly LossTable[], prospect: Prospect): number =>
  tables.reduce((sum, table) => sum + table.share * bestPlan(table, prospect).loss, 0);

/** The losses of all plans on several prospects: plan by plan, within a plan prospect by prospect. */
export const lossesOn = (table: LossTable, prospects: readonly Prospect[]): Float64Array => {
  const losses = new Float64Array(table.costs.length * prospects.length);
  let at = 0;
  for (let plan = 0; plan < table.costs.length; plan++) {
    for (const prospect of prospects) losses[at++] = lossOf(table, plan, prospect);
  }
  return losses;
};

/** Loss of a plan's costs on one fate that is known. */
const lossOnFate = (cost: Float64Array, fate: number, lead: number): number => {
  let loss = (cost[TOTAL] as number) + lead * (cost[LEAD_MISHAP] as number);
  const end = FATE_BEGINS[fate + 1] as number;
  for (let at = FATE_BEGINS[fate] as number; at < end; at++) {
    loss += cost[FATE_MISHAPS[at] as number] as number;
  }
  return loss;
};

/**
 * What deciding now would be regretted by on each fate that may be, minutes: the loss of the plans
 * that stand, less that of the plans that would be best if the fate were known; over all aims.
 * @param prospect what the plans are chosen by now
 */
export const regretsOf = (
  tables: readonly LossTable[],
  fates: FateVector,
  prospect: Prospect,
  lead: LeadChance,
): FateVector => {
  const standing = tables.map((table) => table.costs[bestPlan(table, prospect).plan]);
  const regrets = new Float64Array(FATE_COUNT);
  for (let fate = 0; fate < FATE_COUNT; fate++) {
    if (fates[fate] === 0) continue;
    const leaded = IS_PAINT[fate] ? lead.paint : lead.other;
    let regret = 0;
    for (let index = 0; index < tables.length; index++) {
      const { costs, share } = tables[index] as LossTable;
      let least = Infinity;
      for (const cost of costs) least = Math.min(least, lossOnFate(cost, fate, leaded));
      regret += share * (lossOnFate(standing[index] as Float64Array, fate, leaded) - least);
    }
    regrets[fate] = regret;
  }
  return regrets;
};
