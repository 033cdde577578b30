import type { Batch } from './schema';

const SETTLING: ReadonlySet<string> = new Set([
  'room',
  'weighed',
  'squeezed',
  'split',
  'done',
  'skipped',
  'counted',
]);

/** Entries that stand and that settle this step; a squeeze settles it only when it felt right. */
export function settlingEntries(batch: Batch, stepId: string) {
  return batch.entries.filter(
    (entry) =>
      entry.stepId === stepId &&
      entry.struckAt === null &&
      SETTLING.has(entry.kind) &&
      (entry.kind !== 'squeezed' || entry.felt === 'right'),
  );
}

/** The batch with an entry taken back: it stays in the record with the time it was struck. */
export function markStruck(batch: Batch, entryId: string, now: string): Batch {
  return {
    ...batch,
    entries: batch.entries.map((entry) =>
      entry.id === entryId && entry.struckAt === null ? { ...entry, struckAt: now } : entry,
    ),
  };
}
