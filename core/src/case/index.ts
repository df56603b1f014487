export { caseOf, type Case } from './case';
export { planSummary } from './summary';
export { workStage, type WorkStage } from './stage';
