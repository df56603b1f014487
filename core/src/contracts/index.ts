export {
  MOST_ENTRIES,
  cardPage,
  entriesPage,
  newsPage,
  receipts,
  sentEntries,
  type Receipts,
} from './record';
export {
  calendarAddress,
  keptRouteHead,
  keptRouteHeads,
  meterPlace,
  meterReading,
  pairedDevices,
  pairing,
  photoSum,
  type MeterPlace,
  type Shown,
} from './shop';
