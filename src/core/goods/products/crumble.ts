import { newOwnMaterial } from '@/core/matter/materials/newOwnMaterial';
import { portionsG } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { OwnMaterial } from '@/core/matter/materials/own';
import { materialById } from '@/core/matter/materials/catalog';
import { sameData } from '@/core/basics/sameData';
import type { Batch } from '@/core/batches/records/schema';
import type { Lot } from '@/core/workshop/shelf/lot';
import { batchContents } from './contents';
import type { GoodsMove } from './schema';

/** Most kinds of things a mix is said to be made of. */
const MOST_PARTS = 60;

/**
 * A material of one’s own for pieces of a batch that were crumbled: made of what the batch was made of, so that chemistry,
 * label and limits go on. @param id of the new material
 */
export function crumbledMaterial(batch: Batch, catalog: Catalog, id: string): OwnMaterial {
  const contents = batchContents(batch, catalog);
  const totalG = portionsG(contents);
  const grams = new Map<string, number>();
  for (const { material, massG } of contents)
    grams.set(material.id, (grams.get(material.id) ?? 0) + massG);
  return {
    ...newOwnMaterial(materialById(catalog, 'sodium-bicarbonate'), batch.origin, {
      id,
      // By its batch: another batch of the formula, or another formula of that name, is made of something else.
      name: `Embed powder from ${batch.code}, ${batch.formulaName}`.slice(0, 80),
    }),
    synonyms: [`crumbled ${batch.code}`.toLowerCase().slice(0, 80)],
    madeOf: [...grams]
      .sort(([, a], [, b]) => b - a)
      .slice(0, MOST_PARTS)
      .map(([materialId, massG]) => ({
        materialId,
        pct: totalG > 0 ? (100 * massG) / totalG : 0,
      })),
  };
}

/**
 * The material that crumbs of a batch became before, where the batch is still made of the same; null where there is none.
 * @param made what its crumbs would be now
 */
export function crumbsBefore(
  batch: Batch,
  made: OwnMaterial,
  books: {
    readonly goods: readonly GoodsMove[];
    readonly lots: readonly Lot[];
    readonly materials: readonly OwnMaterial[];
  },
): OwnMaterial | null {
  const lotIds = books.goods.flatMap((move) =>
    move.kind === 'gone' && move.loose.some(({ batchId }) => batchId === batch.id)
      ? (move.lotId ?? [])
      : [],
  );
  const ids = books.lots.filter(({ id }) => lotIds.includes(id)).map((lot) => lot.materialId);
  return (
    books.materials.find(({ id, madeOf }) => ids.includes(id) && sameData(madeOf, made.madeOf)) ??
    null
  );
}
