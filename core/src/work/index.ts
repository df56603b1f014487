export { LOST_WITH_THE_FILM, advance, foundLayer } from './advance';
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
export { effect, effectIn, effectOf, type Effect } from './effect';
export {
  consumed,
  effort,
  effortSchema,
  minutesEach,
  minutesOf,
  take,
  takes,
  takesBy,
  type Consumed,
  type Effort,
} from './effort';
export {
  ANSWERS,
  GATE_KINDS,
  GATE_TESTS,
  gate,
  type AnswerId,
  type Gate,
  type GateKind,
} from './gate';
export { AT_ONCE, dryingMechanism, lag, type DryingMechanism, type Lag } from './lag';
export { PHASES, phase, placeOf, type Phase } from './phase';
export type { DeepReadonly } from './readonly';
export {
  coatsOn,
  hasSpoiledCoats,
  isBare,
  isMet,
  openFlaws,
  type FaceLayer,
  type Flaw,
  type InHand,
  type PieceState,
  type SurfaceState,
} from './state';
export { eventsOf, setBack, setbackIn } from './setback';
export {
  caution,
  check,
  goOf,
  keyOf,
  place,
  placeName,
  risk,
  task,
  type Caution,
  type Check,
  type Place,
  type Reason,
  type Risk,
  type SetUp,
  type Task,
  type TaskLine,
} from './task';
export {
  PLAIN,
  SERIES,
  dangersOf,
  disturbs,
  type Coat,
  type Face,
  type Series,
  type Traits,
} from './traits';
export { costOfPlan, type PlanCost } from './planCost';
export { activeMinutes, learnPaces, timedIn, type Pace, type Paces, type Timed } from './pace';
