export {
  CHAPTERS,
  HANDBOOK,
  holdsWords,
  searchHandbook,
  sourceInWords,
  type Chapter,
  type HandbookEntry,
} from './entries';
export { entryOfStep } from './ofStep';
