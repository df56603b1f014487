export { operation, refusal, route, type Operation, type Refusal, type Route } from './operation';
export { PHASES, phase, type Phase } from '../work';
export { graph, precedencesOf, type Graph, type Precedence } from './graph';
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
export type { Whole } from './whole';
export { likeliestSubstrate, type SurfaceContext } from './context';
export { finishPlanOf } from './finishing';
export { PRECEDENCE } from './precedence';
export { doneTogether, stepsOf, type DoneStep, type Steps } from './steps';
export { routeAsText, whereOf } from './text';
export { careSheet, careSheetFor, type CareSheet, type SurfaceCare } from './careSheet';
export {
  changedRisks,
  moneyFor,
  riskChange,
  toll,
  tollOf,
  type RiskChange,
  type Toll,
} from './toll';
export { RISKS, worstOf } from './risk';
export { faceSandingOf, type FaceSanding } from './faceSanding';
export { calendarDays } from './days';
export { impossibleSchemes } from './feasibility';
export {
  careSheetPaper,
  routeCard,
  type Paper,
  type PaperBlock,
  type PaperLine,
  type Ticket,
} from './paper';
export { REFUSAL_RULES } from './refusalRules';
export { stacksAlong, type Stack, type StackHistory } from './stack';
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
} from './record';
