import { closestMaterial } from './recognize';
import { allMaterials } from './lookup';
import { comparableName } from './names';
import type { Material } from './material';

/** Names as they are compared, worked out again only when the shelf changes. */
let searchable: { of: readonly Material[]; entries: ReturnType<typeof namesOf>[] } | undefined;

function namesOf(material: Material) {
  return {
    material,
    names: [material.name, ...material.synonyms, material.inci].map(comparableName),
  };
}

function entriesOf(materials: readonly Material[]) {
  if (searchable?.of !== materials) searchable = { of: materials, entries: materials.map(namesOf) };
  return searchable.entries;
}

/**
 * Materials for a search box, best first: names that start with the query, then words that do,
 * then names that hold it, then a near spelling. An empty query returns the whole catalog.
 */
export function searchMaterials(query: string): readonly Material[] {
  const wanted = comparableName(query);
  const materials = allMaterials();
  if (!wanted) return materials;
  const ranked = entriesOf(materials)
    .map(({ material, names }) => ({
      material,
      rank: Math.min(...names.map((n) => rank(n, wanted))),
    }))
    .filter((entry) => entry.rank < Infinity)
    .sort((a, b) => a.rank - b.rank);
  if (ranked.length > 0) return ranked.map((entry) => entry.material);
  const near = closestMaterial(query);
  return near ? [near] : [];
}

function rank(name: string, wanted: string): number {
  if (name === wanted) return 0;
  if (name.startsWith(wanted)) return 1;
  if (` ${name}`.includes(` ${wanted}`)) return 2;
  return name.includes(wanted) ? 3 : Infinity;
}
