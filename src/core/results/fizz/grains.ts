import { leftFraction } from './erosion';
import type { Spread } from '@/core/basics/units/spread';

/** Loose grains by the Rosin-Rammler law: share of mass coarser than d is exp(-(d / d63)^n). */
export interface GrainSizes {
  /** Diameter that 63.2% of the mass is finer than, mm; over 0. */
  readonly d63Mm: number;
  /** Evenness; 1 very mixed, 4 nearly one size; over 0. */
  readonly spreadN: number;
}

/** Fine salt and soda with a little coarse salt. Rovack estimate. */
export const USUAL_GRAINS: GrainSizes = { d63Mm: 0.9, spreadN: 1.6 };
/** A handful lies heaped at first and its grains shield each other: so much slower than a single face. Rovack estimate. */
export const GRAIN_SPEED_FACTOR = 0.35;
const CLASSES = 40;
const GONE_FRACTION = 0.02;

/** Diameters at the middles of equal shares of the mass, mm. Source: Rosin and Rammler 1933, not looked up. */
export function grainDiametersMm({ d63Mm, spreadN }: GrainSizes): readonly number[] {
  if (!(d63Mm > 0)) throw new RangeError(`d63Mm must be over 0, got ${d63Mm}`);
  if (!(spreadN > 0)) throw new RangeError(`spreadN must be over 0, got ${spreadN}`);
  return Array.from(
    { length: CLASSES },
    (_, i) => d63Mm * (-Math.log(1 - (i + 0.5) / CLASSES)) ** (1 / spreadN),
  );
}

/** Share of loose grains still there after a time: each a small eroding sphere. @param speedMmS of a pressed face */
export function grainsLeftFraction(
  diametersMm: readonly number[],
  speedMmS: number,
  seconds: number,
): number {
  const speed = speedMmS * GRAIN_SPEED_FACTOR;
  return (
    diametersMm.reduce((sum, diameter) => sum + leftFraction(diameter / 2, speed, seconds), 0) /
    diametersMm.length
  );
}

/** Seconds until the coarsest grain is gone. @param speedMmS of a pressed face, over 0 */
export function lastGrainS(diametersMm: readonly number[], speedMmS: number): number {
  return Math.max(...diametersMm) / 2 / (speedMmS * GRAIN_SPEED_FACTOR);
}

/**
 * Seconds until all but a fiftieth of loose salts is gone. Rovack estimate: eroding grains, Rosin-Rammler sizes.
 * @param speedMmS as {@link recessionMmS}
 */
export function grainsGoneAfterS(sizes: GrainSizes, speedMmS: Spread): Spread {
  const diameters = grainDiametersMm(sizes);
  const after = (speed: number) => {
    let [low, high] = [0, lastGrainS(diameters, speed)];
    for (let i = 0; i < 40; i++) {
      const middle = (low + high) / 2;
      if (grainsLeftFraction(diameters, speed, middle) > GONE_FRACTION) low = middle;
      else high = middle;
    }
    return high;
  };
  return { low: after(speedMmS.high), best: after(speedMmS.best), high: after(speedMmS.low) };
}
