import { byArea, byMinute, byPart, use } from './rate';

/** Sanding and dulling; the papers come with the grits of the task. */
export const SANDING_RATES = {
  /** By the sanding model's own minutes. */
  ladder: byMinute(0, 1),
  scuff: byArea(5, 15),
  wetScuff: byArea(
    10,
    25,
    use('wetPaper150', 1, 'abrades'),
    use('sponge', 0.3, 'wipes'),
    use('wasteBags', 0.5, 'contains'),
  ),
  dedust: byArea(5, 4, use('lintFreeCloths', 0.5, 'wipes'), use('alcohol', 0.03, 'wipes')),
  /** On a film that stays: no alcohol. */
  dedustDamp: byArea(5, 4, use('lintFreeCloths', 0.5, 'wipes')),
  dull: byArea(5, 7, use('lintFreeCloths', 0.2, 'wipes')),
  dullWet: byArea(6, 9, use('sponge', 0.3, 'wipes')),
  distress: byArea(10, 18, use('lintFreeCloths', 0.2, 'wipes')),
  flush: byPart(4, 2.5),
  drill: byPart(10, 2),
} as const;

/** Sheets of paper for each m² and grit (modelling judgement). */
export const SHEETS_PER_M2 = 1;
