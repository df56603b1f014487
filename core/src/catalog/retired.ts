/**
 * Ids that records may still hold, and what became of them, by the field that holds them. Whoever
 * renames or removes a row that was ever on record says here what it is now:
 * `material: { boiledOil: 'linseedOil' }`.
 */
export const RETIRED: Readonly<Record<string, Readonly<Record<string, string>>>> = {};

/** Changes whenever an id is retired: what was read before is read again. */
export const RETIRED_SO_FAR = Object.values(RETIRED).reduce(
  (sum, it) => sum + Object.keys(it).length,
  0,
);

/** Data as it was recorded, with today's ids. */
export const retiredIn = <T>(it: T, retired = RETIRED): T => {
  if (Object.keys(retired).length === 0) return it;
  const walk = (value: unknown, field: string): unknown => {
    if (typeof value === 'string') return retired[field]?.[value] ?? value;
    if (Array.isArray(value)) return value.map((one) => walk(one, field));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, walk(one, key)]));
  };
  return walk(it, '') as T;
};
