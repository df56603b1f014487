/** Groups by key, in the order in which the keys first come up. */
export const groupBy = <T, K>(list: readonly T[], keyOf: (it: T) => K): ReadonlyMap<K, T[]> => {
  const groups = new Map<K, T[]>();
  for (const it of list) {
    const key = keyOf(it);
    const group = groups.get(key);
    if (group) group.push(it);
    else groups.set(key, [it]);
  }
  return groups;
};
