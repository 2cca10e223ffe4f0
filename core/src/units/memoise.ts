/** A function that works each answer out once. */
export function memoised<K, V>(work: (key: K) => V): (key: K) => V {
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
export function memoisedBy<K extends object, V>(work: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { readonly value: V }>();
  return (key) => {
    const before = known.get(key);
    if (before) return before.value;
    const value = work(key);
    known.set(key, { value });
    return value;
  };
}

/** The same for two objects: the answer lives as long as both do. */
export function memoisedByBoth<A extends object, B extends object, V>(
  work: (a: A, b: B) => V,
): (a: A, b: B) => V {
  const of = memoisedBy((a: A) => memoisedBy((b: B) => work(a, b)));
  return (a, b) => of(a)(b);
}

/** The last answer for each object, as long as what else was asked is the same. */
export function memoisedLast<K extends object, V>(
  work: (key: K, also: string) => V,
): (key: K, also: string) => V {
  const known = new WeakMap<K, { readonly also: string; readonly value: V }>();
  return (key, also) => {
    const before = known.get(key);
    if (before?.also === also) return before.value;
    const value = work(key, also);
    known.set(key, { also, value });
    return value;
  };
}

/** The last few answers, for questions of many parts: two are the same where `same` says so. For what is dear to work out and asked again at every edit. */
export function lruMemoised<Q, V>(
  work: (question: Q) => V,
  same: (a: Q, b: Q) => boolean,
  many = 4,
): (question: Q) => V {
  const known: { readonly question: Q; readonly value: V }[] = [];
  return (question) => {
    const at = known.findIndex((entry) => same(entry.question, question));
    // What is asked again is the latest again, so that it is not the next to be forgotten.
    const [answer] = at < 0 ? [{ question, value: work(question) }] : known.splice(at, 1);
    known.unshift(answer!);
    known.length = Math.min(known.length, many);
    return answer!.value;
  };
}
