import type { LogbookEntry, LogbookKind, LogbookOf } from './logbook';

/** Entries of a kind that stand, oldest first. */
export function standingEntries<K extends LogbookKind>(
  logbook: readonly LogbookEntry[],
  kind: K,
): readonly LogbookOf<K>[] {
  return logbook
    .filter((entry): entry is LogbookOf<K> => entry.kind === kind && entry.voidedAt === null)
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** The release of a batch that decides; null while nobody has. */
export function releaseOf(
  batchId: string,
  logbook: readonly LogbookEntry[],
): LogbookOf<'release'> | null {
  return (
    standingEntries(logbook, 'release')
      .filter((entry) => entry.batchId === batchId)
      .at(-1) ?? null
  );
}
