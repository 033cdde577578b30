import { sameData } from '@/core/formula';
import { COLLECTION_NAMES, NO_RECORDS, type CollectionName, type Records } from '../collections';

export interface ImportPreview {
  readonly fresh: Records;
  /** Already here under the same id, with other contents. */
  readonly changed: Records;
  /** Already here, digit for digit. */
  readonly sameCount: number;
}

/** What an import would bring, before anything is written. */
export function previewImport(file: Records, here: Records): ImportPreview {
  let sameCount = 0;
  const fresh: Record<string, unknown> = { ...NO_RECORDS };
  const changed: Record<string, unknown> = { ...NO_RECORDS };
  for (const name of COLLECTION_NAMES) {
    const sorted = sortedOut<Records[CollectionName][number]>(file[name], here[name]);
    fresh[name] = sorted.fresh;
    changed[name] = sorted.changed;
    sameCount += sorted.same;
  }
  return { fresh: fresh as unknown as Records, changed: changed as unknown as Records, sameCount };
}

/** How many records of every kind, in the words of people. */
export function countRecords(records: Records): Readonly<Record<CollectionName, number>> & {
  readonly all: number;
} {
  const counts = Object.fromEntries(
    COLLECTION_NAMES.map((name) => [name, records[name].length]),
  ) as Record<CollectionName, number>;
  return { ...counts, all: Object.values(counts).reduce((sum, count) => sum + count, 0) };
}

function sortedOut<T extends { readonly id: string }>(incoming: readonly T[], here: readonly T[]) {
  const known = new Map(here.map((record) => [record.id, record]));
  const isSame = (record: T) => sameData(record, known.get(record.id));
  return {
    fresh: incoming.filter((record) => !known.has(record.id)),
    changed: incoming.filter((record) => known.has(record.id) && !isSame(record)),
    same: incoming.filter(isSame).length,
  };
}
