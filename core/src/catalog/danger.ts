/**
 * In what ways work can hurt somebody or ruin a face. What each needs and forbids stands in the table
 * of dangers; the names stand here, since lines and methods are written with them.
 */
export type Danger =
  | 'abrades'
  | 'blows'
  | 'vacuums'
  | 'scrapes'
  | 'cuts'
  | 'drills'
  | 'pries'
  | 'steelWool'
  | 'rubsWet'
  | 'scrapesWet'
  | 'cutsWet'
  | 'worksNew'
  | 'heats'
  | 'water'
  | 'oxalic'
  | 'caustic'
  | 'solvent'
  | 'alcohol'
  | 'mist'
  | 'lead';
