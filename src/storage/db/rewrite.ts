import type { IDBPTransaction } from 'idb';
import { digestOf } from '@/core/goods/archive/batchDigest';
import { usesOf } from '@/core/goods/archive/movesOfArchived';
import { batchSchema } from '@/core/batches/records/schema';
import { STORE_NAMES, type StoreName } from '../records/keys';
import { upgraded } from '../upgrades/upgrades';
import type { Plain } from '../upgrades/plain';
import type { OTHER_STORES, WorkshopSchema } from './layout';

/** Everything stored as this release stores it, in the transaction of the new version: all of it or nothing. */
export async function rewrite(
  tx: IDBPTransaction<
    WorkshopSchema,
    (StoreName | 'stamps' | (typeof OTHER_STORES)[number])[],
    'versionchange'
  >,
  fromVersion: number,
): Promise<void> {
  // Older records are of no type of this release.
  const untyped = tx as unknown as IDBPTransaction<unknown, StoreName[], 'versionchange'>;
  const stored: Record<string, readonly Plain[]> = {};
  for (const name of STORE_NAMES) stored[name] = await untyped.objectStore(name).getAll();
  const records = upgraded(stored, fromVersion);
  for (const name of STORE_NAMES)
    for (const record of records[name] ?? []) await untyped.objectStore(name).put(record);
  await tx.objectStore('digests').clear();
  for (const stored of records.batches ?? []) {
    const batch = batchSchema.safeParse(stored).data;
    if (!batch) await tx.objectStore('untold').put({ id: String(stored.id) });
    else {
      await tx.objectStore('digests').put(digestOf(batch));
      await tx.objectStore('uses').put(usesOf(batch));
    }
  }
}
