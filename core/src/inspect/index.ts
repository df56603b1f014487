export { advisePiece, adviseSurface, type Advice } from './advice';
export { inspectPiece, inspectSurface, stateOf, type SurfaceState } from './beliefs';
export { DAMAGE_RULES, judgeFinding, sizeInWords, type RuledOut, type Severity } from './damage';
export { ranked, type Distribution } from './distribution';
export { collectEvidence, type Evidence } from './evidence';
export { coloursOf, knownLayers, readLeadPpm, spokenFor } from './lead';
export { TELLING_TESTS } from './likelihood';
export { advised, checklist, walk, type Policy, type Walk } from './policy';
export { posteriorsOf } from './posterior';
export {
  surfaceBeliefs,
  type Belief,
  type Conflict,
  type LayerBelief,
  type LeadResult,
  type LeadStatus,
  type Moisture,
  type SurfaceBeliefs,
  type VeneerEstimate,
} from './result';
export { asObservation, drawResults, drawTruth } from './sample';
export { chanceThinnerThan } from './veneer';
export { nextLooks } from './nextLook';
export { walkRound, type GlanceAnswer, type GlanceTurn } from './walkRound';
export { SETTLED, sureness } from './words';
