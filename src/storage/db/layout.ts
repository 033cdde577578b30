import type { DBSchema, IDBPDatabase } from 'idb';
import type { BatchDigest } from '@/core/goods/archive/batchDigest';
import type { ArchivedUses } from '@/core/goods/archive/movesOfArchived';
import type { Photo } from '@/core/batches/records/photo';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { CollectionName } from '../records/names';
import type { RecordOf } from '../records/collections';
import type { FolderHandle, FolderState } from './folderState';
import type { OwnDevice, Stamp } from './stamps';

type Collections = {
  [K in Exclude<CollectionName, 'photos'>]: { key: string; value: RecordOf<K> };
};
export interface WorkshopSchema extends DBSchema, Collections {
  photos: { key: string; value: Photo; indexes: { byBatch: string } };
  settings: { key: string; value: Settings };
  /** What is told of a batch without reading it. */
  digests: { key: string; value: BatchDigest };
  /** What a batch took off lots: read when stocks are asked. */
  uses: { key: string; value: ArchivedUses };
  /** Batches that were not whole when an older release’s were brought up: they are read, and said. */
  untold: { key: string; value: { readonly id: string } };
  stamps: { key: string; value: Stamp; indexes: { bySeq: number } };
  device: { key: string; value: OwnDevice };
  folder: { key: string; value: FolderState };
  handle: { key: string; value: FolderHandle };
}

export type WorkshopDb = IDBPDatabase<WorkshopSchema>;

/** Beside the records; each keyed by id. */
export const OTHER_STORES = ['digests', 'uses', 'untold', 'device', 'folder', 'handle'] as const;
