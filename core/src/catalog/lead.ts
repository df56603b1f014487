import { JUDGEMENT, published } from './source';
import { table } from './table';

/** Lead in the layers of a surface. A belief only: a gate closes by recorded results alone. */
export const LEAD = table([
  { id: 'present', label: 'lead in some layer', source: published('40 CFR 745.103') },
  { id: 'absent', label: 'no lead in any layer', source: published('40 CFR 745.103') },
]);

/** Limits in the United States; a result is reported against them, never called safe. */
export const LEAD_LIMITS = {
  /** "Lead-based paint" by weight, ppm: 0.5 %. */
  leadBasedPaintPpm: { value: 5000, source: published('40 CFR 745.103') },
  /** "Lead-based paint" by area, mg/cm². */
  leadBasedPaintMgPerCm2: { value: 1, source: published('40 CFR 745.103') },
  /** Paint sold for consumer use since 2009, ppm. */
  consumerPaintPpm: { value: 90, source: published('16 CFR 1303') },
  /** Paint sold for consumer use from 1978, ppm. */
  consumerPaint1978Ppm: { value: 600, source: published('16 CFR 1303') },
  /** First year of the consumer ban; a setting, since other countries stopped at other dates. */
  cutoffYear: { value: 1978, source: published('16 CFR 1303') },
  /** Heat guns at or above this, 1100 °F, are forbidden on suspect paint; °C. */
  heatGunCelsius: { value: (1100 - 32) / 1.8, source: published('40 CFR 745.85(a)(3)') },
} as const;

/** Prior chance that paint holds lead in some layer. */
export const LEAD_PRIOR = {
  /**
   * Share of dwellings with lead paint by the year of building, taken for old paint on furniture
   * of that age; each row holds up to its year, the last up to the cut-off. Value from memory.
   */
  paintedBefore: [
    { year: 1940, chance: 0.87 },
    { year: 1960, chance: 0.69 },
    { year: Infinity, chance: 0.24 },
  ],
  paintedSource: published('HUD American Healthy Homes Survey'),
  paintedAfterCutoff: { value: 0.01, source: JUDGEMENT },
  /** Layers of paint that are reckoned with until somebody counts them. */
  layersUncounted: { value: 3, source: JUDGEMENT },
  /** Old paint under a clear film, or left in the pores after stripping. */
  clearBeforeCutoff: { value: 0.01, source: JUDGEMENT },
  /** From this chance of wood or board on, a notch is cut; metal, glass, laminate, leather and cane get none. */
  bearsNotch: { value: 0.5, source: JUDGEMENT },
  /** From this chance of paint on, a surface is taken for painted alike until it is shown otherwise. */
  paintedAlike: { value: 0.5, source: JUDGEMENT },
  /** Below this chance of there being paint at all, lead is not a question. */
  paintWorthAsking: { value: 0.05, source: JUDGEMENT },
} as const;

/**
 * What shows that wood goes right up to the face: a fresh cut, or a drop that soaks into bare wood.
 * Painted graining under varnish, often done in lead paint, looks like wood, has pores under a finger
 * and turns the corner of a board (common practice, no source).
 */
export const WOOD_BEYOND_DOUBT: readonly { readonly test: string; readonly outcome: string }[] = [
  { test: 'chip', outcome: 'wood-through' },
  { test: 'chip', outcome: 'thin-wood' },
  { test: 'oil-drop', outcome: 'soaks' },
];

/** What shows a factory's print right up to the face: there is no paint on it (common practice, no source). */
export const PRINT_BEYOND_DOUBT: typeof WOOD_BEYOND_DOUBT = [{ test: 'chip', outcome: 'paper' }];
