import type { z } from 'zod';
import { formulaSchema, type Formula } from '@/core/formula';
import { batchSchema, type Batch } from '@/core/records';
import { settingsSchema, type Settings } from '@/core/workshop';
import { STORE_NAMES, type StoreName, type WorkshopDb } from './open';

export interface StoredWorkshop {
  readonly formulas: readonly Formula[];
  readonly batches: readonly Batch[];
  readonly settings: Settings | null;
  /** Records that do not fit their schema: left in the database, said to the maker. */
  readonly unreadable: readonly string[];
}

/** Reads everything that is stored. */
export async function loadWorkshop(db: WorkshopDb): Promise<StoredWorkshop> {
  const tx = db.transaction(STORE_NAMES);
  const [formulas, batches, settings] = await Promise.all([
    tx.objectStore('formulas').getAll(),
    tx.objectStore('batches').getAll(),
    tx.objectStore('settings').getAll(),
    tx.done,
  ]);
  const unreadable: string[] = [];
  return {
    formulas: fitting(formulaSchema, formulas, unreadable),
    batches: fitting(batchSchema, batches, unreadable),
    settings: fitting(settingsSchema, settings, unreadable)[0] ?? null,
    unreadable,
  };
}

/** Writes records and removes ids in one transaction: all of it or nothing. */
export async function changeWorkshop(
  db: WorkshopDb,
  change: {
    readonly formulas?: readonly Formula[];
    readonly batches?: readonly Batch[];
    readonly settings?: Settings;
    readonly removed?: readonly { readonly store: StoreName; readonly id: string }[];
  },
): Promise<void> {
  const tx = db.transaction(STORE_NAMES, 'readwrite');
  const requests = [
    ...(change.formulas ?? []).map((formula) => tx.objectStore('formulas').put(formula)),
    ...(change.batches ?? []).map((batch) => tx.objectStore('batches').put(batch)),
    ...(change.settings ? [tx.objectStore('settings').put(change.settings)] : []),
    ...(change.removed ?? []).map(({ store, id }) => tx.objectStore(store).delete(id)),
  ];
  // Said at once: a page that dies now has already asked the browser to keep it.
  tx.commit();
  await Promise.all([...requests, tx.done]);
}

function fitting<S extends z.ZodType>(
  schema: S,
  records: readonly unknown[],
  unreadable: string[],
): z.infer<S>[] {
  return records.flatMap((record) => {
    const parsed = schema.safeParse(record);
    if (parsed.success) return [parsed.data];
    const named = record as { name?: unknown; code?: unknown; id?: unknown };
    unreadable.push(String(named.name ?? named.code ?? named.id));
    return [];
  });
}
