import type { Spread } from '@/core/basics/units/spread';

/** What one piece brings that stays on or in the water. */
export interface SurfaceQuestion {
  /** Liters, over 0. */
  readonly volumeL: number;
  /** Surfactant without its water, grams. */
  readonly surfactantG: number;
  readonly co2L: number;
  /** Oils, butters and scent, grams. */
  readonly oilG: number;
  readonly emulsifierG: number;
  readonly scentG: number;
}

export interface SurfaceReading {
  /** Foam that the gas can raise, liters, with a wide band. */
  readonly foamL: Spread;
  /** Depth of it over the whole water, cm. */
  readonly foamCm: Spread;
  /** Oil that nothing carries, grams for each square meter of water. */
  readonly filmGM2: number;
  /** Scent in the water, mg/L. */
  readonly scentMgL: number;
}

/** Depth of bath water, m. Common practice. */
const DEPTH_M = 0.3;
/** Foam that a gram of foaming powder can hold up, and the share of the gas that ends in bubbles. Rovack estimates. */
const FOAM_L_PER_G: Spread = { low: 0.6, best: 1.5, high: 3 };
const GAS_IN_FOAM: Spread = { low: 0.2, best: 0.5, high: 0.8 };
/** A gram of emulsifier truly carries about a gram of oil. Common practice. */
const CARRIED_G_PER_G = 1;

/**
 * Foam, oil film and scent of the water after one piece. Foam is the lesser of what the surfactant can hold up
 * and what gas there is to fill it. Rovack estimate; the emulsifier's share is common practice.
 * @throws RangeError for a volume that is not over 0
 */
export function surfaceReading(question: SurfaceQuestion): SurfaceReading {
  const { volumeL, surfactantG, co2L, oilG, emulsifierG, scentG } = question;
  if (!(volumeL > 0)) throw new RangeError(`volumeL must be over 0, got ${volumeL}`);
  const areaM2 = volumeL / 1000 / DEPTH_M;
  const foam = (end: keyof Spread) =>
    Math.min(surfactantG * FOAM_L_PER_G[end], co2L * GAS_IN_FOAM[end]);
  const foamL = { low: foam('low'), best: foam('best'), high: foam('high') };
  const depth = (liters: number) => liters / 10 / areaM2;
  return {
    foamL,
    foamCm: { low: depth(foamL.low), best: depth(foamL.best), high: depth(foamL.high) },
    filmGM2: Math.max(0, oilG - CARRIED_G_PER_G * emulsifierG) / areaM2,
    scentMgL: (1000 * scentG) / volumeL,
  };
}
