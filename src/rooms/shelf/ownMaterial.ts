import { materialById, type OwnMaterial } from '@/core/materials';

/** A record of the maker's own for a catalog material, in which nothing is known better yet. */
export function ownMaterial(likeId: string): OwnMaterial {
  const { name, inci } = materialById(likeId);
  return {
    id: likeId,
    origin: 'own',
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
