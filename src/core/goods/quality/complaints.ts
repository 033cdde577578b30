import { recallBatch, type Books, type CalledBatch } from '../products/recall';
import { standingEntries } from './entries';
import type { LogbookEntry, LogbookOf } from './logbook';

export interface ComplaintCount {
  readonly all: number;
  readonly reactions: number;
  readonly serious: number;
  readonly open: number;
  /** Pieces or products of these batches that left. */
  readonly away: number;
}

export function complaintsOf(
  batchIds: ReadonlySet<string>,
  logbook: readonly LogbookEntry[],
): readonly LogbookOf<'complaint'>[] {
  return standingEntries(logbook, 'complaint').filter(({ batchId }) => batchIds.has(batchId));
}

export function isReaction({ what }: Pick<LogbookOf<'complaint'>, 'what'>): boolean {
  return what === 'skin-reaction' || what === 'other-reaction';
}

/** Complaints on these batches, beside what of them left. */
export function complaintCount(
  batches: readonly CalledBatch[],
  logbook: readonly LogbookEntry[],
  books: Books,
): ComplaintCount {
  const own = complaintsOf(new Set(batches.map(({ id }) => id)), logbook);
  return {
    all: own.length,
    reactions: own.filter(isReaction).length,
    serious: own.filter(({ isSerious }) => isSerious).length,
    open: own.filter(({ closedOn }) => closedOn === null).length,
    away: batches.reduce((sum, batch) => sum + awayOf(batch, books), 0),
  };
}

function awayOf(batch: CalledBatch, books: Books): number {
  return recallBatch(batch, books)
    .handedOver.filter(({ move }) => move.how === 'sold' || move.how === 'given')
    .reduce((sum, { count, loosePieces }) => sum + count + loosePieces, 0);
}
