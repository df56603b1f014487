import { DAY, MINUTE_MS } from '../units';
import type { AirCourse, Minute } from '../climate';
import type { Piece, Shop, Space } from '../piece';
import { effectIn } from '../work';
import { airIn } from './airs';
import { safeWindow, windowCloses } from './lags';

/** In no air does a film harden faster than so many times the label’s pace: below this the air need not be asked. */
const FASTEST = 4;
/** What is older has hardened in any air, days: longer than the longest window. */
const SURELY = 45;

/** The recoat windows of a piece at a time. */
export interface Windows {
  /** Surfaces on which a coat was the last work, and its window for the next has closed. */
  readonly closedOn: readonly string[];
  /** When the next of the others may close; null where none will. */
  readonly next: Minute | null;
}

const NONE: Windows = { closedOn: [], next: null };

/**
 * Which recoat windows have closed by a time, in the air of the space where each coat was laid: before
 * the next coat that face wants its scuff.
 */
export const windowsOf = (piece: Piece, shop: Shop, now: Minute): Windows => {
  if (piece.done.length === 0) return NONE;
  const last = new Map<string, Piece['done'][number]>();
  for (const it of piece.done) {
    if (it.endedAt !== null) for (const id of it.surfaceIds) last.set(id, it);
  }
  /** Reckoned once for all that stands there, and only where it is asked for. */
  const airs = new Map<Space, AirCourse>();
  /** When the window after some work closes, as far as that matters now; null where there is none. */
  const closing = (it: Piece['done'][number]): Minute | null => {
    const { traits, wait } = effectIn(it) ?? {};
    const window = traits?.lays && wait ? safeWindow(wait) : null;
    if (!wait || window === null || it.endedAt === null) return null;
    const from = Date.parse(it.endedAt) / MINUTE_MS;
    if (from < now - SURELY * DAY) return from;
    if (now - from < window / FASTEST) return from + window / FASTEST;
    const space = shop.spaces.find(({ id }) => id === it.spaceId) ?? shop.spaces[0];
    if (!space) return null;
    const air = airs.get(space) ?? airIn(shop, space, now);
    airs.set(space, air);
    return windowCloses(wait, from, air);
  };
  const closes = new Map([...new Set(last.values())].map((it) => [it, closing(it)] as const));
  const open = [...closes.values()].filter((it) => it !== null && it > now) as Minute[];
  return {
    closedOn: [...last].flatMap(([id, it]) => {
      const at = closes.get(it) ?? null;
      return at !== null && at <= now ? [id] : [];
    }),
    next: open.length === 0 ? null : Math.min(...open),
  };
};
