import { closestMaterial } from './recognize';
import type { Catalog } from '../catalog';
import { comparableName } from './comparable';
import type { Material } from '../material';
import { nameRank } from './score';

type Entry = ReturnType<typeof namesOf>;

/** Names as they are compared, worked out once for each catalog. */
const searchable = new WeakMap<Catalog, readonly Entry[]>();

function namesOf(material: Material) {
  return {
    material,
    names: [material.name, ...material.synonyms, material.inci].map(comparableName),
  };
}

function entriesOf(catalog: Catalog): readonly Entry[] {
  const known = searchable.get(catalog) ?? catalog.offered.map(namesOf);
  searchable.set(catalog, known);
  return known;
}

/**
 * Materials for a search box, best first: names that start with the query, then words that do, its words in any order,
 * names that hold it, and a near spelling. An empty query returns the whole catalog.
 */
export function searchMaterials(catalog: Catalog, query: string): readonly Material[] {
  const wanted = comparableName(query);
  if (!wanted) return catalog.offered;
  const ranked = entriesOf(catalog)
    .map(({ material, names }) => ({
      material,
      rank: Math.min(...names.map((name) => nameRank(name, wanted))),
    }))
    .filter((entry) => entry.rank < Infinity)
    .sort((a, b) => a.rank - b.rank);
  if (ranked.length > 0) return ranked.map((entry) => entry.material);
  const near = closestMaterial(catalog, query);
  return near ? [near] : [];
}
