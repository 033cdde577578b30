import type { Material } from '@/core/matter/materials/material';

/** A color with no rate on file goes up to this, % of its part. Rovack estimate. */
const UNKNOWN_MOST_PCT = 1;

/** Most of a color in a part before it may stain, grams. @param partG grams of the whole part, 0 or more */
export function mostColorG(material: Material, partG: number): number {
  if (!(partG >= 0)) throw new RangeError(`partG must be 0 or more, got ${partG}`);
  return ((material.usualMaxPct?.value ?? UNKNOWN_MOST_PCT) / 100) * partG;
}
