import type { Container } from '../catalog';

/** So many containers of one size. */
export interface Bought {
  readonly container: Container;
  readonly count: number;
}

/** What to buy, what it costs, and what is left over of it. */
export interface Purchase {
  readonly bought: readonly Bought[];
  /** Minor units of money. */
  readonly cost: number;
  /** In the unit of the material. */
  readonly left: number;
}

/** Sizes are told in thousandths of the unit, so that sums are exact. */
const PARTS = 1000;
/** What is short by less than this is enough: nobody measures a thousandth. */
const EASE = 1e-9;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** A way to cover a need: what it costs, what it holds, and its last container. */
interface Way {
  readonly cost: number;
  readonly size: number;
  readonly count: number;
  readonly last: number;
}

/** Cheaper; at the same price more of it, since that is had for nothing; then fewer containers. */
const isBetter = (a: Way, b: Way): boolean =>
  a.cost !== b.cost ? a.cost < b.cost : a.size !== b.size ? a.size > b.size : a.count < b.count;

/**
 * The cheapest set of containers that holds at least so much: an unbounded knapsack that has to be
 * covered, by dynamic programming over the need in steps of the greatest common divisor of all sizes.
 * Exact; compared with an integer programme in the tests. At the same price the one with more.
 * @param need in the unit of the material; nothing is bought for nothing
 * @param containers sizes that it is sold in, prices in minor units of money (whole numbers)
 * @returns undefined where it is sold in no container
 * @throws RangeError where a size is not a positive number of thousandths, or a price is not whole
 */
export const cheapestContainers = (
  need: number,
  containers: readonly Container[],
): Purchase | undefined => {
  if (need <= EASE) return { bought: [], cost: 0, left: 0 };
  if (containers.length === 0) return undefined;
  const sizes = containers.map(({ size, price }) => {
    const parts = Math.round(size * PARTS);
    if (parts <= 0 || Math.abs(parts - size * PARTS) > 1e-6 || !Number.isInteger(price)) {
      throw new RangeError(
        `A container of ${size} at ${price}: give the size in thousandths of the unit and the price in whole minor units.`,
      );
    }
    return parts;
  });
  const step = sizes.reduce(gcd);
  const steps = Math.ceil((need * PARTS - EASE) / step);
  const ways: Way[] = [{ cost: 0, size: 0, count: 0, last: -1 }];
  for (let at = 1; at <= steps; at++) {
    let best: Way | undefined;
    sizes.forEach((size, last) => {
      const before = ways[Math.max(0, at - size / step)];
      const price = containers[last]?.price;
      if (!before || price === undefined) return;
      const way = {
        cost: before.cost + price,
        size: before.size + size,
        count: before.count + 1,
        last,
      };
      if (!best || isBetter(way, best)) best = way;
    });
    if (best) ways[at] = best;
  }
  const counts = containers.map(() => 0);
  for (let at = steps; at > 0;) {
    const last = ways[at]?.last ?? -1;
    counts[last] = (counts[last] ?? 0) + 1;
    at = Math.max(0, at - (sizes[last] ?? step) / step);
  }
  const whole = ways[steps];
  return {
    bought: containers.flatMap((container, nth) =>
      counts[nth] ? [{ container, count: counts[nth] ?? 0 }] : [],
    ),
    cost: whole?.cost ?? 0,
    left: (whole?.size ?? 0) / PARTS - need,
  };
};
