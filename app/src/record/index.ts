export { shopNow } from './clock';
export { theDevice, theStorage, type Device, type Storage, type WaitingEntry } from './device';
export { cursorHere, pullCards, pullPiece, pullShop } from './exchange';
export { setPersonName } from './identity';
export { dropThing, keepThing, thingsOf, watchThings, type KeptKind } from './kept';
export {
  discardEntry,
  discardPhoto,
  record,
  recordPhoto,
  retryEntry,
  type PhotoRecorded,
  type Recorded,
} from './outbox';
export {
  cardsHere,
  historyHere,
  photoHere,
  pieceHere,
  shopHere,
  waitingHere,
  type Card,
  type Waiting,
} from './reading';
export { startSync, tryNow, type Link } from './sync';
