/** A function that works each answer out once. */
export function remembered<K, V>(work: (key: K) => V): (key: K) => V {
  const known = new Map<K, V>();
  return (key) => {
    const found = known.get(key);
    if (found !== undefined) return found;
    const value = work(key);
    known.set(key, value);
    return value;
  };
}

/**
 * A function of one object that works each answer out once, for as long as the object lives. For objects that are never
 * changed in place.
 */
export function rememberedBy<K extends object, V>(work: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { readonly value: V }>();
  return (key) => {
    const before = known.get(key);
    if (before) return before.value;
    const value = work(key);
    known.set(key, { value });
    return value;
  };
}
