export {
  operation,
  refusal,
  route,
  type Operation,
  type Refusal,
  type Route,
} from './order/operation';
export { PHASES, phase, type Phase } from '../work';
export { PRECEDENCE, PRESSES } from './order/orderRules';
export { graph, precedencesOf, type Graph, type Precedence } from './order/graph';
export { RULES } from './rules';
export {
  byPhase,
  planRoute,
  routeInDialect,
  routeOf,
  stateAsFound,
  wholeFor,
  type Given,
} from './plan';
export type { Whole } from './context/whole';
export { likeliestSubstrate, type SurfaceContext } from './context/context';
export { finishPlanOf } from './finish/finishing';
export { doneTogether, stepsOf, type DoneStep, type Steps } from './views/steps';
export { routeAsText, whereOf } from './views/text';
export { careSheet, careSheetFor, type CareSheet, type SurfaceCare } from './views/careSheet';
export { RISKS, worstOf } from './views/risk';
export { faceSandingOf, type FaceSanding } from './finish/faceSanding';
export { calendarDays } from './order/days';
export { impossibleSchemes } from './finish/feasibility';
export {
  careSheetPaper,
  routeCard,
  type Paper,
  type PaperBlock,
  type PaperLine,
  printedOn,
  ticketFor,
  type Ticket,
} from './views/paper';
export { REFUSAL_RULES } from './finish/refusalRules';
export { stacksAlong, type Stack, type StackHistory } from './views/stack';
export {
  KEPT_ROUTE,
  KEPT_ROUTE_VERSION,
  MIGRATIONS,
  keep,
  keptForm,
  keptSteps,
  readKept,
  type KeptForm,
  type KeptSteps,
} from './record/record';
