import type { Material } from '../materials';
import { JUDGEMENT, type SourceMark } from '../source';

/** What work is counted in: by area, or by the part, the place, the piece, or its own minutes. */
export const COUNTS = ['m2', 'part', 'place', 'piece', 'minute'] as const;
export type Count = (typeof COUNTS)[number];

/** What a material is for in a piece of work. */
export const WHYS = [
  'cleans',
  'wipes',
  'strips',
  'covers',
  'fills',
  'glues',
  'abrades',
  'coats',
  'masks',
  'tests',
  'contains',
  'atHand',
] as const;
export type Why = (typeof WHYS)[number];

/** A material that work takes: so much for each unit of it; 0 for what only has to be at hand. */
export interface Use {
  readonly material: Material;
  readonly each: number;
  readonly why: Why;
}

export const use = (material: Material, each: number, why: Why): Use => ({ material, each, why });
export const atHand = (material: Material): Use => use(material, 0, 'atHand');

/** A way of working: how long it takes, and what it takes. */
export interface RateRow {
  /** Active minutes of setting up and clearing away, charged once for what is done in one go. */
  readonly fixed: number;
  /** Active minutes for each unit. */
  readonly each: number;
  readonly unit: Count;
  readonly uses: readonly Use[];
  readonly source: SourceMark;
}

const rate =
  (unit: Count) =>
  (fixed: number, each: number, ...uses: readonly Use[]): RateRow => ({
    fixed,
    each,
    unit,
    uses,
    source: JUDGEMENT,
  });

export const byArea = rate('m2');
export const byPart = rate('part');
export const byPlace = rate('place');
export const byPiece = rate('piece');
export const byMinute = rate('minute');
