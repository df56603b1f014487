export { BLEEDS, type Bleed } from './bleeds';
export { DAMAGES, type Damage, type DamageSign } from './damages';
export { FINISHES, OLD_FILM_UM, type Finish } from './finishes';
export { GRITS, GRIT_SOURCE } from './grits';
export {
  CROSS_CUT_STEPS,
  FEEL_SAYS,
  ONE_CAUSE,
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
  type BenchSketch,
  type Sketch,
  COPIED,
  DAMAGE_SIGN,
  isTelling,
  GLANCES,
  GLANCE_DAMAGES,
  SIGHT,
  type Glance,
} from './inspection';
export { COAT_LOSSES, SLEEVES_A_COAT } from './losses';
export { LEAD, LEAD_LIMITS, LEAD_PRIOR, PRINT_BEYOND_DOUBT, WOOD_BEYOND_DOUBT } from './lead';
export {
  COATINGS,
  dryFilmUm,
  leavesFilm,
  type Coating,
  type CoatingRole,
  type Mechanism,
  PAINTS,
  TOPCOATS,
  type PaintClass,
  type TopcoatWish,
} from './coatings';
export { LAYERS, layerLabel, meetingOf, natureOf, type Layer } from './interfaces';
export {
  MEETINGS,
  MEETINGS_SOURCE,
  NATURES,
  type Meeting,
  type Nature,
  type Verdict,
} from './meetings';
export { FACE_COLOURS, HIDING, PALETTE, SHADES_FROM, SHADE_COLOURS } from './palette';
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
  type PlanStep,
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
export { PROFILES, type Profile } from './profiles';
export { FILLS, type Repair } from './repairs';
export {
  RATES,
  COUNTS,
  DISCS_PER_SHEET,
  sheetsPerM2,
  type Clogs,
  WHYS,
  atHand,
  use,
  type Count,
  type Rate,
  type RateRow,
  type Use,
  type Why,
} from './rates';
export {
  ABOVE_DEW_POINT,
  BEARS_BRASS_LBF,
  BOND_LIMITS,
  CARVED,
  COATING_AIR,
  CLEAR_COATS,
  CLEAR_COATS_SOURCE,
  AT_THE_EDGE,
  CRACKS,
  CROSS_CUTS,
  DAMAGE_LIMITS,
  DAMP_ABOVE_POINTS,
  FILL_DEPTHS,
  GAPS,
  GREASY_PASSES,
  HOLES_PER_FITTING,
  LAYERS_A_ROUND,
  NEW_VENEER_UM,
  PH_LIMITS,
  CHILDS_BED,
  RENEWED_COATS,
  TOUCHED_IN_SHOWS,
  SANDED_OUT_MM,
  SHEET_FROM_MM2,
  SOAKED_LITRES,
  STAINABLE_WAITS,
  THIN_FACES,
  TIPS_BY_RATIO,
  TIPS_FROM_MM,
  WASH_ROUNDS,
  WIPED_ROUNDS,
} from './limits';
export { DANGERS } from './dangers';
export type { Danger } from './danger';
export { line, lineOf, textsOf, type Line, type Told } from './line';
export {
  METHODS,
  WETTINGS,
  type Method,
  type MethodRow,
  type RepairMethod,
  type Wetting,
} from './methods';
export {
  DECISIONS,
  MINUTES_PER_MINOR_UNIT,
  SLOWER,
  SUPPOSED,
  TRANSFER,
  WEIGHTS,
} from './decisions';
export {
  EDGE_BY_HAND_MM,
  PAPER_CHOICES,
  PLACE_AREA_MM2,
  SANDING_MODEL,
  SANDING_SOURCE,
} from './sandingModel';
export { BEARS_PARTS, UNTILS, WAITS, PAIR_WAITS, type Until } from './waits';
export { HAZARDS, type Hazard } from './hazards';
export {
  MATERIALS,
  UNITS,
  AISLES,
  VENEER_CUT,
  VENEER_FORMATS,
  WEAR,
  type VeneerFormat,
  aisleOf,
  discsFor,
  paperOf,
  type Aisle,
  priceBy,
  priceOf,
  type Container,
  type Material,
  type MaterialRow,
  type Unit,
} from './materials';
export { PROTECTIONS, wornTogether, type Protection } from './protection';
export { SHEENS, USUAL_SHEEN, type Sheen } from './sheens';
export type { SourceMark } from './source';
export {
  REMOVERS_NOT_PROPOSED,
  STRIP_WAYS,
  costOfWayPerM2,
  hazardsOfWay,
  type StripWay,
} from './stripWays';
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

export { DAMAGE_LORE, FINISH_LORE, SUBSTRATE_LORE, type Lore } from './lore';
export {
  AIR_MOVEMENT,
  BOARD_HALF_TIME,
  COAT_SHARES,
  COAT_STATES,
  DRYING,
  DRYING_RANGE,
  DUST_SETTLES,
  FACE_LAG,
  HARDENER,
  LABEL_AIR,
  VAPOUR,
  type AirMovement,
  type CoatState,
  type Drying,
} from './drying';
export {
  CLIMATES,
  FORECAST_ERROR,
  MOISTURE_BUFFER,
  READING_FADES,
  ROOMS,
  TYPICAL_PEAKS,
  type Climate,
  type Room,
} from './airs';
export {
  MIX_ORDERS,
  CHECKS,
  DISCOVERIES,
  DISCOVERY_GROUPS,
  FILLER_HARDENER,
  LAST_RESORTS,
  MENDS,
  POT_LIFE,
  REMEDIES,
  TIMERS,
  type CheckId,
  type Consequence,
  type DiscoveryGroup,
  type DiscoveryKind,
  type Does,
  type Mend,
  type NewAim,
  type Only,
  type Remedy,
  type Tells,
  type TimerId,
} from './bench';
export { CUPS, GUN_SECONDS, THINNERS, type Cup } from './cups';
export { RETIRED, RETIRED_SO_FAR, retiredIn } from './retired';
