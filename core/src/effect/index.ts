export {
  CONDITIONS,
  NEEDS,
  PARTS,
  PIECE_CONDITIONS,
  type Condition,
  type Need,
  type Part,
  type PieceCondition,
} from './condition';
export { consumed, type Consumed } from './consumed';
export { effectOf, keptEffect, readEffect, type Effect, type KeptEffect } from './effect';
export { AT_ONCE, dryingMechanism, lag, type DryingMechanism, type Lag } from './lag';
export { check, place, type Check, type Place } from './place';
export type { DeepReadonly } from './readonly';
export {
  PLAIN,
  SERIES,
  dangersOf,
  disturbs,
  traits,
  type Coat,
  type FaceAfter,
  type Series,
  type Traits,
} from './traits';
