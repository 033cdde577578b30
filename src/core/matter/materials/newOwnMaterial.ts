import type { Material } from './material';
import type { OwnMaterial } from './own';

/**
 * A record of the maker's own for a catalog material, in which nothing is known better yet.
 * @param as a material of its own that only behaves like it: its name, and no label name until that is written
 */
export function newOwnMaterial(
  { id: likeId, name, inci }: Material,
  origin: OwnMaterial['origin'] = 'own',
  as: { readonly id: string; readonly name: string } | null = null,
): OwnMaterial {
  return {
    id: as?.id ?? likeId,
    origin,
    name: as?.name ?? name,
    inci: as ? '' : inci,
    synonyms: [],
    likeId,
    trueDensityGMl: null,
    levelDensityGMl: null,
    waterPct: null,
    pricePerKg: null,
    packG: null,
    lowG: null,
    note: '',
    isArchived: false,
  };
}
