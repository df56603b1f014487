import { MINUTE_MS } from '../../units';
import type { Coating } from '../../catalog';
import { USUAL_SETTING, coatTimes, type AirCourse, type Minute } from '../../climate';
import type { Piece, Shop } from '../../piece';
import { effectIn } from '../../work';
import { airIn } from '../../drying';

/** From when on a finished piece may be used. */
export interface InUse {
  /** Ready for light use; null where the air lets no end be told. */
  readonly lightUse: Minute | null;
  /** Fully cured. */
  readonly cured: Minute | null;
}

/**
 * When the coats on a piece bear light use, and when they are cured: the last on each surface, by the air of
 * the space where it was laid. The slowest counts.
 * @returns undefined where no coat is on record
 */
export const inUseFrom = (piece: Piece, shop: Shop, now: Minute): InUse | undefined => {
  const last = new Map<
    string,
    { readonly coating: Coating; readonly from: Minute; readonly spaceId: string | null }
  >();
  for (const it of piece.done) {
    const coating = effectIn(it)?.traits.lays?.coating;
    if (it.endedAt === null || !coating) continue;
    const from = Date.parse(it.endedAt) / MINUTE_MS;
    for (const id of it.surfaceIds) last.set(id, { coating, from, spaceId: it.spaceId });
  }
  if (last.size === 0) return undefined;
  const airs = new Map<string, AirCourse>();
  const times = [...last.values()].flatMap(({ coating, from, spaceId }) => {
    const space = shop.spaces.find((it) => it.id === spaceId) ?? shop.spaces[0];
    if (!space) return [];
    const air = airs.get(space.id) ?? airIn(shop, space, now);
    airs.set(space.id, air);
    return [coatTimes(coating, air, from, { ...USUAL_SETTING, movement: space.movement })];
  });
  const slowest = (of: 'lightUse' | 'cured'): Minute | null =>
    times.reduce<Minute | null>((latest, it) => {
      const at = it[of]?.expected ?? null;
      return latest === null || at === null ? null : Math.max(latest, at);
    }, 0);
  return { lightUse: slowest('lightUse'), cured: slowest('cured') };
};
