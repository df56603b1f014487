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
export { build, closesAfter, prepare, type Prepared } from './builder';
export { OBJECTIVES, costOf, outcomeOf, type Missed, type Objective, type Outcome } from './score';
export { firstAnswer, improved, improving, type Answer, type Progressing } from './improve';
export { boundOf, gapOf, type Bound } from './bound';
