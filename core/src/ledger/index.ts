export { admitToPiece, admitToShop } from './admit';
export { contested, type Contested } from './contested';
export { doubled, type Doubled } from './doubled';
export { entriesOf } from './entriesOf';
export {
  ENTRY_VERSION,
  deed,
  entry,
  keptEntry,
  unreadable,
  type Deed,
  type Entry,
  type KeptEntry,
  type LedgerEntry,
  type Unreadable,
} from './entry';
export { changedParts, fieldsOf } from './fields';
export {
  applyDeed,
  extendFold,
  foldEntries,
  foldPiece,
  foldShop,
  ledgerOf,
  pieceLedger,
  takenBackIn,
  withoutEffect,
  type PieceFold,
  type PieceLedger,
  type ShopLedger,
  type WithoutEffect,
} from './fold';
export { pieceSummary, plannedSummary, type PieceSummary, type PlannedSummary } from './summary';
export { summaryOf } from './summaryOf';
export { groupOf, surfaceOf, type HistoryGroup } from './history';
export { settingBack } from './settingBack';
