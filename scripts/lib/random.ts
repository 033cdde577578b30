/** mulberry32, in place of the system's randomness: ids and small errors come out the same each time. */
export function seedRandom(seed: number): void {
  let state = seed;
  const next = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  Object.defineProperty(globalThis.crypto, 'getRandomValues', {
    value: <T extends ArrayBufferView>(array: T): T => {
      const bytes = new Uint8Array(array.buffer, array.byteOffset, array.byteLength);
      for (let i = 0; i < bytes.length; i++) bytes[i] = Math.floor(next() * 256);
      return array;
    },
  });
  Math.random = next;
}

/** About a normal number: twelve dice, mean 0, standard deviation 1. */
export function scatter(): number {
  let sum = -6;
  for (let i = 0; i < 12; i++) sum += Math.random();
  return sum;
}
