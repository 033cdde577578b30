import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { Formula } from '@/core/formula';
import type { Batch } from '@/core/records';
import type { Settings } from '@/core/workshop';
import { changeWorkshop, openWorkshopDb, type StoreName, type WorkshopDb } from '@/storage/db';

export type SaveStatus =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly message: string };

type Waiting = {
  formulas: Map<string, Formula>;
  batches: Map<string, Batch>;
  settings: Settings | null;
  removed: Map<string, { store: StoreName; id: string }>;
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

  function saveFormula(formula: Formula): void {
    waiting.formulas.set(formula.id, formula);
    void flush();
  }

  function saveBatch(batch: Batch): void {
    waiting.batches.set(batch.id, batch);
    void flush();
  }

  function saveSettings(settings: Settings): void {
    waiting.settings = settings;
    void flush();
  }

  function remove(store: StoreName, ids: readonly string[]): void {
    for (const id of ids) {
      waiting.removed.set(`${store}/${id}`, { store, id });
      if (store === 'formulas') waiting.formulas.delete(id);
      if (store === 'batches') waiting.batches.delete(id);
    }
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
    while (hasWaiting(waiting)) {
      const batch = waiting;
      waiting = nothingWaiting();
      status.value = { kind: 'saving' };
      try {
        if (!db) throw new Error('the store of this browser is not open');
        await changeWorkshop(db, {
          formulas: [...batch.formulas.values()],
          batches: [...batch.batches.values()],
          ...(batch.settings && { settings: batch.settings }),
          removed: [...batch.removed.values()],
        });
        status.value = { kind: 'saved' };
        otherTabs?.postMessage('changed');
      } catch (error) {
        waiting = mergeWaiting(batch, waiting);
        fail(error instanceof Error ? error.message : String(error));
        return;
      }
    }
  }

  function fail(reason: string): void {
    status.value = {
      kind: 'failed',
      message: `Not saved: ${reason}. Export your workshop to be safe.`,
    };
  }

  return { status, open, onOtherTab, saveFormula, saveBatch, saveSettings, remove, flush };
});

function nothingWaiting(): Waiting {
  return { formulas: new Map(), batches: new Map(), settings: null, removed: new Map() };
}

function hasWaiting({ formulas, batches, settings, removed }: Waiting): boolean {
  return formulas.size + batches.size + removed.size > 0 || settings !== null;
}

/** What failed, overlaid by what came since. */
function mergeWaiting(failed: Waiting, since: Waiting): Waiting {
  return {
    formulas: new Map([...failed.formulas, ...since.formulas]),
    batches: new Map([...failed.batches, ...since.batches]),
    settings: since.settings ?? failed.settings,
    removed: new Map([...failed.removed, ...since.removed]),
  };
}
