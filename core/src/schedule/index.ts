export { airDuring } from './airDuring';
export {
  ALWAYS,
  both,
  calendarOf,
  either,
  readerOf,
  without,
  type Calendar,
  type Span,
} from './calendar';
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
} from './problem';
export { prepare, type Prepared } from './board';
export { build, closesAfter } from './builder';
export { OBJECTIVES, costOf, outcomeOf, type Missed, type Objective, type Outcome } from './score';
export { firstAnswer, improved, improving, type Answer, type Progressing } from './improve';
export { boundOf, gapOf, type Bound } from './bound';
export {
  problemOf,
  dryingOf,
  type Held,
  type Meaning,
  type OnBench,
  type ShopProblem,
} from './fromRoutes';
export { airAhead, type AirAhead, type AirHour } from './airAhead';
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
} from './hours';
export { chanceBy, doneBy, livedThrough, turnedOut, type Runs } from './promise';
export { shiftsBetween, type PieceShift } from './difference';
export { stepOf, type Step } from './step';
export { stalledIn, type Stalled, type StalledBy } from './stalled';
export { timetableOf, type Because, type Entry, type Timetable } from './timetable';
export { withScuffs } from './scuffs';
export { inUseFrom, type InUse } from './inUse';
export { stillOpen, type StillOpen } from './lastLook';
export { stageOf, type Stage } from './stage';
export { dryingNow, type Drying } from './drying';
export {
  againstIt,
  isHeldByHarm,
  isStillWet,
  mayBegin,
  nextStep,
  stillWetIn,
  type AgainstIt,
  type OpenStep,
} from './mayBegin';
export { planShop, planningShop, type Asked, type ShopPlan } from './shopPlan';
export { readyNow, type Ready } from './today';
export {
  benchOf,
  promisesOf,
  viewOf,
  type AirNow,
  type ClockView,
  type Promised,
} from './clockView';
export { WHAT_IFS, otherwise, whatTheyBring, type ShopWhatIf, type WhatItBrings } from './whatIf';
export { recordedFor, upsetBy, type Recorded, type Upset } from './upset';
export { heldByAir, type HeldByAir } from './heldByAir';
export { airHelp, type AirHelp, type AirRemedy, type TriedRemedy } from './airHelp';
export { whatItDoes, type WhatItDoes } from './compare';
export { becauseInWords, stalledInWords } from './because';
export { inSittings, type Sitting } from './sittings';
export { readPsplib } from './psplib';
export { planAsText } from './text';
