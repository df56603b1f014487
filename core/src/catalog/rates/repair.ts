import { atHand, byArea, byPart, use } from './rate';

/** Repairs that are not counted by the finding. */
export const REPAIR_RATES = {
  /** By the dozen: one mix of filler for all. */
  hole: byPart(8, 1.5),
  veneer: byArea(
    45,
    70,
    use('veneerSheet', 1.15, 'covers'),
    use('contactCement', 0.4, 'glues'),
    use('paper150', 1, 'abrades'),
    atHand('roller'),
  ),
} as const;
