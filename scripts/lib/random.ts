import { seededRandom } from '../../src/core/basics/numeric/random';

/** In place of the system's randomness: ids and small errors come out the same each time. */
export function seedRandom(seed: number): void {
  const next = seededRandom(seed);
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
