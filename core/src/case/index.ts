export { caseOf, type Case } from './case';
