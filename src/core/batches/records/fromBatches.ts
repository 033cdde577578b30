import { dampReading } from '@/core/results/binder/damp';
import { dampWindow, type EndsFelt } from '@/core/results/binder/windows';
import type { Felt } from '@/core/results/binder/correction';
import { portionsOf } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';
import { bowlContents } from './bowl';
import { inPiecesG } from './leftInBowl';
import { countOf, roomOf, weighedTotalG } from './summary';
import type { Method } from '@/core/formula/model/schema';
import type { Batch } from './schema';
import {
  DAMP_WANTED,
  askedOf,
  taughtBy,
  type DampRecord,
  type Learned,
  type LossRecord,
  type Place,
  type Taught,
} from '@/core/results/learning/quantities';

/** A hand calls right what is within this share of what it wants, either way. Common practice: a quarter of the window. */
const HAND_ACCEPTS = 0.13;

/**
 * Every squeeze after the acid teaches how damp the mix wants to be, as a range: damper than here, about here, drier
 * than here. What felt right alone would teach too dry, as makers work up from dry. Loose salts only have to pour.
 */
export function dampRecordsOf(batches: readonly Batch[], catalog: Catalog): readonly DampRecord[] {
  return batches.flatMap((batch) => {
    const room = roomOf(batch);
    const { method, family } = batch.body;
    if (!room || method === 'loose') return [];
    return batch.entries.flatMap((entry, i) => {
      if (entry.kind !== 'squeezed' || entry.voidedAt !== null || !entry.acidIn) return [];
      const reading = dampReading(
        portionsOf(catalog, bowlContents({ ...batch, entries: batch.entries.slice(0, i) })),
      );
      const { dampIndexPct } = reading;
      const { aimPct } = dampWindow(method, room.humidityPct, reading);
      if (dampIndexPct === null || !(dampIndexPct > 0 && aimPct > 0)) return [];
      const here = dampIndexPct / aimPct;
      return [
        {
          at: entry.at,
          humidityPct: room.humidityPct,
          method,
          family,
          lowOverAim: entry.felt === 'too-wet' ? 0 : here * factorFor(entry.felt, 'low'),
          highOverAim: entry.felt === 'too-dry' ? Infinity : here * factorFor(entry.felt, 'high'),
        },
      ];
    });
  });
}

/** Where the range of a squeeze ends, over what was squeezed: too dry is under what the hand would still accept. */
function factorFor(felt: Felt, end: 'low' | 'high'): number {
  if (felt === 'too-dry') return 1 + HAND_ACCEPTS;
  if (felt === 'too-wet') return 1 / (1 + HAND_ACCEPTS);
  return end === 'low' ? 1 / (1 + HAND_ACCEPTS) : 1 + HAND_ACCEPTS;
}

/** How damp these batches say a mix should be at a place; nothing while none speaks. */
export function learnedDamp(
  batches: readonly Batch[],
  place: Place,
  catalog: Catalog,
): (Learned & EndsFelt) | undefined {
  const own = dampTaughtBy(batches, place.method, catalog);
  return own && { ...askedOf(DAMP_WANTED, own.taught, place), ...own.ends };
}

/** What these batches teach of moisture, wherever it is asked, and the ends that hands felt with one way of forming. */
export function dampTaughtBy(
  batches: readonly Batch[],
  method: Method,
  catalog: Catalog,
): { readonly taught: Taught; readonly ends: EndsFelt } | undefined {
  if (method === 'loose') return undefined;
  const records = dampRecordsOf(batches, catalog);
  if (records.length === 0) return undefined;
  const here = records.filter((record) => record.method === method);
  return {
    taught: taughtBy(DAMP_WANTED, records),
    ends: {
      feltDry: here.filter(({ highOverAim }) => highOverAim === Infinity).length,
      feltWet: here.filter(({ lowOverAim }) => lowOverAim === 0).length,
    },
  };
}

/** Counted batches teach what the press loses: what was weighed against pieces, rejects, minis, and what was kept or thrown away on purpose. */
export function lossRecordsOf(batches: readonly Batch[]): readonly LossRecord[] {
  return batches.flatMap((batch) => {
    const count = countOf(batch);
    const weighedG = weighedTotalG(batch);
    const pressedG = count ? inPiecesG(batch, count) + (count.left?.massG ?? 0) : 0;
    return pressedG > 0 && weighedG > 0 ? [{ at: batch.startedAt, weighedG, pressedG }] : [];
  });
}
