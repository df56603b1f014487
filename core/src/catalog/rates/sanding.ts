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

/**
 * How many square metres a sheet of 230 × 280 mm lasts on hardwood: the grit from which on it holds,
 * coarsest first (modelling judgement). Coarse paper is worn by what it cuts; fine paper only knocks down.
 */
export const SHEET_LASTS_M2 = [
  { from: 40, m2: 0.8 },
  { from: 100, m2: 1 },
  { from: 180, m2: 1.25 },
  { from: 280, m2: 1.6 },
] as const;

/** What clogs paper sooner than hardwood does, as a share of its life (modelling judgement). */
export const CLOGGED = { film: 0.75, resinous: 0.65 } as const;
export type Clogs = keyof typeof CLOGGED;

/** Discs of 150 mm that do the work of one sheet by machine: their areas, and their shorter life (modelling judgement). */
export const DISCS_PER_SHEET = 3;

/** Sheets of a grit for each m². @param clogs what fills the paper; null on clean hardwood */
export const sheetsPerM2 = (grit: number, clogs: Clogs | null = null): number => {
  const life = [...SHEET_LASTS_M2].reverse().find((it) => grit >= it.from) ?? SHEET_LASTS_M2[0];
  return 1 / (life.m2 * (clogs ? CLOGGED[clogs] : 1));
};
