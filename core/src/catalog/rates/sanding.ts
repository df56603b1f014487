import { byArea, byMinute, byPart, use } from './rate';

/** Sanding and dulling; the papers come with the grits of the task. */
export const SANDING_RATES = {
  /** By the sanding model's own minutes. */
  ladder: byMinute(0, 1),
  scuff: byArea(3, 6),
  wetScuff: byArea(
    5,
    11,
    use('wetPaper150', 1, 'abrades'),
    use('sponge', 0.3, 'wipes'),
    use('wasteBags', 0.5, 'contains'),
  ),
  dedust: byArea(
    2,
    2,
    use('lintFreeCloths', 0.5, 'wipes'),
    use('tackCloth', 0.2, 'wipes'),
    use('alcohol', 0.03, 'wipes'),
  ),
  dull: byArea(2, 4, use('tackCloth', 0.2, 'wipes')),
  dullWet: byArea(2, 4, use('sponge', 0.3, 'wipes')),
  distress: byArea(5, 8, use('tackCloth', 0.2, 'wipes')),
  drill: byPart(0, 1.5),
} as const;

/** Sheets of paper for each m² and grit (modelling judgement). */
export const SHEETS_PER_M2 = 1;
