/** Answers kept while a maker types: most of a page is the same from key to key. */
export interface Remembered<T> {
  readonly of: (key: string, answer: () => T) => T;
}

/** @param most answers kept; then it begins again, as what is typed now is what is asked for next */
export function remembered<T>(most: number): Remembered<T> {
  const kept = new Map<string, T>();
  return {
    of(key, answer) {
      const known = kept.get(key);
      if (known !== undefined) return known;
      if (kept.size >= most) kept.clear();
      const fresh = answer();
      kept.set(key, fresh);
      return fresh;
    },
  };
}
