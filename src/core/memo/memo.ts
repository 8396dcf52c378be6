/** What was made for a key is kept while it is among the `most` last asked for. */
export function lru<V>(most: number): (key: string, make: () => V) => V {
  const kept = new Map<string, { readonly value: V }>();
  return (key, make) => {
    const known = kept.get(key);
    const entry = known ?? { value: make() };
    // The last asked for stands last.
    if (known) kept.delete(key);
    kept.set(key, entry);
    if (kept.size > most) kept.delete(kept.keys().next().value as string);
    return entry.value;
  };
}

/** What is made of a thing, once, for as long as the thing is there. */
export function perObject<K extends object, V>(make: (key: K) => V): (key: K) => V {
  const kept = new WeakMap<K, { readonly value: V }>();
  return (key) => {
    let known = kept.get(key);
    if (!known) {
      known = { value: make(key) };
      kept.set(key, known);
    }
    return known.value;
  };
}

/**
 * What is made of a thing by something else, kept for what it was last made by: a letter's ink for its pen. Another pen
 * makes it anew and takes its place.
 */
export function lastFor<By, K extends object, V>(make: (by: By, key: K) => V): (by: By, key: K) => V {
  const kept = new WeakMap<K, { readonly by: By; readonly value: V }>();
  return (by, key) => {
    let known = kept.get(key);
    if (!known || known.by !== by) {
      known = { by, value: make(by, key) };
      kept.set(key, known);
    }
    return known.value;
  };
}

/** Memoises a function without arguments. */
export function once<V>(make: () => V): () => V {
  let known: { readonly value: V } | undefined;
  return () => {
    known ??= { value: make() };
    return known.value;
  };
}

/** Numbers objects by identity, for keys of caches. */
export function numbering(): (thing: object) => number {
  let count = 0;
  return perObject((_: object) => ++count);
}
