import { SHIPPED, findMaterial } from '@/core/matter/materials/catalog';
import type { Plain } from './plain';

/** Any scent goes by this name. */
const GENERIC = 'Parfum';

/**
 * A material of the maker's own got the label name of the one it behaves like: rose for cornflower. It is empty until somebody
 * writes it.
 */
export function materialTo8(material: Plain): Plain {
  const { id, likeId, inci } = material;
  const like = typeof likeId === 'string' ? findMaterial(SHIPPED, likeId) : undefined;
  return id !== likeId && like?.inci === inci && inci !== GENERIC
    ? { ...material, inci: '' }
    : material;
}
