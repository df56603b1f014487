export { HANDBOOK } from './entries';
export { CHAPTERS, sourceInWords, type Chapter, type HandbookEntry } from './entry';
export { entryOfStep } from './ofStep';
export { damagesCalled, searchHandbook } from './search';
