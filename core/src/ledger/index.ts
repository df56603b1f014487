export { admitToPiece, admitToShop } from './admit';
export { applyChange, applyEntry } from './apply';
export { conflict, type Conflict } from './conflict';
export { doubled, type Doubled } from './doubled';
export { entriesOf } from './entriesOf';
export {
  entry,
  readEntry,
  readLine,
  recordLine,
  unreadable,
  type Entry,
  type KeptEntry,
  type LedgerEntry,
  type RecordLine,
  type Unreadable,
} from './entry';
export {
  extendFold,
  foldEntries,
  foldPiece,
  foldShop,
  ledgerOf,
  pieceLedger,
  revokedIn,
  withoutEffect,
  type PieceFold,
  type PieceLedger,
  type ShopLedger,
  type WithoutEffect,
} from './fold';
export {
  change,
  changeInWords,
  fieldsOf,
  formOf,
  groupOf,
  pieceChange,
  surfaceOf,
  type Change,
  type HistoryGroup,
  type PieceChange,
  type ToldFor,
} from './kinds';
export { changedParts } from './kinds/describe';
export type { Setting } from './kinds/shopSet';
export { pieceSummary, plannedSummary, type PieceSummary, type PlannedSummary } from './summary';
export { summaryOf } from './summaryOf';
export { settingBack } from './settingBack';
