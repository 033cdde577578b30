import { materialById } from './lookup';
import type { OwnMaterial } from './own';

/** A record of the maker's own for a catalog material, in which nothing is known better yet. */
export function newOwnMaterial(likeId: string, origin: OwnMaterial['origin'] = 'own'): OwnMaterial {
  const { name, inci } = materialById(likeId);
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
