import { seededRandom } from '@/core/basics/numeric/random';
import type { FilmPlan } from './plan';
import { leftAt } from './wear';

/** Bubbles that are drawn: each stands for the same gas, so that they come as the fizz curve says. */
export interface Bubbles {
  /** Gas of one drawn bubble, mL. */
  readonly eachMl: number;
  /** When each leaves the piece, s; rising. */
  readonly bornS: Float64Array;
  /** Three numbers from 0 up to 1 of each: which way, how large, how far. */
  readonly chance: Float32Array;
}

/** A drawn bubble stands for so much, unless that would be more bubbles than a device can draw. Rovack estimates. */
const USUAL_ML = 4;
const MOST_BUBBLES = 12_000;
const STEPS = 4000;

export function bubblesOf(plan: FilmPlan): Bubbles {
  const count = Math.min(MOST_BUBBLES, Math.floor(plan.gasMl / USUAL_ML));
  const eachMl = count > 0 ? plan.gasMl / count : 0;
  const bornS = new Float64Array(count);
  const stepS = plan.goneS / STEPS;
  let born = 0;
  let before = 0;
  for (let i = 1; i <= STEPS && born < count; i++) {
    const now = plan.gasMl * (1 - leftAt(plan.wear, i * stepS));
    // The middle of a bubble's gas is when it is born.
    for (let at = (born + 0.5) * eachMl; at <= now && born < count; at = (born + 0.5) * eachMl) {
      bornS[born] = (i - 1 + (at - before) / (now - before)) * stepS;
      born++;
    }
    before = now;
  }
  const random = seededRandom(plan.seed ^ 0xb0bb1e);
  const chance = Float32Array.from({ length: 3 * count }, random);
  return { eachMl, bornS: bornS.subarray(0, born), chance };
}

/** Places of the bubbles that were born after one moment and up to another: from the first to before the last. */
export function bubblesBetween(
  { bornS }: Bubbles,
  fromS: number,
  toS: number,
): readonly [first: number, end: number] {
  return [bornBy(bornS, fromS), bornBy(bornS, toS)];
}

/** How many were born up to a moment, by halving. */
function bornBy(bornS: Float64Array, seconds: number): number {
  let [low, high] = [0, bornS.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((bornS[middle] ?? 0) > seconds) high = middle;
    else low = middle + 1;
  }
  return low;
}
