export { airDuring } from './calendar/airDuring';
export {
  ALWAYS,
  both,
  calendarOf,
  either,
  readerOf,
  without,
  type Calendar,
  type Span,
} from './calendar/calendar';
export {
  waitEnds,
  type Booking,
  type Job,
  type Link,
  type Plan,
  type Problem,
  type Project,
  type Resource,
  type Use,
  type Wait,
  type Way,
  type Why,
} from './model/problem';
export { prepare, type Prepared } from './solver/board';
export { build, closesAfter } from './solver/builder';
export {
  OBJECTIVES,
  costOf,
  outcomeOf,
  type Missed,
  type Objective,
  type Outcome,
} from './solver/score';
export { firstAnswer, improved, improving, type Answer, type Progressing } from './solver/improve';
export { boundOf, gapOf, type Bound } from './solver/bound';
export {
  problemOf,
  dryingOf,
  type Held,
  type Meaning,
  type OnBench,
  type ShopProblem,
} from './model/fromRoutes';
export { airAhead, type AirAhead, type AirHour } from './calendar/airAhead';
export {
  clockDays,
  dayAfter,
  dayAt,
  dayOf,
  hoursOf,
  isoDay,
  loudHours,
  minuteOn,
  weekdayOf,
  type ClockDay,
  type Day,
} from './calendar/hours';
export { chanceBy, doneBy, livedThrough, turnedOut, type Runs } from './solver/promise';
export { shiftsBetween, type PieceShift } from './views/difference';
export { stepOf, type Step } from './views/step';
export { stalledIn, type Stalled, type StalledBy } from './views/stalled';
export { timetableOf, type Because, type Entry, type Timetable } from './views/timetable';
export { withScuffs } from './model/scuffs';
export { inUseFrom, type InUse } from './views/inUse';
export { stillOpen, type StillOpen } from './views/lastLook';
export { stageOf, type Stage } from './views/stage';
export { dryingNow, type Drying } from './views/drying';
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
export { planShop, planningShop, type Asked, type ShopPlan } from './solver/shopPlan';
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
  otherwise,
  whatTheyBring,
  type ShopWhatIf,
  type WhatItBrings,
} from './views/whatIf';
export { recordedFor, upsetBy, type Recorded, type Upset } from './views/upset';
export { heldByAir, type HeldByAir } from './views/heldByAir';
export { airHelp, type AirHelp, type AirRemedy, type TriedRemedy } from './views/airHelp';
export { whatItDoes, type WhatItDoes } from './views/compare';
export { becauseInWords, stalledInWords } from './views/because';
export { inSittings, type Sitting } from './views/sittings';
export { readPsplib } from './solver/psplib';
export { planAsText } from './views/text';
