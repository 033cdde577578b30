import { materialById, type Catalog } from './catalog';
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

/** Lines with their materials at hand. @throws RangeError for an id that is not in the catalog */
export function portionsOf(catalog: Catalog, lines: readonly MaterialMass[]): readonly Portion[] {
  return lines.map(({ materialId, massG }) => ({
    material: materialById(catalog, materialId),
    massG,
  }));
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
