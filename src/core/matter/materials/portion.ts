import { findMaterial, materialById, type Catalog } from './catalog';
import type { Material } from './material';

/** Grams of one material, named by its id. */
export interface MaterialMass {
  readonly materialId: string;
  readonly massG: number;
}

/** Grams of one material, the material at hand. */
export interface Portion {
  readonly material: Material;
  readonly massG: number;
}

/** A mix of mixes of mixes is looked through so deep. */
const DEEPEST = 3;

/**
 * Lines with their materials at hand; a mix of the maker’s own stands for what it is made of.
 * @throws RangeError for an id that is not in the catalog
 */
export function portionsOf(catalog: Catalog, lines: readonly MaterialMass[]): readonly Portion[] {
  return lines.flatMap(({ materialId, massG }) =>
    lookedThrough(catalog, materialById(catalog, materialId), massG, DEEPEST),
  );
}

function lookedThrough(
  catalog: Catalog,
  material: Material,
  massG: number,
  deep: number,
): readonly Portion[] {
  if (!material.madeOf) return [{ material, massG }];
  const parts = material.madeOf.flatMap(({ materialId, pct }) => {
    const part = findMaterial(catalog, materialId);
    return part && pct > 0 ? [{ part, pct }] : [];
  });
  const allPct = parts.reduce((sum, { pct }) => sum + pct, 0);
  if (deep === 0 || !(allPct > 0)) return [{ material, massG }];
  return parts.flatMap(({ part, pct }) =>
    lookedThrough(catalog, part, (massG * pct) / allPct, deep - 1),
  );
}

/** Grams of all portions. */
export function portionsG(portions: readonly Portion[]): number {
  return portions.reduce((sum, { massG }) => sum + massG, 0);
}

/** Grams of the portions whose material is of this kind. */
export function gramsWhere(
  portions: readonly Portion[],
  isOf: (material: Material) => boolean,
): number {
  return portions.reduce((sum, { material, massG }) => (isOf(material) ? sum + massG : sum), 0);
}
