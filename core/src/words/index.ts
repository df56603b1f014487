export { about, capital, counted, listed, papers, papersInTurn } from './language';
export {
  CODE,
  KIT,
  LABEL,
  LEAD_ON_PIECE,
  byCode,
  byKit,
  byLabel,
  cautionsOf,
  type CautionWords,
} from './cautions';
export { phaseInWords } from './phases';
export { RISKS, type RiskKind } from './risks';
export * from './terms';
export { refusals as REFUSAL_WORDS } from './refusals';
export * as LINE_WORDS from './line';
export * as SECURE_WORDS from './steps/secure';
export * as PARTS_WORDS from './steps/parts';
export * as CLEAN_WORDS from './steps/clean';
export * as STRIP_WORDS from './steps/strip';
export * as REPAIR_WORDS from './steps/repair';
export * as SAND_WORDS from './steps/sand';
export * as OPEN_WOOD_WORDS from './steps/openWood';
export * as READY_WORDS from './steps/ready';
export * as MEND_WORDS from './steps/mend';
export * as COAT_WORDS from './steps/coats';
export { aimInWords, schemeInWords } from './scheme';
export { inDialect } from './dialect';
export { outcomeInWords, recordedInWords } from './recorded';
export { GROUP_NAMES } from './groups';
export { DISPOSITIONS, hardwareAdvice } from './hardware';
export { careRules, careWords, inCoats } from './care';
export { hazardWords, routeWords, stepInWords, waysInWords } from './route';
export * as LOOK_WORDS from './looking';
export * as CHOICE_WORDS from './choosing';
export { ORDER_WORDS, type OrderRuleId } from './order';
export * as BENCH_WORDS from './bench';
export * as ENDING_WORDS from './ending';
export {
  COST_WORDS,
  DECISION_WORDS,
  QUOTE_WORDS,
  percentOf,
  tipInWords,
  type DecisionId,
  type Tip,
} from './money';
export {
  SUPPLY_WORDS,
  containersInWords,
  needInWords,
  quantityInWords,
  sizeInWords,
  wholeInWords,
} from './supply';
export { AIR_FAULTS, CLOCK_WORDS, type AirFault } from './clock';
