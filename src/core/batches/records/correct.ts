import { newId } from '@/core/basics/newId';
import { voidEntry } from './voidEntry';
import type { Batch, BatchEntry, EntryOf } from './schema';

/** The figure of an entry that may have been written wrong, or null where it has none. */
export function figureOf(entry: BatchEntry): number | null {
  switch (entry.kind) {
    case 'weighed':
    case 'added':
    case 'filled':
    case 'dried':
      return entry.massG;
    case 'counted':
      return entry.pieces;
    default:
      return null;
  }
}

/**
 * An entry with another figure, at the bench or long after: the old one is struck and stays in sight, the new one stands
 * in its place with today's time.
 * @param figure grams, or whole pieces of a count; 0 or more
 * @returns the batch as it was when there is no such entry, or nothing to correct in it
 */
export function correctEntry(batch: Batch, entryId: string, figure: number, now: string): Batch {
  const entry = batch.entries.find(({ id, voidedAt }) => id === entryId && voidedAt === null);
  if (!entry || figureOf(entry) === null || !(figure >= 0) || figure === figureOf(entry))
    return batch;
  const struck = voidEntry(batch, entryId, now);
  const corrected = { ...withFigure(entry, figure), id: newId(), at: now };
  const at = struck.entries.findIndex(({ id }) => id === entryId) + 1;
  return {
    ...struck,
    entries: [...struck.entries.slice(0, at), corrected, ...struck.entries.slice(at)],
  };
}

function omitMolds(entry: EntryOf<'counted'>): EntryOf<'counted'> {
  const { molds, ...rest } = entry;
  return molds === undefined ? entry : rest;
}

function withFigure(entry: BatchEntry, figure: number): BatchEntry {
  switch (entry.kind) {
    case 'counted':
      // A count that is corrected as a whole says nothing more of each mold.
      return { ...omitMolds(entry), pieces: Math.round(figure) };
    case 'weighed':
    case 'added': {
      const was = entry.massG;
      const lots = entry.lots?.map((use) => ({
        ...use,
        massG: was > 0 ? (use.massG * figure) / was : use.massG,
      }));
      return { ...entry, massG: figure, ...(lots && { lots }) };
    }
    case 'filled':
    case 'dried':
      return { ...entry, massG: figure };
    default:
      return entry;
  }
}
