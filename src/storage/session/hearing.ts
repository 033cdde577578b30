import { sameData } from '@/core/basics/sameData';
import type { BatchDigest } from '@/core/goods/archive/batchDigest';
import type { Message } from '../channel';
import type { WorkshopDb } from '../db/layout';
import { STORE_NAMES, partsOf, type Key } from '../records/keys';
import type { WriteQueue } from './writeQueue';

/** Of more records than these written elsewhere at once, batches that are not at hand are told in short. */
const MOST_TO_READ = 5;
/** So many records of others are shown in one go. */
const READ_AT_ONCE = 500;

/**
 * What another tab has written: what this one has not changed itself since.
 * @param onChanged told each bundle of records as they now are, null for those that are gone
 * @param onPast told batches that are not at hand here, in short: a file of thousands is no reason to hold them all
 */
export async function hear(
  db: WorkshopDb,
  queue: WriteQueue,
  { keys }: Message,
  onChanged: (changed: ReadonlyArray<readonly [Key, unknown]>) => void,
  onPast: (digests: readonly BatchDigest[]) => void,
): Promise<void> {
  const isMany = keys.length > MOST_TO_READ;
  const isToTell = (key: Key) => isMany && key.startsWith('batches/') && !queue.known.has(key);
  const toTell = keys.filter(isToTell);
  const read = keys.filter((key) => !isToTell(key));
  for (let first = 0; first < read.length; first += READ_AT_ONCE) {
    const changed = await changedOf(db, queue, read.slice(first, first + READ_AT_ONCE));
    if (changed.length > 0) onChanged(changed);
  }
  // The last to be told: what is worked with among them is read then, and goods say which that is.
  if (toTell.length > 0) onPast(await digestsNow(db, toTell));
}

async function digestsNow(db: WorkshopDb, keys: readonly Key[]): Promise<readonly BatchDigest[]> {
  const tx = db.transaction('digests');
  const told = await Promise.all(keys.map((key) => tx.store.get(partsOf(key)[1])));
  return told.filter((one) => one !== undefined);
}

async function changedOf(
  db: WorkshopDb,
  queue: WriteQueue,
  keys: readonly Key[],
): Promise<ReadonlyArray<readonly [Key, unknown]>> {
  const { parseRecord } = await import('../records/parseRecord');
  const changed: (readonly [Key, unknown])[] = [];
  for (const [key, there] of await storedNow(db, queue, keys)) {
    // Looked at again, as the hand may have changed it meanwhile: then the write merges both.
    if (queue.isWaiting(key)) continue;
    const record = there === undefined ? null : parseRecord(key, there);
    if (record === undefined) continue;
    const isGonePast = record === null && !queue.known.has(key) && key.startsWith('batches/');
    if (sameData(record, queue.known.get(key) ?? null) && !isGonePast) continue;
    queue.known.set(key, record ?? undefined);
    changed.push([key, record]);
  }
  return changed;
}

/** What the database holds of some records once nothing is being written. */
async function storedNow(
  db: WorkshopDb,
  queue: WriteQueue,
  keys: readonly Key[],
): Promise<ReadonlyMap<Key, unknown>> {
  for (;;) {
    await queue.idle();
    const tx = db.transaction(STORE_NAMES);
    const stored = await Promise.all(
      keys.map(async (key) => {
        const [store, id] = partsOf(key);
        return [key, await tx.objectStore(store).get(id)] as const;
      }),
    );
    if (await queue.idle()) return new Map(stored);
  }
}
