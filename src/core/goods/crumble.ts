import { newOwnMaterial, portionsG, type Catalog, type OwnMaterial } from '../materials';
import { materialById } from '../materials';
import type { Batch } from '../records';
import { batchContents } from './contents';

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
    ...newOwnMaterial(materialById(catalog, 'sodium-bicarbonate'), batch.origin),
    id,
    name: `Embed powder, crumbled ${batch.formulaName}`.slice(0, 80),
    synonyms: [`crumbled ${batch.formulaName}`.toLowerCase().slice(0, 80)],
    madeOf: [...grams]
      .sort(([, a], [, b]) => b - a)
      .slice(0, MOST_PARTS)
      .map(([materialId, massG]) => ({
        materialId,
        pct: totalG > 0 ? (100 * massG) / totalG : 0,
      })),
  };
}
