import type { Piece, Shop } from '@obrik/core/piece';
import {
  airHelp,
  benchOf,
  planningShop,
  promisesOf,
  viewOf,
  whatItDoes,
  whatTheyBring,
  type ClockView,
  type Held,
  type Objective,
} from '@obrik/core/schedule';

/** So long a plan is made better, ms; where all is done as soon as can be, single pieces may still be sooner. */
const LONGEST = 3000;
const LONGEST_AT_BOUND = 1200;
/** So long without stopping to listen, ms. */
const SLICE = 60;
const SEED = 1;

/** The last question; an older one is given up. */
let asked = 0;
/** The question for which the best so far will do. */
let stopped = -1;

/** How far a plan is. */
export interface Progress {
  /** Orders of the work that were tried. */
  readonly tried: number;
  readonly isLast: boolean;
}

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

export const clock = {
  /**
   * Plans the shop: tells the first answer at once, better ones as they are found, how many it has
   * tried, and last the best with by when the pieces are done nine times in ten.
   */
  async plan(
    pieces: readonly Piece[],
    shop: Shop,
    now: number,
    objective: Objective,
    held: Held,
    told: (view: ClockView | null, progress: Progress) => void,
  ): Promise<void> {
    const token = ++asked;
    const bench = benchOf(pieces, shop, now);
    await pause();
    if (token !== asked) return;
    const begun = performance.now();
    let slice = begun;
    let last;
    let tried = 0;
    for (const it of planningShop(bench, shop, now, { objective, seed: SEED, held })) {
      const isBetter = last !== undefined && it.answer !== last.answer;
      if (last === undefined || (isBetter && performance.now() - begun > LONGEST / 3)) {
        told(viewOf(bench, shop, now, it), { tried, isLast: false });
      }
      last = it;
      tried++;
      if (performance.now() - slice > SLICE) {
        told(null, { tried, isLast: false });
        await pause();
        if (token !== asked) return;
        slice = performance.now();
      }
      if (token === stopped) break;
      if (performance.now() - begun > (it.gap === 0 ? LONGEST_AT_BOUND : LONGEST)) break;
    }
    if (!last) return;
    told(viewOf(bench, shop, now, last, promisesOf(bench, last, SEED)), { tried, isLast: true });
  },

  whatTheyBring,
  whatItDoes,
  airHelp,

  /** The best so far will do. */
  stop(): void {
    stopped = asked;
  },
};
