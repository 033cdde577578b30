/** Half-width of the green band around a target, as a share of it: fine for what is small, finer for what is much. Common practice. */
const SMALL_FRACTION = 0.02;
const LARGE_FRACTION = 0.01;
const LARGE_FROM_G = 100;
/** However coarse the scale: a band never reaches down to nothing. */
const MOST_FRACTION = 0.5;

export type Against = 'under' | 'within' | 'over';

/** @returns grams either way that still count as weighed; at least one step of the scale, and at most half of the target */
export function toleranceG(targetG: number, stepG: number): number {
  if (!(targetG >= 0)) throw new RangeError(`targetG must be 0 or more, got ${targetG}`);
  const fraction = targetG >= LARGE_FROM_G ? LARGE_FRACTION : SMALL_FRACTION;
  const bandG = Math.max(stepG, targetG * fraction);
  return targetG > 0 ? Math.min(bandG, targetG * MOST_FRACTION) : bandG;
}

/** Where a reading stands against its target. An empty pan is under, however wide the band. */
export function compareToTarget(massG: number, targetG: number, tolerance: number): Against {
  if (targetG > 0 && !(massG > 0)) return 'under';
  // A billionth of a gram forgives binary fractions at the very edge of the band.
  if (massG < targetG - tolerance - 1e-9) return 'under';
  return massG > targetG + tolerance + 1e-9 ? 'over' : 'within';
}
