import { caseOf } from '@obrik/core/case';
import type { Piece, Shop } from '@obrik/core/piece';
import { useMinute } from './useMinute';

/**
 * The time at which some pieces are planned: it stays the same until a recoat window of one of them
 * closes, so that nothing is reckoned again for a minute that changes nothing, and all that is asked
 * about them is asked of one time.
 */
export const useWindowsAt = (about: Piece | readonly Piece[] | undefined, shop: Shop): number => {
  const now = useMinute();
  const pieces = about === undefined ? [] : 'id' in about ? [about] : about;
  return Math.max(0, ...pieces.map((piece) => caseOf({ piece, shop, now }).now));
};
