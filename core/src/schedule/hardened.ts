import { caseOf, type Case } from '../case';
import type { AirCourse, Minute } from '../climate';
import type { Piece, Shop, Space } from '../piece';
import { effectIn } from '../work';
import { airIn } from './airs';
import { safeWindow, windowCloses } from './waits';

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
  /** Reckoned once for all that stands there, and only where it is asked for. */
  const airs = new Map<Space, AirCourse>();
  const isHard = (it: Piece['done'][number]): boolean => {
    const { traits, wait } = effectIn(it) ?? {};
    const window = traits?.lays && wait ? safeWindow(wait) : null;
    if (!wait || window === null || it.endedAt === null) return false;
    const from = Date.parse(it.endedAt) / MS;
    if (from < now - SURELY * DAY) return true;
    if (now - from < window / FASTEST) return false;
    const space = shop.spaces.find(({ id }) => id === it.spaceId) ?? shop.spaces[0];
    if (!space) return false;
    const air = airs.get(space) ?? airIn(shop, space, now);
    airs.set(space, air);
    const closes = windowCloses(wait, from, air);
    return closes !== null && closes <= now;
  };
  const hard = new Set([...new Set(last.values())].filter(isHard));
  return [...last].flatMap(([id, it]) => (hard.has(it) ? [id] : []));
};

/** The case of a piece at a time: what has hardened since wants its scuff. */
export const caseAt = (piece: Piece, shop: Shop, now: Minute): Case =>
  caseOf(piece, shop, hardenedOn(piece, shop, now));
