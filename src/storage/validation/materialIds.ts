/** Every property that names a material. */
const NAMING = new Set(['materialId', 'carrierId', 'holdsId', 'likeId']);

/** All materials a record speaks of, wherever in it: lines, steps, entries, plans, carriers. */
export function materialIds(record: unknown): ReadonlySet<string> {
  const found = new Set<string>();
  const open: unknown[] = [record];
  // Ten thousand records are gone through at the start: no list of keys is made.
  while (open.length > 0) {
    const value = open.pop() as Readonly<Record<string, unknown>>;
    for (const key in value) {
      const own = value[key];
      if (typeof own === 'object') {
        if (own !== null) open.push(own);
      } else if (typeof own === 'string' && NAMING.has(key)) found.add(own);
    }
  }
  return found;
}
