import { FINISHES, MISHAPS } from '../../catalog';
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

export const FATE_COUNT = FATES.all.length;
/** The mishap that hangs on lead, which no state tells. */
export const LEAD_MISHAP = MISHAPS.ids.indexOf('lead-dust');
const MISHAP_COUNT = MISHAPS.rows.length;
/** A prospect's length: a chance for each mishap's condition, then the weight of it all. */
export const TOTAL = MISHAP_COUNT;
export const LENGTH = MISHAP_COUNT + 1;

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
export const IS_PAINT = Uint8Array.from(FATES.all, (it) => (it.paint ? 1 : 0));
/** The mishaps of each fate, one fate after the other, and where each fate's begin. */
export const FATE_MISHAPS = Uint8Array.from(FATES.all.flatMap((it) => it.mishaps));
export const FATE_BEGINS = Uint16Array.from([
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

/** Σ weight · figure over the fates. */
export const overFates = (fates: FateVector, figures: FateVector): number => {
  let sum = 0;
  for (let fate = 0; fate < FATE_COUNT; fate++) {
    sum += (fates[fate] as number) * (figures[fate] as number);
  }
  return sum;
};
