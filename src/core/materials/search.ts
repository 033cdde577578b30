import { closestMaterial } from './recognize';
import { MATERIALS } from './lookup';
import { comparableName } from './names';
import type { Material } from './material';

const searchable = MATERIALS.map((material) => ({
  material,
  names: [material.name, ...material.synonyms, material.inci].map(comparableName),
}));

/**
 * Materials for a search box, best first: names that start with the query, then words that do,
 * then names that hold it, then a near spelling. An empty query returns the whole catalog.
 */
export function searchMaterials(query: string): readonly Material[] {
  const wanted = comparableName(query);
  if (!wanted) return MATERIALS;
  const ranked = searchable
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
