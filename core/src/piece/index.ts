export { applyChange, change, type Change } from './change';
export {
  canBeCopied,
  confirmation,
  finding,
  id,
  layerFeel,
  observation,
  paintLayer,
  type Confirmation,
  type Finding,
  type LayerFeel,
  type Observation,
  type PaintLayer,
} from './evidence';
export { fittingsOf } from './fittings';
export { handlesIn, hardware, type Hardware } from './hardware';
export { pieceFile, type PieceFile } from './file';
export {
  descriptionPart,
  isForChild,
  newPiece,
  piece,
  pieceDescription,
  surfaceNames,
  surfacesOf,
  type DescriptionPart,
  type Piece,
  type PieceDescription,
  type Surface,
} from './piece';
export {
  ROLES,
  bordersIn,
  carriesPulls,
  isFaceOnTop,
  movesWith,
  visibilityOf,
  wearOf,
  type BorderGroup,
  type Role,
  type Visibility,
} from './roles';
export { pieceRecord, type PieceRecord } from './record';
export { typedText, wellFormed } from './text';
export { bad, good, problemsOf, read, type Problem, type Result } from './problem';
export {
  aim,
  applicator,
  distress,
  effect,
  isCoated,
  isLightColour,
  newPart,
  paintClass,
  scheme,
  shade,
  showsOldWood,
  stainClass,
  stripWish,
  topcoat,
  type Aim,
  type Applicator,
  type Distress,
  type Effect,
  type NewPart,
  type PaintClass,
  type Scheme,
  type SchemeKind,
  type Shade,
  type Sheen,
  type StainClass,
  type Topcoat,
  type Wear,
} from './scheme';
export { startingAims, type Start } from './startingAims';
export { USUAL_SHOP, ownSchools, schools, shop, shopFor, type OwnSchools, type Shop } from './shop';
export {
  TEMPLATES,
  areaOf,
  templateId,
  templateOf,
  type Face,
  type LooseParts,
  type Measure,
  type Measures,
  type Template,
  type TemplateId,
} from './templates';
