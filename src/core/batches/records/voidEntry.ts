import { unscale } from './rescaling';
import type { Batch } from './schema';
import { markVoided } from './settled';

/** Takes an entry back: it stays in the record with the time it was struck. A rescaling struck gives the old targets back. */
export function voidEntry(batch: Batch, entryId: string, now: string): Batch {
  const entry = batch.entries.find(({ id, voidedAt }) => id === entryId && voidedAt === null);
  if (!entry) return batch;
  const struck = markVoided(batch, entryId, now);
  return entry.kind === 'rescaled' ? unscale(struck, entry) : struck;
}
