export {
  MOST_ENTRIES,
  cardPage,
  entriesPage,
  newsPage,
  receipts,
  sentEntries,
  type Receipts,
} from './record';
