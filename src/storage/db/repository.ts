import { idsAtHand } from '@/core/goods/archive/atHand';
import { digestOf, type BatchDigest } from '@/core/goods/archive/batchDigest';
import type { GoodsMove } from '@/core/goods/products/schema';
import type { Batch } from '@/core/batches/records/schema';
import type { Photo } from '@/core/batches/records/photo';
import type { DocumentFile } from '@/core/results/scent/documents';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import { recordsFrom, type RecordOf, type Records } from '../records/collections';
import { STORE_NAMES } from '../records/keys';
import type { Refused } from '../validation/refused';
import type { WorkshopDb } from './layout';
import { knownDevice, ownDevice } from './stamps';

export interface StoredWorkshop {
  /** Everything, but for archived batches, photos and attached files, which are read when somebody looks at them. */
  readonly records: Records;
  /** Every batch that is stored and whole, in short. */
  readonly digests: readonly BatchDigest[];
  readonly settings: Settings | null;
  /** Records that are not whole: left in the database, said to the maker. */
  readonly refused: readonly Refused[];
}

/** Read when they are looked at. */
const LATER: readonly CollectionName[] = ['batches', 'photos', 'documentFiles'];

/**
 * Reads everything but archived batches, photos and attached files.
 * @param nowMs which batches are archived depends on it
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
  const [own, untold, lists, settings, digests] = await Promise.all([
    knownDevice(tx.objectStore('device')),
    tx.objectStore('untold').getAllKeys(),
    Promise.all(now.map(async (name) => [name, await tx.objectStore(name).getAll()] as const)),
    tx.objectStore('settings').getAll(),
    tx.objectStore('digests').getAll(),
  ]);
  const isSound = build !== null && own?.soundBy === build;
  const stored = Object.fromEntries(lists);
  const wanted = [
    ...idsAtHand(digests, (stored.goods ?? []) as readonly GoodsMove[], nowMs),
    ...untold,
  ];
  const batches = await Promise.all(wanted.map((id) => tx.objectStore('batches').get(id)));
  await tx.done;
  const all: Partial<Record<CollectionName, readonly unknown[]>> = {
    ...stored,
    batches: batches.filter((one) => one !== undefined),
  };
  const isEmpty = settings.length === 0 && Object.values(all).every((list) => list.length === 0);
  if (build !== null && isEmpty) foundSound(db, build).catch(() => undefined);
  if (isEmpty || isSound)
    return {
      records: recordsFrom(
        <K extends CollectionName>(name: K) => (all[name] ?? []) as RecordOf<K>[],
      ),
      settings: settings[0] ?? null,
      refused: [],
      digests,
    };
  const { validRecords } = await import('../validation/validRecords');
  const sound = validRecords(all, settings[0] ?? null, new Set(), 'own storage');
  if (build !== null && sound.refused.length === 0) await foundSound(db, build);
  const told = new Set(digests.map(({ id }) => id));
  const newlyTold = sound.records.batches.filter(({ id }) => !told.has(id)).map(digestOf);
  return { ...sound, digests: [...digests, ...newlyTold] };
}

async function foundSound(db: WorkshopDb, build: string): Promise<void> {
  const tx = db.transaction('device', 'readwrite');
  await tx.store.put({ ...(await ownDevice(tx.store)), soundBy: build });
  await tx.done;
}

export interface LoadedBatches {
  readonly batches: readonly Batch[];
  readonly refused: readonly Refused[];
}

/** Batches by their ids, as far as they are stored and whole. @param materials ids of materials of one’s own */
export async function batchesOf(
  db: WorkshopDb,
  ids: readonly string[],
  materials: ReadonlySet<string>,
): Promise<LoadedBatches> {
  const tx = db.transaction('batches');
  const stored = await Promise.all(ids.map((id) => tx.store.get(id)));
  const { validRecords } = await import('../validation/validRecords');
  const { records, refused } = validRecords(
    { batches: stored.filter(Boolean) },
    null,
    materials,
    'own storage',
  );
  return { batches: records.batches, refused };
}

/** The photos of a batch. */
export async function photosOf(db: WorkshopDb, batchId: string): Promise<readonly Photo[]> {
  const stored = await db.getAllFromIndex('photos', 'byBatch', batchId);
  const { validRecords } = await import('../validation/validRecords');
  return validRecords({ photos: stored }, null, new Set(), 'own storage').records.photos;
}

/** The files of these documents, as far as they are stored and whole. */
export async function documentFilesOf(
  db: WorkshopDb,
  ids: readonly string[],
): Promise<readonly DocumentFile[]> {
  const tx = db.transaction('documentFiles');
  const stored = await Promise.all(ids.map((id) => tx.store.get(id)));
  const { validRecords } = await import('../validation/validRecords');
  return validRecords({ documentFiles: stored.filter(Boolean) }, null, new Set(), 'own storage')
    .records.documentFiles;
}
