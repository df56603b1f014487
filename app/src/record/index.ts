export { forgetPiece, pullPiece, pullShop } from './pulling';
export {
  discardEntry,
  discardPhoto,
  record,
  recordWith,
  recordPhoto,
  retryEntry,
  type PhotoRecorded,
  type RecordOutcome,
} from './outbox';
export {
  cardsHere,
  historyHere,
  photoHere,
  pieceHere,
  shopHere,
  waitingHere,
  type Waiting,
} from './reading';
export { startSync, tryNow } from './sync';
