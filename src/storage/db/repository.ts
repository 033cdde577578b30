import type { z } from 'zod';
import { allLines, type FormulaBody } from '@/core/formula';
import { isShipped } from '@/core/materials';
import { settingsSchema, type Settings } from '@/core/workshop';
import { COLLECTIONS, COLLECTION_NAMES, type CollectionName, type Records } from '../collections';
import { STORE_NAMES, type StoreName, type WorkshopDb } from './open';

export interface StoredWorkshop {
  readonly records: Records;
  readonly settings: Settings | null;
  /** Records that do not fit their schema: left in the database, said to the maker. */
  readonly unreadable: readonly string[];
}

/** Reads everything that is stored. */
export async function loadWorkshop(db: WorkshopDb): Promise<StoredWorkshop> {
  const tx = db.transaction(STORE_NAMES);
  const unreadable: string[] = [];
  const read = await Promise.all(
    COLLECTION_NAMES.map(async (name) => {
      const stored: readonly unknown[] = await tx.objectStore(name).getAll();
      return [name, fitting(COLLECTIONS[name], stored, unreadable)] as const;
    }),
  );
  const settings = await tx.objectStore('settings').getAll();
  await tx.done;
  const records = Object.fromEntries(read) as unknown as Records;
  return {
    records: withKnownMaterials(records, unreadable),
    settings: fitting(settingsSchema, settings, unreadable)[0] ?? null,
    unreadable,
  };
}

/** What is to be written; a collection that is not named stays as it is. */
export type WorkshopChange = Partial<Records> & {
  readonly settings?: Settings;
  readonly removed?: readonly { readonly store: StoreName; readonly id: string }[];
};

/** Writes records and removes ids in one transaction: all of it or nothing. */
export async function changeWorkshop(db: WorkshopDb, change: WorkshopChange): Promise<void> {
  const tx = db.transaction(STORE_NAMES, 'readwrite');
  const requests = [
    ...COLLECTION_NAMES.flatMap((name: CollectionName) =>
      (change[name] ?? []).map((record) => tx.objectStore(name).put(record as never)),
    ),
    ...(change.settings ? [tx.objectStore('settings').put(change.settings)] : []),
    ...(change.removed ?? []).map(({ store, id }) => tx.objectStore(store).delete(id)),
  ];
  // Said at once: a page that dies now has already asked the browser to keep it.
  tx.commit();
  await Promise.all([...requests, tx.done]);
}

/** A formula or a batch of a material that nobody knows any more stays in the database and off the screens. */
function withKnownMaterials(records: Records, unreadable: string[]): Records {
  const own = new Set(
    records.materials.filter(({ likeId }) => isShipped(likeId)).map(({ id }) => id),
  );
  const knows = (id: string) => own.has(id) || isShipped(id);
  const stray = (bodies: readonly FormulaBody[]) =>
    bodies.flatMap(allLines).find(({ materialId }) => !knows(materialId))?.materialId;
  const say = (name: string, materialId: string | undefined) => {
    if (materialId !== undefined)
      unreadable.push(`${name} (its material ${materialId} is on no shelf)`);
    return materialId === undefined;
  };
  return {
    ...records,
    formulas: records.formulas.filter(({ name, body, versions }) =>
      say(name, stray([body, ...versions.map((version) => version.body)])),
    ),
    batches: records.batches.filter(({ code, body }) => say(code, stray([body]))),
    lots: records.lots.filter(({ code, materialId }) =>
      say(code, knows(materialId) ? undefined : materialId),
    ),
  };
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
