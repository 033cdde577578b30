import { densitiesByState } from './bulkDensity';
import { CATALOG_ROWS } from './catalog';
import { knowledgeOf } from './knowledge';
import type { Material } from './material';
import type { OwnMaterial } from './own';
import type { MaterialRow } from './types';

export type MaterialId = (typeof CATALOG_ROWS)[number]['id'];

/** The catalog that ships. */
export const MATERIALS: readonly Material[] = CATALOG_ROWS.map(materialOf);

const catalog = new Map(MATERIALS.map((material) => [material.id, material]));
let stocked: ReadonlyMap<string, Material> = new Map();
let everyMaterial: readonly Material[] = MATERIALS;

/**
 * Puts the maker's own materials on the shelf for every reading in this thread: the one thing this module remembers.
 * Called when the workshop is loaded or its materials change, and by a worker before it reckons.
 * A record like a material the catalog does not have is left out.
 */
export function stockOwnMaterials(own: readonly OwnMaterial[]): void {
  stocked = new Map(
    own.flatMap((record) => {
      const like = catalog.get(record.likeId);
      return like ? [[record.id, overlaid(like, record)]] : [];
    }),
  );
  const laidAway = new Set(own.flatMap(({ id, isLaidAway }) => (isLaidAway ? [id] : [])));
  everyMaterial = [
    ...MATERIALS.map((material) => stocked.get(material.id) ?? material),
    ...[...stocked.values()].filter(({ id }) => !catalog.has(id)),
  ].filter(({ id }) => !laidAway.has(id));
}

/** Everything a maker may pick: the catalog with what is known better of it, and the maker's own. */
export function allMaterials(): readonly Material[] {
  return everyMaterial;
}

/** @returns the material, or undefined when neither catalog nor shelf has such an id */
export function findMaterial(id: string): Material | undefined {
  return stocked.get(id) ?? catalog.get(id);
}

/** @throws RangeError when no material has this id; use {@link findMaterial} where people's input enters */
export function materialById(id: string): Material {
  const material = findMaterial(id);
  if (!material) throw new RangeError(`material id ${id} is not in the catalog`);
  return material;
}

/** Catalog id whose tables speak for a material; an unknown id speaks for itself. */
export function likeIdOf(id: string): string {
  return findMaterial(id)?.likeId ?? id;
}

/** Is this an id of the catalog that ships? */
export function isInCatalog(id: string): boolean {
  return catalog.has(id);
}

function materialOf(row: MaterialRow): Material {
  return Object.freeze({
    ...row,
    ...knowledgeOf(row),
    isLiquid: row.bindingPerMl !== undefined,
    likeId: row.id,
    densityGMl: densitiesByState(row),
  });
}

function overlaid(like: Material, own: OwnMaterial): Material {
  const maker = <T>(value: T) => ({ value, source: 'maker' as const });
  const { bulkDensityGMl, ...rest } = like;
  const row: Material = {
    ...rest,
    // A level measure weighed at home speaks for the other states too.
    ...(bulkDensityGMl && !own.levelDensityGMl && { bulkDensityGMl }),
    id: own.id,
    name: own.name,
    inci: own.inci || like.inci,
    synonyms: [...own.synonyms, ...(own.id === like.id ? [like.name, ...like.synonyms] : [])],
    ...(own.trueDensityGMl && { trueDensityGMl: maker(own.trueDensityGMl.value) }),
    ...(own.levelDensityGMl &&
      !like.isLiquid && { levelDensityGMl: maker(own.levelDensityGMl.value) }),
    ...(own.waterPct && { waterFraction: maker(own.waterPct.value / 100) }),
  };
  return Object.freeze({ ...row, densityGMl: densitiesByState(row) });
}
