import { densitiesByState } from './bulkDensity';
import { CATALOG_ROWS } from './catalog';
import { knowledgeOf } from './knowledge';
import type { Material } from './material';
import type { MaterialRow } from './types';

export type MaterialId = (typeof CATALOG_ROWS)[number]['id'];

export const MATERIALS: readonly Material[] = CATALOG_ROWS.map((row: MaterialRow) =>
  Object.freeze({
    ...row,
    ...knowledgeOf(row),
    isLiquid: row.bindingPerMl !== undefined,
    densityGMl: densitiesByState(row),
  }),
);

const byId = new Map(MATERIALS.map((material) => [material.id, material]));

/** @returns the material, or undefined when the catalog has no such id */
export function findMaterial(id: string): Material | undefined {
  return byId.get(id);
}

/** @throws RangeError when the catalog has no such id; use {@link findMaterial} where people's input enters */
export function materialById(id: string): Material {
  const material = byId.get(id);
  if (!material) throw new RangeError(`material id ${id} is not in the catalog`);
  return material;
}
