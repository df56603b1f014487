import { DAY } from '../units';
import type { Mechanism } from './coatings';
import type { Nature } from './meetings';
import { PRACTICE } from './source';
import { table } from './table';

const row = <const Id extends string>(id: Id, label: string) => ({ id, label });

/** What is waited for: reads on from "until …". */
export const UNTILS = table([
  row('dryOvernight', 'dry (best overnight)'),
  row('woodDry', 'the wood is dry'),
  row('meterReadsDry', 'the meter reads dry'),
  row('feelsDry', 'it feels dry'),
  row('spiritsOff', 'the spirits are off'),
  row('alcoholOff', 'the alcohol is off'),
  row('dry', 'dry'),
  row('touchDry', 'dry to the touch'),
  row('hazy', 'it is hazy'),
  row('answered', 'the laboratory has answered'),
  row('noFreshDust', 'no fresh dust has fallen on the paper'),
  row('sandsToPowder', 'it sands to powder'),
  row('noFingerMark', 'a finger leaves no mark'),
  row('tapeMaySit', 'tape may sit on it'),
  row('maybeCut', 'it can be cut'),
  row('overnightAtLeast', 'the next morning (four hours at least)'),
  row('hard', 'it is hard'),
  row('hardInFull', 'it is fully hard (24 h)'),
  row('cementHard', 'the cement is hard'),
  row('dryToDepth', 'it is dry right through (2–6 h)'),
  row('glueLoads', 'the glue carries load'),
  row('glueHolds', 'the glue holds'),
  row('overnight', 'the next morning'),
]);
export type Until = (typeof UNTILS.ids)[number];

/**
 * How long the last coat hardens before plates, doors and drawers press on it, minutes: a day to
 * three after waterborne coats, longer for oil (common practice, no source).
 */
export const BEARS_PARTS = {
  water: 48 * 60,
  alcohol: 12 * 60,
  solvent: DAY,
  oxidation: 72 * 60,
  wax: DAY,
  source: PRACTICE,
} as const;

interface PairWait {
  readonly under: readonly Nature[];
  readonly over: readonly Mechanism[];
  readonly minutes: number;
}

/**
 * Waits that belong to a pair of coats, not to the lower one alone, minutes (common practice, no
 * source). Water over an oil-based stain: one to three days, or dewaxed shellac between; over an
 * oil film until it is through; strong solvent and alcohol would take a fresh oil along.
 */
export const PAIR_WAITS: readonly PairWait[] = [
  { under: ['oilStain', 'gel'], over: ['water'], minutes: 48 * 60 },
  { under: ['oilFilm'], over: ['water'], minutes: 72 * 60 },
  { under: ['oilStain', 'gel', 'oilFilm'], over: ['solvent', 'alcohol'], minutes: DAY },
  { under: ['oiled'], over: ['alcohol', 'oxidation', 'wax'], minutes: DAY },
];
/** @public Where the rows above come from. */
export const PAIR_WAITS_SOURCE = PRACTICE;

/** Waits after wet work, minutes (common practice). */
export const WAITS = {
  afterWash: 12 * 60,
  afterDampWipe: 2 * 60,
  airingOut: 72 * 60,
  afterSpirits: 60,
  afterNeutralising: 48 * 60,
  /** Damp wood in moving air, before it is measured again. */
  dryingOut: 72 * 60,
  afterWetSanding: 12 * 60,
  afterWetDulling: 120,
  afterWetScraping: 12 * 60,
  afterDedusting: 20,
  afterFreshening: 120,
  afterTouchingIn: 12 * 60,
  afterBleach: 48 * 60,
  afterRaisingGrain: 2 * 60,
  bleedPatch: 12 * 60,
  testPatch: 4 * 60,
  newVeneer: DAY,
  newPart: DAY,
  /** Apart from other pieces, after treatment. */
  quarantine: 14 * DAY,
  /** By post, and back. */
  laboratory: 7 * DAY,
  source: PRACTICE,
} as const;
