import type { FrozenReadings } from './schema';
import { MODELS_VERSION, type Evaluation } from '@/core/results/evaluation/types';

/**
 * The few readings a batch keeps of the formula it was begun with.
 * @param factor of the batch against the formula, over 0; only the gas grows with it
 */
export function freezeReadings(
  { fizz, binder, scent }: Evaluation,
  factor: number,
): FrozenReadings {
  return {
    modelsVersion: MODELS_VERSION,
    sodaToAcidByMass: fizz.sodaToAcidByMass,
    balanceSodaToAcidByMass: fizz.balanceSodaToAcidByMass,
    dampIndexPct: binder.dampIndexPct,
    windowLowPct: binder.window.lowPct,
    windowHighPct: binder.window.highPct,
    freeWaterPct: binder.freeWaterPct,
    scentLoadPct: scent.loadPct,
    co2L: fizz.co2L * factor,
  };
}
