import type { RoomDay } from '@/core/matter/air/roomDaySchema';
import { dryingBodyOf } from '../drying/body';
import { airAt, roomClock } from '../drying/roomClock';
import { refitDrying } from '../drying/refit';
import { waterActivityPct } from '../drying/waterActivity';
import {
  DRYING_DIFFUSIVITY,
  learned,
  type DryingRecord,
  type Learned,
} from '@/core/results/learning/quantities';
import type { Catalog } from '@/core/matter/materials/catalog';
import { standing } from '../records/summary';
import type { Batch } from '../records/schema';
import type { Spread } from '@/core/basics/units/spread';
import { scaleSdG } from './scaleSd';
import { roomSince, trayStartMs } from './trayRoom';
import { dryingLossFraction, pressedMix } from './volatile';

/** A wide prior, taken out again below, so that what is learned is what the scale said and not what was thought before. */
export const OPEN_RATE = { low: 0.35, best: 1, high: 2.8 };
/** Weighings that leave the rate open by more than this (a standard deviation of its logarithm) teach nothing. Rovack estimate. */
const MOST_OPEN_SD = 0.3;

export type BatchDrying = DryingRecord & { readonly batchId: string };

/** What the marked pieces of batches say of how fast this room dries. */
export function dryingRecordsOf(
  batches: readonly Batch[],
  days: readonly RoomDay[],
  catalog: Catalog,
): readonly BatchDrying[] {
  return batches.flatMap((batch) => {
    const startMs = trayStartMs(batch);
    const dried = standing(batch, 'dried');
    const lastMs = Date.parse(dried.at(-1)?.at ?? '');
    if (startMs === null || dried.length < 2 || !(lastMs > startMs)) return [];
    const { points } = roomSince(batch, startMs, { days, humidityPct: 45 });
    const mix = pressedMix(batch, catalog);
    const loss = dryingLossFraction(mix);
    const clock = roomClock(points, startMs, waterActivityPct(mix));
    const refit = refitDrying(
      dryingBodyOf(batch.request.mold, batch.body.method, loss.best),
      { rate: OPEN_RATE, lossFraction: loss },
      dried
        .filter(({ at }) => Date.parse(at) >= startMs)
        .map(({ at, massG }) => ({ roomHours: clock(Date.parse(at)), massG })),
      [],
      scaleSdG(dried.map(({ massG }) => massG)),
    );
    const said = withoutPrior(refit.rate);
    if (said === null || said.sd > MOST_OPEN_SD) return [];
    const { humidityPct } = airAt(points, points.length === 1 ? startMs : (startMs + lastMs) / 2);
    return [
      { batchId: batch.id, at: batch.startedAt, humidityPct, overModel: Math.exp(said.mean) },
    ];
  });
}

/** How this room dries by own batches; nothing while none speaks. @param exceptId the batch that is asked about */
export function learnedDrying(
  taught: readonly BatchDrying[],
  exceptId: string,
  humidityPct: number,
): Learned | undefined {
  const records = taught.filter(({ batchId }) => batchId !== exceptId);
  return records.length > 0 ? learned(DRYING_DIFFUSIVITY, records, { humidityPct }) : undefined;
}

/** Standard deviations from the middle to an end of a 90 % band. */
const Z90 = 1.645;

/**
 * What the weighings alone say of the rate, as a logarithm: precisions add, so the prior's is taken off again.
 * @returns null when they say nothing
 */
function withoutPrior(rate: Spread): { readonly mean: number; readonly sd: number } | null {
  const precision = ({ low, high }: Spread) => (Math.log(high / low) / (2 * Z90)) ** -2;
  const after = precision(rate);
  const own = after - precision(OPEN_RATE);
  if (!(own > 0)) return null;
  return { mean: (Math.log(rate.best) * after) / own, sd: own ** -0.5 };
}
