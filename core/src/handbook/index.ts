export {
  CHAPTERS,
  HANDBOOK,
  holdsWords,
  searchHandbook,
  sourceInWords,
  type Chapter,
  type Entry,
} from './entries';
export { entryOfStep } from './ofStep';
