/**
 * A seeded source of numbers from 0 up to 1, the same for the same seed (mulberry32, 32 bit state, public domain).
 * Good enough for tens of thousands of draws; not for secrets.
 */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** One draw of a triangular distribution by its inverse. `low <= best <= high` */
export function drawTriangular(
  { low, best, high }: { readonly low: number; readonly best: number; readonly high: number },
  random: () => number,
): number {
  const width = high - low;
  if (!(width > 0)) return best;
  const u = random();
  const peak = (best - low) / width;
  return u < peak
    ? low + Math.sqrt(u * width * (best - low))
    : high - Math.sqrt((1 - u) * width * (high - best));
}

/** One draw of a normal distribution (Box and Muller 1958). @param sd 0 or more */
export function drawNormal(mean: number, sd: number, random: () => number): number {
  const u = 1 - random();
  return mean + sd * Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * random());
}
