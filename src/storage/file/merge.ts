import { recordOf } from '@/core/basics/records';
import { sameData } from '@/core/basics/sameData';
import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import { recordsFrom, type RecordOf, type Records } from '../records/collections';

export interface ImportPreview {
  readonly fresh: Records;
  /** Already here under the same id, with other contents. */
  readonly changed: Records;
  /** Already here, digit for digit. */
  readonly sameCount: number;
}

/** What an import would bring, before anything is written. */
export function previewImport(file: Records, here: Records): ImportPreview {
  const sorted = {
    fresh: recordsFrom(<K extends CollectionName>(name: K) =>
      freshOf<RecordOf<K>>(file[name], here[name]),
    ),
    changed: recordsFrom(<K extends CollectionName>(name: K) =>
      changedOf<RecordOf<K>>(file[name], here[name]),
    ),
  };
  const count = (records: Records) => countRecords(records).all;
  return { ...sorted, sameCount: count(file) - count(sorted.fresh) - count(sorted.changed) };
}

/** How many records of every kind. */
export function countRecords(records: Records): Readonly<Record<CollectionName, number>> & {
  readonly all: number;
} {
  const counts = recordOf(COLLECTION_NAMES, (name) => records[name].length);
  return { ...counts, all: Object.values(counts).reduce((sum, count) => sum + count, 0) };
}

interface Identified {
  readonly id: string;
}

function freshOf<T extends Identified>(incoming: readonly T[], here: readonly T[]): readonly T[] {
  const known = new Set(here.map(({ id }) => id));
  return incoming.filter(({ id }) => !known.has(id));
}

function changedOf<T extends Identified>(incoming: readonly T[], here: readonly T[]): readonly T[] {
  const known = new Map(here.map((record) => [record.id, record]));
  return incoming.filter((record) => {
    const own = known.get(record.id);
    return own !== undefined && !sameData(record, own);
  });
}
