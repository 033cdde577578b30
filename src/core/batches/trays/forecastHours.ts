import { REFERENCE_MM2_H, dryTarget, dryingFactor, hoursToDry } from '../drying/forecast';
import { dryingBodyOf } from '../drying/body';
import { waterActivityPct } from '../drying/waterActivity';
import type { RoomAir } from '../drying/forecast';
import type { Method } from '@/core/formula/model/schema';
import type { Portion } from '@/core/matter/materials/portion';
import type { Mold } from '@/core/work/scaling/moldSchema';
import type { Spread } from '@/core/basics/units/spread';
import { learnedDrying, type BatchDrying } from './learnedDrying';
import { SHIPPED_RATE } from './trayForecast';
import { dryingLossFraction } from './volatile';

/**
 * Hours until pieces that are not made yet will be dry in a room that stays as it is said, by what this loft has taught.
 * @returns null where they never will be
 */
export function hoursUntilDry(
  contents: readonly Portion[],
  mold: Mold,
  method: Method,
  air: RoomAir,
  taught: readonly BatchDrying[],
): Spread | null {
  const factor = dryingFactor(air, waterActivityPct(contents));
  if (!(factor > 0)) return null;
  const loss = dryingLossFraction(contents).best;
  const body = dryingBodyOf(mold, method, loss);
  const own = learnedDrying(taught, '', air.humidityPct);
  const rate: Spread = own ? { low: own.low, best: own.estimate, high: own.high } : SHIPPED_RATE;
  const hours = (of: number) =>
    hoursToDry(body, dryTarget(loss), REFERENCE_MM2_H.best * of, (real) => real * factor);
  const best = hours(rate.best);
  const high = hours(rate.low);
  if (best === null) return null;
  return { low: hours(rate.high) ?? best, best, high: high ?? best * 2 };
}
