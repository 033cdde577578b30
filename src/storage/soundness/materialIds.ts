/** Every property that names a material. */
const NAMING = new Set(['materialId', 'carrierId', 'holdsId', 'likeId']);

/** All materials a record speaks of, wherever in it: lines, steps, entries, plans, carriers. */
export function materialIds(record: unknown): ReadonlySet<string> {
  const found = new Set<string>();
  const open: unknown[] = [record];
  while (open.length > 0) {
    const value = open.pop();
    if (typeof value !== 'object' || value === null) continue;
    if (Array.isArray(value)) {
      for (const one of value) if (typeof one === 'object') open.push(one);
      continue;
    }
    for (const [key, own] of Object.entries(value)) {
      if (typeof own === 'string' && NAMING.has(key)) found.add(own);
      else if (typeof own === 'object') open.push(own);
    }
  }
  return found;
}
