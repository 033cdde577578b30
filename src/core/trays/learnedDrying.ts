import type { RoomDay } from '../air';
import { dryingBodyOf, humidityAt, refitDrying, roomClock } from '../drying';
import { DRYING_DIFFUSIVITY, learned, type DryingRecord, type Learned } from '../learning';
import { standing, type Batch } from '../records';
import { roomSince, trayStartMs } from './trayRoom';
import { dryingLossFraction, pressedMix } from './volatile';

/** A wide prior, so that what is learned is what the scale said and not what was thought before. */
const OPEN_RATE = { low: 0.35, best: 1, high: 2.8 };
const SCALE_SD_G = 0.06;
/** A refit that narrows the rate by less than this teaches nothing. Start value of ours. */
const LEAST_LEARNED = 0.25;

export type BatchDrying = DryingRecord & { readonly batchId: string };

/** What the marked pieces of batches say of how fast this room dries. */
export function dryingRecordsOf(
  batches: readonly Batch[],
  days: readonly RoomDay[],
): readonly BatchDrying[] {
  return batches.flatMap((batch) => {
    const startMs = trayStartMs(batch);
    const dried = standing(batch, 'dried');
    const lastMs = Date.parse(dried.at(-1)?.at ?? '');
    if (startMs === null || dried.length < 2 || !(lastMs > startMs)) return [];
    const { points } = roomSince(batch, startMs, { days, humidityPct: 45 });
    const clock = roomClock(points, startMs);
    const refit = refitDrying(
      dryingBodyOf(batch.request.mold, batch.body.method),
      { rate: OPEN_RATE, lossFraction: dryingLossFraction(pressedMix(batch)) },
      dried
        .filter(({ at }) => Date.parse(at) >= startMs)
        .map(({ at, massG }) => ({ roomHours: clock(Date.parse(at)), massG })),
      [],
      SCALE_SD_G,
    );
    if (refit.learnedFraction < LEAST_LEARNED) return [];
    const humidityPct =
      points.length === 1
        ? humidityAt(points, startMs)
        : humidityAt(points, (startMs + lastMs) / 2);
    return [{ batchId: batch.id, humidityPct, overModel: refit.rate.best }];
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
