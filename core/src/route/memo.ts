/**
 * Remembers what a pure function makes of an object, for as long as the object lives: what several
 * rules ask of one surface is reckoned once.
 */
export const remembered = <K extends object, V>(reckon: (of: K) => V): ((of: K) => V) => {
  const known = new WeakMap<K, { readonly value: V }>();
  return (of) => {
    const old = known.get(of);
    if (old) return old.value;
    const value = reckon(of);
    known.set(of, { value });
    return value;
  };
};
