export { advisePiece, adviseSurface, type Advice } from './advice/advice';
export { inspectPiece, inspectSurface, stateOf, type LookState } from './belief/beliefs';
export {
  DAMAGE_RULES,
  judgeFinding,
  damageSizeInWords,
  type RuledOut,
  type Severity,
} from './belief/damage';
export { ranked, type Distribution } from './belief/distribution';
export { collectEvidence, type Evidence } from './belief/evidence';
export { coloursOf, knownLayers, readLeadPpm, spokenFor } from './lead';
export { TELLING_TESTS } from './belief/likelihood';
export { advised, checklist, walk, type Policy, type Walk } from './advice/policy';
export { posteriorsOf } from './belief/posterior';
export {
  surfaceBeliefs,
  type Belief,
  type TestConflict,
  type LayerBelief,
  type LeadResult,
  type LeadStatus,
  type Moisture,
  type SurfaceBeliefs,
  type VeneerEstimate,
} from './belief/result';
export { asObservation, drawResults, drawTruth } from './belief/sample';
export { chanceThinnerThan } from './belief/veneer';
export { nextLooks } from './advice/nextLook';
export { walkRound, type GlanceAnswer, type GlanceTurn } from './advice/walkRound';
export { SETTLED, sureness } from './belief/words';
