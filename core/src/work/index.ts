export { LOST_WITH_THE_FILM, advance, foundLayer } from './advance';
export { effectIn } from './effectIn';
export {
  effort,
  effortSchema,
  minutesEach,
  minutesOf,
  take,
  takes,
  takesBy,
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
export { PHASES, phase, placeOf, type Phase } from './phase';
export {
  coatsOn,
  hasSpoiledCoats,
  isBare,
  isMet,
  openFlaws,
  unworkedPiece,
  unworkedSurface,
  type FaceLayer,
  type Flaw,
  type InHand,
  type PieceState,
  type SurfaceState,
} from './state';
export { eventsOf, setBack, setbackIn } from './setback';
export {
  caution,
  batchKeyOf,
  keyOf,
  placeName,
  risk,
  task,
  type Risk,
  type SetUp,
  type Task,
  type TaskLine,
} from './task';
export { waitingWork, type WaitingWork } from './waiting';
export { costOfPlan, type PlanCost } from './planCost';
export { activeMinutes, learnPaces, timedIn, type Pace, type Paces, type Timed } from './pace';
