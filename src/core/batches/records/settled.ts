import type { BenchStep } from '@/core/work/bench-steps/stepSchema';
import type { Batch, BatchEntry } from './schema';

/** Which step an entry settles by its kind; a room read along the way, or a squeeze at the press, settles nothing. */
const SETTLES: Readonly<Partial<Record<BatchEntry['kind'], BenchStep['kind'] | 'any'>>> = {
  room: 'room',
  weighed: 'weigh',
  squeezed: 'squeeze',
  split: 'split',
  counted: 'count',
  done: 'any',
  skipped: 'any',
};

/** Entries that stand and that settle this step; a squeeze settles it only when it felt right. */
export function settlingEntries(batch: Batch, stepId: string): readonly BatchEntry[] {
  const kind = batch.steps.find(({ id }) => id === stepId)?.kind;
  return batch.entries.filter((entry) => {
    if (entry.stepId !== stepId || entry.voidedAt !== null) return false;
    const settles = SETTLES[entry.kind];
    return (
      settles !== undefined &&
      (settles === 'any' || settles === kind) &&
      (entry.kind !== 'squeezed' || entry.felt === 'right')
    );
  });
}

/** The batch with an entry taken back: it stays in the record with the time it was struck. */
export function markVoided(batch: Batch, entryId: string, now: string): Batch {
  return {
    ...batch,
    entries: batch.entries.map((entry) =>
      entry.id === entryId && entry.voidedAt === null ? { ...entry, voidedAt: now } : entry,
    ),
  };
}
