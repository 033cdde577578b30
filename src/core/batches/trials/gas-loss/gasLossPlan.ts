import type { Portion } from '@/core/matter/materials/portion';
import type { Tub } from '@/core/results/water/tub';
import { expectedLoss } from './expectedLoss';
import { OWN_LOSS_G_MIN } from './fitTail';

/** An answer is worth having when its interval is no wider than this to either side. Rovack estimate. */
export const GOOD_SHARE = 0.05;

/** How a usual test goes: fizz and the slope after it, s; readings in the slope; how far a scale trembles, in steps. */
const USUAL = { fizzS: 240, tailS: 120, readings: 60, tremblesSteps: 0.5 } as const;
const QUANTILE = 1.645;
const SAMPLES_G = [10, 15, 20, 25, 30, 40, 50, 75, 100, 150, 200, 300] as const;
const STEPS_G = [5, 1, 0.5, 0.1, 0.05, 0.01] as const;

export interface GasLossPlan {
  /** Half of the 90% interval of the share of fizz that this scale could tell. */
  readonly halfShare: number;
  readonly expectedG: number;
  /** Least sample that would do on this scale, and coarsest step that would do with this sample; null for none. */
  readonly sampleThatDoesG: number | null;
  readonly stepThatDoesG: number | null;
}

/**
 * How well a scale can tell the share of fizz before anything goes into the water.
 * @param stepG of the scale, over 0
 * @returns null where nothing fizzes
 */
export function gasLossPlan(
  mix: readonly Portion[],
  sampleG: number,
  water: Tub,
  stepG: number,
): GasLossPlan | null {
  const lossG = (grams: number) => expectedLoss(mix, grams, water).lossG.best;
  const expectedG = lossG(sampleG);
  if (!(expectedG > 0)) return null;
  const half = (grams: number, step: number) => {
    const lost = lossG(grams);
    return lost > 0 ? (QUANTILE * Math.sqrt(lossVariance(step))) / lost : Infinity;
  };
  return {
    halfShare: half(sampleG, stepG),
    expectedG,
    sampleThatDoesG: SAMPLES_G.find((grams) => half(grams, stepG) <= GOOD_SHARE) ?? null,
    stepThatDoesG: STEPS_G.find((step) => half(sampleG, step) <= GOOD_SHARE) ?? null,
  };
}

/** Of the gas by two weights before and a slope after. */
function lossVariance(stepG: number): number {
  const { fizzS, tailS, readings, tremblesSteps } = USUAL;
  const single = stepG ** 2 / 12 + (tremblesSteps * stepG) ** 2;
  const tailMin = tailS / 60;
  const slopePrecision = OWN_LOSS_G_MIN.sd ** -2 + (readings * tailMin ** 2) / 12 / single;
  const reachMin = fizzS / 60 + tailMin / 2;
  return 2 * single + single / readings + reachMin ** 2 / slopePrecision;
}
