/** Probabilities of the values of one variable. They sum to 1. */
export type Distribution<Value extends string = string> = Readonly<Record<Value, number>>;

const entriesOf = <V extends string>(it: Distribution<V>) => Object.entries(it) as [V, number][];

/** Applies a function to every entry. */
export const mapDistribution = <V extends string>(
  it: Distribution<V>,
  to: (weight: number, value: V) => number,
): Distribution<V> =>
  Object.fromEntries(
    entriesOf(it).map(([value, weight]) => [value, to(weight, value)]),
  ) as Distribution<V>;

/** Scales weights to sum 1. Weights that are all 0 carry no knowledge: equal shares. */
export const normalise = <V extends string>(weights: Distribution<V>): Distribution<V> => {
  const list = entriesOf(weights);
  const sum = list.reduce((total, [, weight]) => total + weight, 0);
  return mapDistribution(weights, (weight) => (sum > 0 ? weight / sum : 1 / list.length));
};

/** The value of the greatest weight, the first of equals, with its weight. */
export const greatest = <V extends string>(it: Distribution<V>): { value: V; p: number } => {
  const [first, ...rest] = entriesOf(it);
  if (!first) throw new Error('A distribution has at least one value.');
  const [value, p] = rest.reduce((best, next) => (next[1] > best[1] ? next : best), first);
  return { value, p };
};

/** Values by falling weight. */
export const ranked = <V extends string>(it: Distribution<V>): { value: V; p: number }[] =>
  entriesOf(it)
    .map(([value, p]) => ({ value, p }))
    .sort((a, b) => b.p - a.p);

/** Everything on one value. */
export const certain = <V extends string>(it: Distribution<V>, value: string): Distribution<V> =>
  mapDistribution(it, (_, key) => (key === value ? 1 : 0));
