import type { Batch, BatchEntry } from './schema';
import { settlingEntries } from './settled';

/** A step that was settled on two sides, and the entries that do not count. */
export interface EnteredTwice {
  readonly batch: Batch;
  /** Ids of entries that were voided, each in a step that another entry settles. */
  readonly voided: readonly string[];
}

/**
 * A batch whose steps are settled once each. Two tabs or devices can settle one step apart: what was weighed twice on paper
 * was weighed once. A deed goes before a skip, then the earlier one counts, then the lower id, so that every device decides
 * the same. The others stay in the record, voided at their own moment, with the reason.
 * @param alone the batch as each side had it: a step that is settled more than once there was meant so
 */
export function enteredOnce(batch: Batch, alone: readonly Batch[]): EnteredTwice {
  const voided = new Set<string>();
  for (const { id } of batch.steps) {
    const settling = settlingEntries(batch, id);
    if (settling.length < 2 || alone.some((side) => settlingEntries(side, id).length > 1)) continue;
    const [, ...others] = [...settling].sort(firstToCount);
    for (const other of others) voided.add(other.id);
  }
  if (voided.size === 0) return { batch, voided: [] };
  return {
    batch: {
      ...batch,
      entries: batch.entries.map((entry) =>
        voided.has(entry.id) ? { ...entry, voidedAt: entry.at, voidedWhy: 'entered-twice' } : entry,
      ),
    },
    voided: [...voided],
  };
}

function firstToCount(a: BatchEntry, b: BatchEntry): number {
  const skips = Number(a.kind === 'skipped') - Number(b.kind === 'skipped');
  return skips || Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : 1);
}
