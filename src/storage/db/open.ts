import { openDB } from 'idb';
import { STORE_NAMES } from '../records/keys';
import { STORED_VERSION } from '../upgrades/version';
import { OTHER_STORES, type WorkshopDb, type WorkshopSchema } from './layout';

/** What the browser may do to an open database behind its back. */
export interface DbEvents {
  /** There is no database of this name yet: told before one is made. */
  readonly onAbsent?: () => void;
  /** Nothing was stored under this name. @param isDamaged the browser has just thrown away what was */
  readonly onNew?: (isDamaged: boolean) => void;
  /** Another tab holds an older version open: the page waits. */
  readonly onBlocked?: () => void;
  /** A newer release opened the database in another tab: this one has stepped aside, and writes no more. */
  readonly onOutdated?: () => void;
  /** Somebody cleared the database away, behind the page’s back: it is closed. */
  readonly onDeleted?: () => void;
  /** The browser closed the database: nothing is saved until a reload. */
  readonly onTerminated?: () => void;
}

/** Opens the workshop's database, creates what is missing and brings what an older release stored up. */
export async function openWorkshopDb(name: string, events: DbEvents = {}): Promise<WorkshopDb> {
  if (typeof indexedDB === 'undefined') throw new Error('this browser has no database for pages');
  // Loaded beforehand: a transaction does not wait for it.
  const stored = await storedVersion(name);
  if (stored === 0) events.onAbsent?.();
  const mayBeOlder = stored === null || (stored >= 1 && stored < STORED_VERSION);
  const older = mayBeOlder ? await import('./rewrite') : null;
  return openDB<WorkshopSchema>(name, STORED_VERSION, {
    // The database waits for what this begins in its transaction.
    // eslint-disable-next-line @typescript-eslint/no-misused-promises
    async upgrade(db, oldVersion, _newVersion, tx, event) {
      for (const store of STORE_NAMES)
        if (!db.objectStoreNames.contains(store)) db.createObjectStore(store, { keyPath: 'id' });
      if (!db.objectStoreNames.contains('stamps'))
        db.createObjectStore('stamps', { keyPath: 'id' }).createIndex('bySeq', 'seq');
      for (const store of OTHER_STORES)
        if (!db.objectStoreNames.contains(store)) db.createObjectStore(store, { keyPath: 'id' });
      const photos = tx.objectStore('photos');
      if (!photos.indexNames.contains('byBatch')) photos.createIndex('byBatch', 'batchId');
      if (oldVersion >= 1 && !older)
        throw new Error('an older Rovack just stored data here. Reload this page');
      if (oldVersion >= 1) await older?.rewrite(tx, oldVersion);
      else events.onNew?.((event as { readonly dataLoss?: string }).dataLoss === 'total');
    },
    blocked: () => events.onBlocked?.(),
    blocking: (_current, next, event) => {
      if (event.target instanceof IDBDatabase) event.target.close();
      if (next === null) events.onDeleted?.();
      else events.onOutdated?.();
    },
    terminated: () => events.onTerminated?.(),
  });
}

/** The version of what is stored: 0 where nothing is, null where the browser does not tell. */
async function storedVersion(name: string): Promise<number | null> {
  if (!('databases' in indexedDB)) return null;
  const stored = await indexedDB.databases().catch(() => null);
  return stored && (stored.find((one) => one.name === name)?.version ?? 0);
}
