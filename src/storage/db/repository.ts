import type { z } from 'zod';
import { allLines, type FormulaBody } from '@/core/formula';
import { isShipped } from '@/core/materials';
import { settingsSchema, type Settings } from '@/core/workshop';
import {
  COLLECTIONS,
  nameOfRecord,
  recordsFrom,
  type CollectionName,
  type RecordOf,
  type Records,
} from '../collections';
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
  const stored = new Map<StoreName, readonly unknown[]>();
  await Promise.all(
    STORE_NAMES.map(async (name) => stored.set(name, await tx.objectStore(name).getAll())),
  );
  await tx.done;
  const unreadable: string[] = [];
  const records = recordsFrom(
    <K extends CollectionName>(name: K) =>
      fitting(COLLECTIONS[name], stored.get(name) ?? [], unreadable) as readonly RecordOf<K>[],
  );
  return {
    records: withKnownMaterials(records, unreadable),
    settings: fitting(settingsSchema, stored.get('settings') ?? [], unreadable)[0] ?? null,
    unreadable,
  };
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
    ladders: records.ladders.filter(({ name, body, factors }) =>
      say(name, stray([body]) ?? factors.find(({ materialId }) => !knows(materialId))?.materialId),
    ),
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
    unreadable.push(nameOfRecord(record));
    return [];
  });
}
