import { decimalsOf } from '@/core/work/weighing/rounding';

/** A scale repeats within about half a step. Rovack estimate. */
const SD_STEPS = 0.6;
/** No kitchen's air is stiller than this, grams. */
const LEAST_SD_G = 0.006;

/** How well a scale weighed, by the finest digit anybody wrote down; a tenth of a gram without weighings. @returns grams */
export function scaleSdG(massesG: readonly number[]): number {
  const decimals = massesG.length > 0 ? Math.max(...massesG.map(decimalsOf)) : 1;
  return Math.max(LEAST_SD_G, SD_STEPS * 10 ** -Math.min(decimals, 3));
}
