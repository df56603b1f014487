export { branch, branches, branchesOf, type Branch, type Branches } from './branches';
export { caseOf, type Asked, type Case } from './case';
export {
  alternative,
  alternativesFor,
  whatIf,
  whatIfs,
  type Alternative,
  type WhatIf,
} from './compare';
export { shopCase, type ShopCase } from './shopCase';
export { planSummary } from './summary';
export { workStage, type WorkStage } from './stage';
export { changedRisks, moneyOfSteps, riskChange, toll, tollOf, type Toll } from './toll';
