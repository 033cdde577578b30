import type { IDBPTransaction } from 'idb';
import { digestOf } from '@/core/goods/archive/batchDigest';
import { usesOf } from '@/core/goods/archive/movesOfArchived';
import type { Batch } from '@/core/batches/records/schema';
import type { StoreName } from '../records/keys';
import type { WorkshopSchema } from './layout';
import type { WRITTEN_STORES } from './stamps';

/** A transaction that may write records. */
export type Writing = IDBPTransaction<WorkshopSchema, typeof WRITTEN_STORES, 'readwrite'>;

/** Asks for a record to be stored, or, when it is null, to go. What is told of a batch without reading it goes along. */
export function putRecord(
  tx: Writing,
  store: StoreName,
  id: string,
  record: unknown,
): readonly Promise<unknown>[] {
  const isBatch = store === 'batches';
  if (record === null)
    return [
      tx.objectStore(store).delete(id),
      ...(isBatch
        ? (['digests', 'uses', 'untold'] as const).map((of) => tx.objectStore(of).delete(id))
        : []),
    ];
  return [
    tx.objectStore(store).put(record as never),
    ...(isBatch
      ? [
          tx.objectStore('digests').put(digestOf(record as Batch)),
          tx.objectStore('uses').put(usesOf(record as Batch)),
          tx.objectStore('untold').delete(id),
        ]
      : []),
  ];
}
