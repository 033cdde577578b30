import { strikeEntry } from './strike';
import type { Batch, BatchEntry } from './schema';

/** Comings and goings are no deeds. */
const NO_DEEDS: ReadonlySet<BatchEntry['kind']> = new Set(['paused', 'resumed']);

/** The newest thing done that still stands; null when nothing is left to take back. */
export function lastDeed(batch: Batch): BatchEntry | null {
  return (
    batch.entries.findLast(({ struckAt, kind }) => struckAt === null && !NO_DEEDS.has(kind)) ?? null
  );
}

/** Takes the newest thing back, with a trace; when it settled the step before, that step is in hand again. */
export function undoLast(batch: Batch, now: string): Batch {
  const last = lastDeed(batch);
  if (!last || batch.outcome !== 'at-the-bench') return batch;
  const struck = strikeEntry(batch, last.id, now);
  const before = struck.steps[struck.currentStep - 1];
  return before && before.id === last.stepId
    ? { ...struck, currentStep: struck.currentStep - 1 }
    : struck;
}
