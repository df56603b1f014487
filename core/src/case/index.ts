export { caseOf, type Case } from './case';
export { planSummary } from './summary';
