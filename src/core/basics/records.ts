/** The names in a record of fixed names, typed as such. Not for a record that may hold more than its type says. */
export function keysOf<K extends string>(
  record: Readonly<Partial<Record<K, unknown>>>,
): readonly K[] {
  return Object.keys(record) as K[];
}

/** A record with a value for each of these names. */
export function recordOf<K extends string, V>(
  names: readonly K[],
  of: (name: K) => V,
): Record<K, V> {
  return Object.fromEntries(names.map((name) => [name, of(name)])) as Record<K, V>;
}
