/** The same text for the same data, whatever the order of its keys. */
export function textOf(data: unknown): string {
  return JSON.stringify(data, (_key, value: unknown) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
      : value,
  );
}

/**
 * A short mark of some data: another one for other data, but by a chance of one in 2^53 or so. FNV-1a on two halves
 * (Fowler, Noll and Vo; not looked up). No secret is kept by it.
 */
export function markOf(data: unknown): string {
  const text = textOf(data);
  let [low, high] = [0x811c9dc5, 0x9747b28c];
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    low = Math.imul(low ^ code, 0x01000193);
    high = Math.imul(high ^ (code + i), 0x01000193);
  }
  return `${(low >>> 0).toString(36)}-${(high >>> 0).toString(36)}-${text.length}`;
}
