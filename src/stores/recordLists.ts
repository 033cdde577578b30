import { COLLECTION_NAMES, type CollectionName } from '@/storage/records/names';
import type { RecordOf, Records } from '@/storage/records/collections';

/** All of all lists. */
export function everyRecord(records: Records): readonly Records[CollectionName][number][] {
  return COLLECTION_NAMES.flatMap((name) => [...records[name]]);
}

/** A list with records added, or put in place of those with their ids. */
export function overlaid<K extends CollectionName>(
  records: Records,
  name: K,
  changed: readonly RecordOf<K>[],
): Records {
  const list: readonly RecordOf<K>[] = records[name];
  const byId = new Map(changed.map((record) => [record.id, record]));
  const known = new Set(list.map(({ id }) => id));
  return {
    ...records,
    [name]: [
      ...list.map((record) => byId.get(record.id) ?? record),
      ...changed.filter(({ id }) => !known.has(id)),
    ],
  };
}

/** A list less some of its records. */
export function without(records: Records, name: CollectionName, ids: readonly string[]): Records {
  const gone = new Set(ids);
  return { ...records, [name]: records[name].filter(({ id }) => !gone.has(id)) };
}
