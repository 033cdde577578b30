import type { IDBPTransaction } from 'idb';
import { pastOf } from '@/core/past';
import type { Batch } from '@/core/records';
import type { StoreName } from '../keys';
import type { WorkshopSchema } from './open';
import type { WRITTEN_STORES } from './stamps';

/** A transaction that may write records. */
type Writing = IDBPTransaction<WorkshopSchema, typeof WRITTEN_STORES, 'readwrite'>;

/** Asks for a record to be stored, or, when it is null, to go. What is told of a batch without reading it goes along. */
export function putRecord(
  tx: Writing,
  store: StoreName,
  id: string,
  record: unknown,
): readonly Promise<unknown>[] {
  if (record === null)
    return [
      tx.objectStore(store).delete(id),
      ...(store === 'batches' ? [tx.objectStore('digests').delete(id)] : []),
    ];
  return [
    tx.objectStore(store).put(record as never),
    ...(store === 'batches' ? [tx.objectStore('digests').put(pastOf(record as Batch))] : []),
  ];
}
