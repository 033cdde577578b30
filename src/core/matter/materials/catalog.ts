import { densitiesByState } from './bulkDensity';
import { CATALOG_ROWS } from './rows';
import { knowledgeOf } from './knowledge';
import type { Material } from './material';
import type { OwnMaterial } from './own';
import type { MaterialRow } from './types';

export type MaterialId = (typeof CATALOG_ROWS)[number]['id'];

/** Every material a workshop knows: what ships, with what the maker knows better of it, and the maker's own. */
export interface Catalog {
  /** What a maker may pick; what was laid away is left out. */
  readonly offered: readonly Material[];
  readonly byId: ReadonlyMap<string, Material>;
}

/** The materials that ship. */
export const MATERIALS: readonly Material[] = CATALOG_ROWS.map(materialOf);

const shippedById = new Map(MATERIALS.map((material) => [material.id, material]));

/** The catalog of a workshop that has no materials of its own. */
export const SHIPPED: Catalog = { offered: MATERIALS, byId: shippedById };

/**
 * The shipped catalog overlaid by a maker's own materials, for as long as these stay as they are.
 * A record like a material that does not ship is left out.
 */
export function catalogWith(own: readonly OwnMaterial[]): Catalog {
  if (own.length === 0) return SHIPPED;
  const overlay = new Map(
    own.flatMap((record) => {
      const like = shippedById.get(record.likeId);
      return like ? [[record.id, overlaid(like, record)] as const] : [];
    }),
  );
  const laidAway = new Set(own.flatMap(({ id, isArchived }) => (isArchived ? [id] : [])));
  const byId = new Map([...shippedById, ...overlay]);
  return { offered: [...byId.values()].filter(({ id }) => !laidAway.has(id)), byId };
}

/** @returns the material, or undefined when the catalog has no such id */
export function findMaterial({ byId }: Catalog, id: string): Material | undefined {
  return byId.get(id);
}

/** @throws RangeError when no material has this id; use {@link findMaterial} where people's input enters */
export function materialById({ byId }: Catalog, id: string): Material {
  const material = byId.get(id);
  if (!material) throw new RangeError(`material id ${id} is not in the catalog`);
  return material;
}

/** Does a material of this id ship? */
export function isShipped(id: string): boolean {
  return shippedById.has(id);
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

/** The label name of every scent. */
const ANY_SCENT = 'Parfum';

function overlaid(like: Material, own: OwnMaterial): Material {
  const maker = <T>(value: T) => ({ value, source: 'maker' as const });
  const { bulkDensityGMl, ...rest } = like;
  const row: Material = {
    ...rest,
    // A level measure weighed at home speaks for the other states too.
    ...(bulkDensityGMl && !own.levelDensityGMl && { bulkDensityGMl }),
    id: own.id,
    name: own.name,
    // A maker's own name stands in a sentence as it is written.
    sentenceName: own.name === like.name ? like.sentenceName : own.name,
    // What is like another takes its behavior, never its label name; any scent goes by the same one.
    inci: own.inci || (own.id === like.id || like.inci === ANY_SCENT ? like.inci : ''),
    synonyms: [...own.synonyms, ...(own.id === like.id ? [like.name, ...like.synonyms] : [])],
    ...(own.trueDensityGMl && { trueDensityGMl: maker(own.trueDensityGMl.value) }),
    ...(own.levelDensityGMl &&
      !like.isLiquid && { levelDensityGMl: maker(own.levelDensityGMl.value) }),
    ...(own.madeOf && own.madeOf.length > 0 && { madeOf: own.madeOf }),
    ...(own.waterPct && { waterFraction: maker(own.waterPct.value / 100) }),
  };
  return Object.freeze({ ...row, densityGMl: densitiesByState(row) });
}
