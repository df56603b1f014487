/**
 * Parts a sum of money by weights so that the parts are whole and add up to it, to the last minor
 * unit: each gets its share rounded down, what is left goes one by one to the largest remainders
 * (Hamilton's method). Of equal remainders the first gets it.
 * @param total whole minor units, not negative
 * @param weights whole numbers, not negative; all nothing: the first gets everything
 * @throws RangeError where total or a weight is not such a number
 */
export const shared = (total: number, weights: readonly number[]): readonly number[] => {
  if (!Number.isSafeInteger(total) || total < 0 || weights.some((it) => !isWhole(it))) {
    throw new RangeError('Money is parted in whole minor units, by whole weights.');
  }
  const sum = weights.reduce((all, it) => all + BigInt(it), 0n);
  if (weights.length === 0) return [];
  if (sum === 0n) return weights.map((_, nth) => (nth === 0 ? total : 0));
  const parts = weights.map((weight, nth) => {
    const product = BigInt(total) * BigInt(weight);
    return { nth, down: product / sum, rest: product % sum };
  });
  const left = total - Number(parts.reduce((all, it) => all + it.down, 0n));
  const first = new Set(
    [...parts]
      .sort((a, b) => (a.rest === b.rest ? a.nth - b.nth : a.rest > b.rest ? -1 : 1))
      .slice(0, left)
      .map((it) => it.nth),
  );
  return parts.map(({ nth, down }) => Number(down) + (first.has(nth) ? 1 : 0));
};

const isWhole = (it: number): boolean => Number.isSafeInteger(it) && it >= 0;

/** Thousandths of a unit: quantities become weights. */
export const thousandths = (quantity: number): number => Math.round(quantity * 1000);

/** a × b ÷ c in whole numbers, rounded half away from nothing. */
export const ratioOf = (a: number, b: number, c: number): number => {
  const [num, den] = [BigInt(Math.abs(a)) * BigInt(b), BigInt(c)];
  const whole = Number((2n * num + den) / (2n * den));
  return a < 0 ? -whole : whole;
};
