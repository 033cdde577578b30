import { dampReading, dampWindow } from '../binder';
import { portionsOf, type Catalog } from '../materials';
import { bowlContents, countOf, roomOf, standing, weighedTotalG, type Batch } from '../records';
import {
  DAMP_WANTED,
  learned,
  type DampRecord,
  type Learned,
  type LossRecord,
  type Place,
} from './quantities';

/** Batches whose last squeeze after the acid was right teach how damp the mix wants to be; loose salts only have to pour. */
export function dampRecordsOf(batches: readonly Batch[], catalog: Catalog): readonly DampRecord[] {
  return batches.flatMap((batch) => {
    const room = roomOf(batch);
    const last = standing(batch, 'squeezed')
      .filter(({ acidIn }) => acidIn)
      .at(-1);
    if (!room || last?.felt !== 'right' || batch.body.method === 'loose') return [];
    const reading = dampReading(portionsOf(catalog, bowlContents(batch)));
    const { dampIndexPct } = reading;
    const { method, family } = batch.body;
    const { aimPct } = dampWindow(method, room.humidityPct, reading);
    return dampIndexPct !== null && dampIndexPct > 0 && aimPct > 0
      ? [{ humidityPct: room.humidityPct, method, family, overAim: dampIndexPct / aimPct }]
      : [];
  });
}

/** How damp these batches say a mix should be at a place; nothing while none speaks. */
export function learnedDamp(
  batches: readonly Batch[],
  place: Place,
  catalog: Catalog,
): Learned | undefined {
  if (place.method === 'loose') return undefined;
  const records = dampRecordsOf(batches, catalog);
  return records.length > 0 ? learned(DAMP_WANTED, records, place) : undefined;
}

/** Counted batches teach what the press loses: what was weighed against whole pieces, rejects counted in. */
export function lossRecordsOf(batches: readonly Batch[]): readonly LossRecord[] {
  return batches.flatMap((batch) => {
    const count = countOf(batch);
    const weighedG = weighedTotalG(batch);
    const pressedG = ((count?.pieces ?? 0) + (count?.rejects ?? 0)) * batch.plan.pieceG;
    return pressedG > 0 && weighedG > 0 ? [{ weighedG, pressedG }] : [];
  });
}
