import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Formula } from '@/core/formula';
import type { Batch } from '@/core/records';
import type { Settings } from '@/core/workshop';

export interface WorkshopSchema extends DBSchema {
  formulas: { key: string; value: Formula };
  batches: { key: string; value: Batch };
  settings: { key: string; value: Settings };
}

export const STORE_NAMES = ['formulas', 'batches', 'settings'] as const;
export type StoreName = (typeof STORE_NAMES)[number];
export type WorkshopDb = IDBPDatabase<WorkshopSchema>;

const DATABASE_VERSION = 1;

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
    upgrade(db, oldVersion) {
      if (oldVersion < 1)
        for (const store of STORE_NAMES) db.createObjectStore(store, { keyPath: 'id' });
    },
    blocked: () => events.onBlocked?.(),
    blocking: (_current, _next, event) => (event.target as IDBDatabase).close(),
    terminated: () => events.onTerminated?.(),
  });
}
