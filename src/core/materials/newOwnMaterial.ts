import type { Material } from './material';
import type { OwnMaterial } from './own';

/** A record of the maker's own for a catalog material, in which nothing is known better yet. */
export function newOwnMaterial(
  { id: likeId, name, inci }: Material,
  origin: OwnMaterial['origin'] = 'own',
): OwnMaterial {
  return {
    id: likeId,
    origin,
    name,
    inci,
    synonyms: [],
    likeId,
    trueDensityGMl: null,
    levelDensityGMl: null,
    waterPct: null,
    pricePerKg: null,
    packG: null,
    lowG: null,
    note: '',
    isLaidAway: false,
  };
}
