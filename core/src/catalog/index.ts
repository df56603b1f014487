export { BLEEDS, type Bleed } from './bleeds';
export { DAMAGES, type Damage, type Repair } from './damages';
export { FINISHES, type Finish } from './finishes';
export { GRITS, GRIT_SOURCE } from './grits';
export {
  FEEL_SAYS,
  INSPECTION_TESTS,
  LAYER_FINISHES,
  bandOf,
  informs,
  inspectionTest,
  resultCount,
  type Band,
  type ChoiceTest,
  type InspectionTest,
  type LayerTest,
  type LikelihoodRow,
  type Outcome,
  type ReadingTest,
  type Sketch,
} from './inspection';
export { LEAD, LEAD_LIMITS, LEAD_PRIOR } from './lead';
export { COATINGS, dryFilmUm, type Coating, type CoatingRole, type Mechanism } from './coatings';
export {
  INTERFACES_SOURCE,
  LAYERS,
  OLD_FILM_UM,
  layerLabel,
  MEETINGS,
  NATURES,
  meetingOf,
  natureOf,
  type Layer,
  type Meeting,
  type Nature,
  type Verdict,
} from './interfaces';
export { FACE_COLOURS, HIDING, PALETTE, SHADE_COLOURS, type PaletteColour } from './palette';
export { PRIMERS, type Primer } from './primers';
export { SCHOOLS, type School, type Schools, type WayOf } from './schools';
export {
  MISHAPS,
  MISTAKE_WEIGHT,
  PLANS,
  AIM_MISSED,
  AIM_SHARES,
  type AimKind,
  type PlanRow,
} from './plans';
export {
  BOARD_CORE_SHARE,
  ERA_ENDS,
  FINISH_PRIORS,
  FINISH_PRIORS_OFF_WOOD,
  HPL_SHARE,
  REPORTING_SLIP,
  SISTER_SHARE,
  SOFTWOOD_SHARE,
  STAIN_PRIOR,
  SUBSTRATE_PRIORS,
  VENEER_PRIORS,
  VENEER_READING_ERROR,
  WOOD_PRIORS,
  type Era,
  type PartKind,
} from './priors';
export {
  ANCHOR_FROM_MM,
  BOND_LIMITS,
  CLEAR_COATS,
  DEDUST_WITHOUT_EXTRACTOR,
  CLEAR_COATS_SOURCE,
  FILL_DEPTHS,
  GAPS,
  MINUTES_PER_MINOR_UNIT,
  PART_MINUTES,
  RATES,
  STAINABLE_WAITS,
  TRANSFER,
  SANDING_MODEL,
  WAITS,
  type Rate,
} from './rates';
export type { SourceMark } from './source';
export { BANNED_REMOVER, STRIP_WAYS, type StripWay } from './stripWays';
export { THIN_FACE, WOODEN, type StateCondition } from './state';
export {
  SUBSTRATES,
  SUBSTRATE_FAMILIES,
  substratesOf,
  type Substrate,
  type SubstrateFamily,
} from './substrates';
export { TELLING_LIMITS } from './tellingLimits';
export { TOOLS, type Tool } from './tools';
export { VARIABLES, isValueOf, labelOf, variable, type ValueOf, type Variable } from './variables';
export { WOODS, type Wood } from './woods';
