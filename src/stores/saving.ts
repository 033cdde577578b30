import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { Settings } from '@/core/workshop';
import {
  COLLECTION_NAMES,
  changeWorkshop,
  openWorkshopDb,
  type CollectionName,
  type Records,
  type WorkshopChange,
  type WorkshopDb,
} from '@/storage/db';

export type SaveStatus =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly message: string };

/** By `collection/id`: the record, or null for one that goes. */
type Waiting = {
  records: Map<
    string,
    { name: CollectionName; id: string; record: Records[CollectionName][number] | null }
  >;
  settings: Settings | null;
};

/**
 * Saves as it happens: a change is written at once; changes made during a write are gathered and written next.
 * A failed write says so, keeps what it could not write and tries again with the next change.
 */
export const useSavingStore = defineStore('saving', () => {
  const status = ref<SaveStatus>({ kind: 'saved' });
  let db: WorkshopDb | null = null;
  let waiting = nothingWaiting();
  let running: Promise<void> | null = null;
  let otherTabs: BroadcastChannel | null = null;

  async function open(name: string): Promise<WorkshopDb> {
    db = await openWorkshopDb(name, {
      onBlocked: () => fail('another tab holds this workshop open: close it'),
      onTerminated: () => fail('the browser closed the store: reload the page'),
    });
    return db;
  }

  /** Calls back when another tab of this workshop has written something. */
  function onOtherTab(changed: () => void): void {
    otherTabs = new BroadcastChannel('rovack');
    otherTabs.addEventListener('message', changed);
  }

  function save<K extends CollectionName>(name: K, records: Records[K]): void {
    for (const record of records)
      waiting.records.set(`${name}/${record.id}`, { name, id: record.id, record });
    void flush();
  }

  function saveSettings(settings: Settings): void {
    waiting.settings = settings;
    void flush();
  }

  function remove(name: CollectionName, ids: readonly string[]): void {
    for (const id of ids) waiting.records.set(`${name}/${id}`, { name, id, record: null });
    void flush();
  }

  /** Resolves when everything given so far is written, or has failed. */
  function flush(): Promise<void> {
    running ??= writeAll().finally(() => {
      running = null;
    });
    return running;
  }

  async function writeAll(): Promise<void> {
    while (waiting.records.size > 0 || waiting.settings !== null) {
      const batch = waiting;
      waiting = nothingWaiting();
      status.value = { kind: 'saving' };
      try {
        if (!db) throw new Error('the store of this browser is not open');
        await changeWorkshop(db, changeOf(batch));
        status.value = { kind: 'saved' };
        otherTabs?.postMessage('changed');
      } catch (error) {
        // What failed, overlaid by what came since.
        waiting = {
          records: new Map([...batch.records, ...waiting.records]),
          settings: waiting.settings ?? batch.settings,
        };
        fail(reasonOf(error));
        return;
      }
    }
  }

  function fail(reason: string): void {
    status.value = {
      kind: 'failed',
      message: `Not saved: ${reason}. What you see is all still here: export your workshop to be safe.`,
    };
  }

  return { status, open, onOtherTab, save, saveSettings, remove, flush };
});

/** A full store is said in plain words; everything else as the browser puts it. */
function reasonOf(error: unknown): string {
  if (error instanceof DOMException && error.name === 'QuotaExceededError')
    return 'the storage of this browser is full';
  return error instanceof Error ? error.message : String(error);
}

function nothingWaiting(): Waiting {
  return { records: new Map(), settings: null };
}

function changeOf({ records, settings }: Waiting): WorkshopChange {
  const entries = [...records.values()];
  const put = COLLECTION_NAMES.map((name) => [
    name,
    entries.flatMap((entry) => (entry.name === name && entry.record ? [entry.record] : [])),
  ]);
  return {
    ...(Object.fromEntries(put) as Partial<Records>),
    ...(settings && { settings }),
    removed: entries.flatMap(({ name, id, record }) =>
      record === null ? [{ store: name, id }] : [],
    ),
  };
}
