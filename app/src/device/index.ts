export { compareClocks, recallClock, shopNow } from './clock';
export {
  ABOUT_SHOP,
  OUTDATED,
  aboutOf,
  closeDevice,
  theDevice,
  theStorage,
  type Device,
  type HeldEntry,
  type Sent,
  type Storage,
  type WaitingEntry,
  type WaitingPhoto,
} from './device';
export { deviceId, personName, setPersonName } from './identity';
export { dropThing, keepThing, thingsOf, watchThings, type KeptKind } from './kept';
export type { Link } from './link';
export { cursorHere, dropCursor, keepCursor, keepReadSoFar, readSoFar } from './cursor';
export { firstCards, firstCardsByNow, cardsInOrder, type ListCard } from './firstCards';
