import {
  AIM_MISSED,
  AIM_SHARES,
  FINISHES,
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
import { STATES, holdsIn, type StateVector } from '../belief/space';

/**
 * States that suffer the same mishaps. Deciding needs to tell no more of them apart, and there
 * are some hundreds instead of thousands.
 */
const FATES: {
  readonly of: Uint8Array;
  readonly all: readonly { readonly paint: boolean; readonly mishaps: readonly number[] }[];
} = (() => {
  const known = new Map<string, number>();
  const all: { paint: boolean; mishaps: number[] }[] = [];
  const of = Uint8Array.from(STATES, (state) => {
    const { paint } = FINISHES.get(state.finish);
    const mishaps = MISHAPS.rows.flatMap((it, at) => (holdsIn(it.when, state) ? [at] : []));
    const key = `${paint}/${mishaps.join()}`;
    const old = known.get(key);
    if (old !== undefined) return old;
    known.set(key, all.length);
    return all.push({ paint, mishaps }) - 1;
  });
  return { of, all };
})();

const FATE_COUNT = FATES.all.length;
/** The mishap that hangs on lead, which no state tells. */
const LEAD_MISHAP = MISHAPS.ids.indexOf('lead-dust');
const MISHAP_COUNT = MISHAPS.rows.length;
/** A prospect's length: a chance for each mishap's condition, then the weight of it all. */
const TOTAL = MISHAP_COUNT;
const LENGTH = MISHAP_COUNT + 1;

/**
 * All that deciding needs of probabilities: how likely the condition of each mishap is, and last
 * the weight of it all. Losses add up mishap by mishap, so nothing else counts.
 */
export type Prospect = Float64Array;

/** Weights of the fates. */
export type FateVector = Float64Array;

/**
 * Fates by classes of states, such as the rows of a test's likelihoods.
 * @param classOf class of each state
 * @returns the weights of the fates for each class
 */
export const fatesBy = (
  vector: StateVector,
  classOf: Uint8Array,
  classes: number,
): readonly FateVector[] => {
  const byFate = new Float64Array(classes * FATE_COUNT);
  const fateOf = FATES.of;
  for (let s = 0; s < vector.length; s++) {
    const at = (classOf[s] as number) * FATE_COUNT + (fateOf[s] as number);
    byFate[at] = (byFate[at] as number) + (vector[s] as number);
  }
  const split: FateVector[] = [];
  for (let one = 0; one < classes; one++) {
    split.push(byFate.subarray(one * FATE_COUNT, (one + 1) * FATE_COUNT));
  }
  return split;
};

const ALL_ALIKE = new Uint8Array(STATES.length);

/** The fates of a surface. */
export const fatesOf = (vector: StateVector): FateVector =>
  fatesBy(vector, ALL_ALIKE, 1)[0] ?? new Float64Array(FATE_COUNT);

/** Is the top layer paint, fate by fate? */
const IS_PAINT = Uint8Array.from(FATES.all, (it) => (it.paint ? 1 : 0));
/** The mishaps of each fate, one fate after the other, and where each fate's begin. */
const FATE_MISHAPS = Uint8Array.from(FATES.all.flatMap((it) => it.mishaps));
const FATE_BEGINS = Uint16Array.from([
  0,
  ...FATES.all.map((_, fate) =>
    FATES.all.slice(0, fate + 1).reduce((sum, it) => sum + it.mishaps.length, 0),
  ),
]);

/** Adds a fate of some weight to a prospect. */
const addFate = (to: Prospect, fate: number, weight: number, lead: LeadChance): void => {
  to[TOTAL] = (to[TOTAL] as number) + weight;
  to[LEAD_MISHAP] =
    (to[LEAD_MISHAP] as number) + weight * (IS_PAINT[fate] ? lead.paint : lead.other);
  const end = FATE_BEGINS[fate + 1] as number;
  for (let at = FATE_BEGINS[fate] as number; at < end; at++) {
    const mishap = FATE_MISHAPS[at] as number;
    to[mishap] = (to[mishap] as number) + weight;
  }
};

/**
 * The prospect of some fates.
 * @param lead chance of lead under paint and under anything else
 */
export const prospectOf = (fates: FateVector, lead: LeadChance): Prospect => {
  const prospect = new Float64Array(LENGTH);
  for (let fate = 0; fate < FATE_COUNT; fate++) {
    const weight = fates[fate] as number;
    if (weight > 0) addFate(prospect, fate, weight, lead);
  }
  return prospect;
};

/** How likely a prospect is itself. */
export const weightOf = (prospect: Prospect): number => prospect[TOTAL] as number;

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

/** Σ weight · figure over the fates. */
export const overFates = (fates: FateVector, figures: FateVector): number => {
  let sum = 0;
  for (let fate = 0; fate < FATE_COUNT; fate++) {
    sum += (fates[fate] as number) * (figures[fate] as number);
  }
  return sum;
};
