import { idsAtHand, pastOf, type PastBatch } from '@/core/past';
import type { GoodsMove } from '@/core/goods';
import type { Batch, Photo } from '@/core/records';
import type { Settings } from '@/core/workshop';
import {
  COLLECTION_NAMES,
  recordsFrom,
  type CollectionName,
  type RecordOf,
  type Records,
} from '../collections';
import { STORE_NAMES } from '../keys';
import type { Refused } from '../soundness';
import type { WorkshopDb } from './layout';
import { ownDevice } from './stamps';

export interface StoredWorkshop {
  /** Everything, but for past batches and for photos: those are read when they are looked at. */
  readonly records: Records;
  /** Every batch that is stored and whole, in short. */
  readonly digests: readonly PastBatch[];
  readonly settings: Settings | null;
  /** Records that are not whole: left in the database, said to the maker. */
  readonly refused: readonly Refused[];
}

/** Read when they are looked at. */
const LATER: readonly CollectionName[] = ['batches', 'photos'];

/**
 * Reads what is worked with.
 * @param nowMs what is past is told by it
 * @param build this build of the application: records that it has found whole before are not looked through again, as
 *   only whole ones are written; none in a test
 */
export async function loadWorkshop(
  db: WorkshopDb,
  nowMs = Date.now(),
  build: string | null = null,
): Promise<StoredWorkshop> {
  const tx = db.transaction([...STORE_NAMES, 'digests', 'untold', 'device']);
  const now = COLLECTION_NAMES.filter((name) => !LATER.includes(name));
  const [lists, settings, digests, untold, own] = await Promise.all([
    Promise.all(now.map(async (name) => [name, await tx.objectStore(name).getAll()] as const)),
    tx.objectStore('settings').getAll(),
    tx.objectStore('digests').getAll(),
    tx.objectStore('untold').getAllKeys(),
    tx.objectStore('device').get('own'),
  ]);
  const stored = Object.fromEntries(lists);
  const wanted = idsAtHand(digests, (stored.goods ?? []) as readonly GoodsMove[], nowMs);
  const batches = await Promise.all(
    [...wanted, ...untold].map((id) => tx.objectStore('batches').get(id)),
  );
  await tx.done;
  const all: Partial<Record<CollectionName, readonly unknown[]>> = {
    ...stored,
    batches: batches.filter((one) => one !== undefined),
  };
  const isEmpty = settings.length === 0 && Object.values(all).every((list) => list.length === 0);
  if (build !== null && isEmpty) await foundSound(db, build);
  if (isEmpty || (build !== null && own?.soundBy === build))
    return {
      records: recordsFrom(
        <K extends CollectionName>(name: K) => (all[name] ?? []) as RecordOf<K>[],
      ),
      settings: settings[0] ?? null,
      refused: [],
      digests,
    };
  const { soundRecords } = await import('../soundness');
  const sound = soundRecords(all, settings[0] ?? null);
  if (build !== null && sound.refused.length === 0) await foundSound(db, build);
  const told = new Set(digests.map(({ id }) => id));
  const newlyTold = sound.records.batches.filter(({ id }) => !told.has(id)).map(pastOf);
  return { ...sound, digests: [...digests, ...newlyTold] };
}

async function foundSound(db: WorkshopDb, build: string): Promise<void> {
  const tx = db.transaction('device', 'readwrite');
  await tx.store.put({ ...(await ownDevice(tx.store)), soundBy: build });
  await tx.done;
}

export interface BroughtBatches {
  readonly batches: readonly Batch[];
  readonly refused: readonly Refused[];
}

/** Batches by their ids, as far as they are stored and whole. @param materials ids of materials of one’s own */
export async function batchesOf(
  db: WorkshopDb,
  ids: readonly string[],
  materials: ReadonlySet<string>,
): Promise<BroughtBatches> {
  const tx = db.transaction('batches');
  const stored = await Promise.all(ids.map((id) => tx.store.get(id)));
  const { soundRecords } = await import('../soundness');
  const { records, refused } = soundRecords({ batches: stored.filter(Boolean) }, null, materials);
  return { batches: records.batches, refused };
}

/** The photos of a batch. */
export async function photosOf(db: WorkshopDb, batchId: string): Promise<readonly Photo[]> {
  const stored = await db.getAllFromIndex('photos', 'byBatch', batchId);
  const { soundRecords } = await import('../soundness');
  return soundRecords({ photos: stored }, null).records.photos;
}
