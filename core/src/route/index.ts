export {
  PHASES,
  operation,
  phase,
  refusal,
  route,
  type Operation,
  type Phase,
  type Refusal,
  type Route,
} from './operation';
export { RULES, byPhase, planRoute } from './plan';
export { PRECEDENCE } from './precedence';
export { routeAsText, whereOf } from './text';
export { branch, branches, branchesOf, type Branch, type Branches } from './branches';
export { careSheet, careSheetOf, type CareSheet, type SurfaceCare } from './careSheet';
export {
  alternative,
  alternativesFor,
  toll,
  tollOf,
  whatIf,
  whatIfs,
  type Alternative,
  type Toll,
  type WhatIf,
} from './compare';
export { RISKS, worstOf, type Risk } from './risk';
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
export { REFUSAL_RULES } from './refusals';
export { stacksAlong, type Stack, type StackHistory, type StackLayer } from './stack';
