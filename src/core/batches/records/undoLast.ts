import { formatMass } from '@/core/basics/format/quantities';
import { voidEntry } from './voidEntry';
import type { Batch, BatchEntry } from './schema';

/** Comings and goings are no deeds. */
const NO_DEEDS: ReadonlySet<BatchEntry['kind']> = new Set(['paused', 'resumed']);

/** The newest thing done that still stands; null when nothing is left to take back. */
export function lastDeed(batch: Batch): BatchEntry | null {
  return (
    batch.entries.findLast(({ voidedAt, kind }) => voidedAt === null && !NO_DEEDS.has(kind)) ?? null
  );
}

const DEED_WORDS: Readonly<Partial<Record<BatchEntry['kind'], string>>> = {
  room: 'room reading',
  weighed: 'weight',
  added: 'addition',
  rescaled: 'scaling up',
  split: 'split',
  filled: 'piece',
  timer: 'timer',
  squeezed: 'squeeze test',
  done: 'step',
  skipped: 'skipped step',
  counted: 'count',
  note: 'note',
};

/** What would be taken back, in a word or two; with its grams where it has some. */
export function sayDeed(entry: BatchEntry): string {
  const word = DEED_WORDS[entry.kind] ?? 'last entry';
  return 'massG' in entry && entry.massG !== null ? `${word}, ${formatMass(entry.massG)}` : word;
}

/** Takes the newest thing back, with a trace; when it settled the step before, that step is in hand again. */
export function undoLast(batch: Batch, now: string): Batch {
  const last = lastDeed(batch);
  if (!last || batch.outcome !== 'at-the-bench') return batch;
  const struck = voidEntry(batch, last.id, now);
  const before = struck.steps[struck.currentStep - 1];
  return before && before.id === last.stepId
    ? { ...struck, currentStep: struck.currentStep - 1 }
    : struck;
}
