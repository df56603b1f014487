export { faceArt, type FaceArt, type PaperDrawing } from './art';
export { paperDrawing } from './paperDrawing';
export { assemble, standsFor, type Assembly, type Surface } from './assemble';
export { BODY_KINDS, bodyKindId, bodyKindOf, type BodyKindId } from './bodies';
export type { BodyKind, BodyChoice, Measure, Measures, Size } from './bodyKind';
export {
  MOST_BODIES,
  body,
  build,
  buildOf,
  ownSurface,
  readBody,
  surfaceSplit,
  usualBody,
  type Body,
  type Build,
  type SurfaceEdit,
  type SurfaceSplit,
} from './build';
export {
  addBody,
  addRow,
  freshSurfaceId,
  inBody,
  measured,
  removeBody,
  removeCell,
  setCell,
  splitCell,
  withEdit,
  withFront,
} from './changes';
export {
  cellKind,
  cellsOf,
  doorStyle,
  front,
  gridOf,
  placeCells,
  type Cell,
  type CellKind,
  type Front,
  type PlacedCell,
} from './front';
export { frontInWords, frontToText, meantAsLanes, textToFront } from './frontText';
export { buildOfOld, fromOlder, type OldTemplate } from './older';
export {
  NOTHING_LOOSE,
  areaOf,
  type Face,
  type FaceCell,
  type FaceLook,
  type LooseParts,
} from './part';
export { QUICK_STARTS, quickStart, type QuickStart } from './starts';
