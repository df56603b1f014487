import { damages } from './chapters/damages';
import { grits } from './chapters/grits';
import { materials } from './chapters/materials';
import { tests } from './chapters/tests';
import { ways } from './chapters/ways';
import type { HandbookEntry } from './entry';

/** Every entry, chapter by chapter. */
export const HANDBOOK: readonly HandbookEntry[] = [
  ...tests,
  ...materials,
  ...damages,
  ...grits,
  ...ways,
];
