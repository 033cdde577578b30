import type { Method } from '@/core/formula/model/schema';
import { packedDensityGMl } from '../fizz/packedDensity';
import type { Spread } from '@/core/basics/units/spread';
import { PACKED_DENSITY, PRESS_LOSS, learned, type Learned, type LossRecord } from './quantities';

/** A mold that was filled and weighed. */
export interface Fill {
  readonly method: Method;
  /** Milliliters of the cavity, over 0. */
  readonly volumeMl: number;
  readonly massG: number;
}

/** How densely this maker packs by a method, g/mL with its 90% band; null while no fill was weighed. */
export function packedFromFills(
  fills: readonly Fill[],
  method: Method,
): { readonly densityGMl: Spread; readonly records: number } | null {
  const records = fills.map((fill) => ({
    method: fill.method,
    overUsual: fill.massG / fill.volumeMl / packedDensityGMl(fill.method).best,
  }));
  if (records.length === 0) return null;
  const { estimate, low, high } = learned(PACKED_DENSITY, records, { method });
  const usual = packedDensityGMl(method).best;
  return {
    densityGMl: { low: usual * low, best: usual * estimate, high: usual * high },
    records: records.filter((record) => record.method === method).length,
  };
}

/** What own batches lose between the bowl and the tray, as a share; nothing while none was counted. */
export function learnedLoss(records: readonly LossRecord[]): Learned | undefined {
  return records.length > 0 ? learned(PRESS_LOSS, records, null) : undefined;
}
