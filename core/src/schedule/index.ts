export {
  ALWAYS,
  both,
  calendarOf,
  either,
  readerOf,
  freeOf,
  type Calendar,
  type Span,
} from './calendar/calendar';
export {
  waitEnds,
  type Booking,
  type Job,
  type JobLink,
  type JobPlan,
  type ScheduleProblem,
  type Project,
  type Resource,
  type ResourceUse,
  type Wait,
  type Way,
  type LinkReason,
} from './model/problem';
export { prepare, type Prepared } from './solver/board';
export { buildPlan, closesAfter } from './solver/builder';
export {
  OBJECTIVES,
  penaltyOf,
  outcomeOf,
  type Missed,
  type Objective,
  type PlanOutcome,
} from './solver/score';
export { firstAnswer, improved, improving, type Answer, type Progressing } from './solver/improve';
export { boundOf, shareOverBound, type Bound } from './solver/bound';
export {
  problemOf,
  dryingOf,
  type Held,
  type Meaning,
  type OnBench,
  type ShopProblem,
} from './model/fromRoutes';
export { airAhead, type AirAhead, type AirHour } from './calendar/airAhead';
export { clockDays, hoursOf, loudHours, type ClockDay } from './calendar/hours';
export { chanceBy, doneBy, livedThrough, turnedOut, type Runs } from './solver/promise';
export { shiftsBetween, type PieceShift } from './views/difference';
export { stepOf, type Step } from './views/step';
export { stalledIn, type Stalled, type StalledBy } from './views/stalled';
export { timetableOf, type Because, type TimetableEntry, type Timetable } from './views/timetable';
export { withScuffs } from './model/scuffs';
export { inUseFrom, type InUse } from './views/inUse';
export { stillOpen, type StillOpen } from './views/lastLook';
export { stageOf, type Stage } from './views/stage';
export { dryingNow, settingNow, stillDries, type DryingNow } from './views/drying';
export {
  againstIt,
  isHeldByHarm,
  isStillWet,
  mayBegin,
  nextStep,
  stillWetIn,
  type AgainstIt,
  type OpenStep,
} from './views/mayBegin';
export { planShop, planningShop, type PlanningAsked, type ShopPlan } from './solver/shopPlan';
export { readyNow, type Ready } from './views/today';
export {
  benchOf,
  promisesOf,
  viewOf,
  type AirNow,
  type ClockView,
  type Promised,
} from './views/clockView';
export {
  WHAT_IFS,
  otherShops,
  whatTheyBring,
  type ShopWhatIf,
  type WhatItBrings,
} from './views/whatIf';
export { recordedFor, upsetBy, type UpsetRecord, type Upset } from './views/upset';
export { heldByAir, type HeldByAir } from './views/heldByAir';
export { airHelp, type AirHelp, type AirRemedy, type TriedRemedy } from './views/airHelp';
export { whatItDoes, type WhatItDoes } from './views/compare';
export { becauseInWords, stalledInWords } from './views/because';
export { inSessions, type Session } from './views/sessions';
export { readPsplib } from './solver/psplib';
export { planAsText } from './views/text';
