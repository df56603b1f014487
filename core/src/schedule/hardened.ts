import { caseOf, type Case } from '../case';
import { curePaceOf, progressIn, type Minute } from '../climate';
import type { Piece, Shop } from '../piece';
import { effectIn } from '../work';
import { airIn } from './airs';
import { safeWindow } from './waits';

const MS = 60_000;
const DAY = 24 * 60;
/** In no air does a film harden faster than so many times the label’s pace: below this the air need not be asked. */
const FASTEST = 4;
/** What is older has hardened in any air, days: longer than the longest window. */
const SURELY = 45;

/**
 * Surfaces on which a coat was the last work, and is past its window for the next by now: by the air
 * of the space where it stands.
 */
export const hardenedOn = (piece: Piece, shop: Shop, now: Minute): readonly string[] => {
  const last = new Map<string, Piece['done'][number]>();
  for (const it of piece.done) {
    if (it.endedAt !== null) for (const id of it.surfaceIds) last.set(id, it);
  }
  const isHard = (it: Piece['done'][number]): boolean => {
    const effect = effectIn(it);
    const window = effect?.traits.lays && effect.wait ? safeWindow(effect.wait) : null;
    if (window === null || it.endedAt === null) return false;
    const from = Date.parse(it.endedAt) / MS;
    if (from < now - SURELY * DAY) return true;
    if (now - from < window / FASTEST) return false;
    const space = shop.spaces.find(({ id }) => id === it.spaceId) ?? shop.spaces[0];
    if (!space) return false;
    const closes = progressIn(airIn(shop, space, now), curePaceOf).when(from, window);
    return closes !== null && closes <= now;
  };
  const hard = new Set([...new Set(last.values())].filter(isHard));
  return [...last].flatMap(([id, it]) => (hard.has(it) ? [id] : []));
};

/** The case of a piece at a time: what has hardened since wants its scuff. */
export const caseAt = (piece: Piece, shop: Shop, now: Minute): Case =>
  caseOf(piece, shop, hardenedOn(piece, shop, now));
