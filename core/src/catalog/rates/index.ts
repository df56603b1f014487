import { CLEANING_RATES } from './cleaning';
import { COATING_RATES } from './coating';
import { PART_RATES } from './parts';
import type { RateRow } from './rate';
import { REPAIR_RATES } from './repair';
import { SANDING_RATES } from './sanding';

const ALL = {
  ...PART_RATES,
  ...CLEANING_RATES,
  ...SANDING_RATES,
  ...COATING_RATES,
  ...REPAIR_RATES,
} as const;
export type Rate = keyof typeof ALL;

/** Every way of working with its minutes and its materials (modelling judgement). */
export const RATES: Readonly<Record<Rate, RateRow>> = ALL;

export { DISCS_PER_SHEET, sheetsPerM2, type Clogs } from './sanding';
export { COUNTS, WHYS, atHand, use, type Count, type RateRow, type Use, type Why } from './rate';
