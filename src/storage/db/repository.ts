import type { Settings } from '@/core/workshop';
import { COLLECTION_NAMES, type Records } from '../collections';
import { soundRecords, type Refused } from '../soundness';
import { STORE_NAMES, type StoreName } from '../keys';
import type { WorkshopDb } from './open';

export interface StoredWorkshop {
  readonly records: Records;
  readonly settings: Settings | null;
  /** Records that are not whole: left in the database, said to the maker. */
  readonly refused: readonly Refused[];
}

/** Reads everything that is stored. */
export async function loadWorkshop(db: WorkshopDb): Promise<StoredWorkshop> {
  const tx = db.transaction(STORE_NAMES);
  const stored = new Map<StoreName, readonly unknown[]>();
  await Promise.all(
    STORE_NAMES.map(async (name) => stored.set(name, await tx.objectStore(name).getAll())),
  );
  await tx.done;
  return soundRecords(
    Object.fromEntries(COLLECTION_NAMES.map((name) => [name, stored.get(name) ?? []])),
    stored.get('settings')?.[0] ?? null,
  );
}
