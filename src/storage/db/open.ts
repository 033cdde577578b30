import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb';
import type { Settings } from '@/core/workshop';
import { COLLECTION_NAMES, type CollectionName, type Records } from '../collections';
import { batchTo3, formulaTo2, settingsTo2, settingsTo3, toolsOf2 } from '../upgrades';

type Collections = {
  [K in CollectionName]: { key: string; value: Records[K][number] };
};
export interface WorkshopSchema extends DBSchema, Collections {
  settings: { key: string; value: Settings };
}

export const STORE_NAMES = [...COLLECTION_NAMES, 'settings'] as const;
export type StoreName = CollectionName | 'settings';
export type WorkshopDb = IDBPDatabase<WorkshopSchema>;

const DATABASE_VERSION = 3;

type Upgrade = IDBPTransaction<WorkshopSchema, StoreName[], 'versionchange'>;
type Plain = Record<string, unknown>;

/** Every record of a store as the next format has it, in the same transaction as the new version. */
async function rewrite(
  tx: Upgrade,
  name: StoreName,
  change: (record: Plain) => Plain,
): Promise<void> {
  const store = tx.objectStore(name);
  for (const record of await store.getAll()) await store.put(change({ ...record }) as never);
}

async function upgradeTo3(tx: Upgrade): Promise<void> {
  const tools = tx.objectStore('tools');
  for (const settings of await tx.objectStore('settings').getAll())
    for (const tool of toolsOf2({ ...settings })) await tools.put(tool as never);
  await rewrite(tx, 'batches', batchTo3);
  await rewrite(tx, 'settings', settingsTo3);
}

/** What the browser may do to an open database behind its back. */
export interface DbEvents {
  /** Another tab holds an older version open: the page waits. */
  readonly onBlocked?: () => void;
  /** The browser closed the database: nothing is saved until a reload. */
  readonly onTerminated?: () => void;
}

/** Opens the workshop's database and creates what is missing. */
export function openWorkshopDb(name: string, events: DbEvents = {}): Promise<WorkshopDb> {
  return openDB<WorkshopSchema>(name, DATABASE_VERSION, {
    async upgrade(db, oldVersion, _newVersion, tx) {
      for (const store of STORE_NAMES)
        if (!db.objectStoreNames.contains(store)) db.createObjectStore(store, { keyPath: 'id' });
      if (oldVersion === 1) {
        await rewrite(tx, 'formulas', formulaTo2);
        await rewrite(tx, 'settings', settingsTo2);
      }
      if (oldVersion >= 1 && oldVersion < 3) await upgradeTo3(tx);
    },
    blocked: () => events.onBlocked?.(),
    blocking: (_current, _next, event) => (event.target as IDBDatabase).close(),
    terminated: () => events.onTerminated?.(),
  });
}
