import { USUAL_SETTING, coatTimes, waitBand, type Band, type Minute } from '../climate';
import type { Coating, Until } from '../catalog';
import type { Piece, Shop } from '../piece';
import { dryingIn, dryingOf } from './fromRoutes';
import { airIn } from './airs';

/** Something that dries, hardens or soaks now. */
export interface Drying {
  readonly pieceId: string;
  readonly name: string;
  readonly title: string;
  readonly surfaceIds: readonly string[];
  readonly coating: Coating | null;
  readonly until: Until | null;
  readonly from: Minute;
  /** When the next work may follow; null where it never may in this air. */
  readonly opens: Band | null;
  /** When the next coat wants a scuff first; null where nothing presses. */
  readonly closes: Band | null;
}

const MS = 60_000;

/**
 * What of the work on record still dries, and what is dry but has a window that closes: the last
 * work on each surface, by the air of the space where it stands. Soonest open first.
 */
export const dryingNow = (piece: Piece, shop: Shop, now: Minute): readonly Drying[] => {
  const last = new Map<string, ReturnType<typeof dryingOf>[number]>();
  for (const it of dryingOf(piece, now)) {
    for (const id of it.effect.surfaceIds) last.set(id, it);
  }
  return [...new Set(last.values())]
    .flatMap(({ done, effect }): Drying[] => {
      const space = shop.spaces.find((it) => it.id === done.spaceId) ?? shop.spaces[0];
      const { wait, traits } = effect;
      if (!space || !wait || done.endedAt === null) return [];
      const from = Date.parse(done.endedAt) / MS;
      const setting = { ...USUAL_SETTING, movement: space.movement };
      // Reckoned with the air as it was since, as far as that is known.
      const air = airIn(shop, space, now);
      const coating = traits.lays?.coating ?? null;
      const drying = dryingIn(wait);
      const opens =
        drying === null
          ? { early: from + wait.min, expected: from + wait.min, late: from + wait.min }
          : waitBand(drying, air, from, wait.min, setting);
      const closes =
        coating === null || wait.max === null
          ? null
          : coatTimes(coating, air, from, setting).recoatCloses;
      const over = opens !== null && (opens.late ?? Infinity) <= now;
      if (over && (closes === null || (closes.late ?? Infinity) <= now)) return [];
      const surfaceIds = effect.surfaceIds.filter((id) => last.get(id)?.done === done);
      return [
        {
          pieceId: piece.id,
          name: piece.name,
          title: done.title,
          surfaceIds,
          coating,
          until: wait.until,
          from,
          opens,
          closes,
        },
      ];
    })
    .sort((a, b) => (a.opens?.expected ?? Infinity) - (b.opens?.expected ?? Infinity));
};
