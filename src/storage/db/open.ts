import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb';
import type { Formula } from '@/core/formula';
import type { Batch } from '@/core/records';
import type { Settings } from '@/core/workshop';
import { formulaTo2, settingsTo2 } from '../upgrades';

export interface WorkshopSchema extends DBSchema {
  formulas: { key: string; value: Formula };
  batches: { key: string; value: Batch };
  settings: { key: string; value: Settings };
}

export const STORE_NAMES = ['formulas', 'batches', 'settings'] as const;
export type StoreName = (typeof STORE_NAMES)[number];
export type WorkshopDb = IDBPDatabase<WorkshopSchema>;

const DATABASE_VERSION = 2;

/** Records of format 1 as format 2 has them, in the same transaction as the new version. */
async function upgradeTo2(
  tx: IDBPTransaction<WorkshopSchema, typeof STORE_NAMES, 'versionchange'>,
): Promise<void> {
  const formulas = tx.objectStore('formulas');
  for (const formula of await formulas.getAll())
    await formulas.put(formulaTo2({ ...formula }) as Formula);
  const settings = tx.objectStore('settings');
  for (const kept of await settings.getAll())
    await settings.put(settingsTo2({ ...kept }) as Settings);
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
      if (oldVersion < 1)
        for (const store of STORE_NAMES) db.createObjectStore(store, { keyPath: 'id' });
      else if (oldVersion < 2) await upgradeTo2(tx);
    },
    blocked: () => events.onBlocked?.(),
    blocking: (_current, _next, event) => (event.target as IDBDatabase).close(),
    terminated: () => events.onTerminated?.(),
  });
}
