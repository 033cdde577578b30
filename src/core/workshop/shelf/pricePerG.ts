import type { OwnMaterial } from '@/core/matter/materials/own';
import { usableLots } from './assignLots';
import type { Lot } from './lot';
import { FROM_THE_TAP } from './shoppingList';

/**
 * Money per gram of a material: of the lots that would be used first, else the maker's own price; water is free.
 * @param today ISO day
 * @returns null when neither says
 */
export function pricePerG(
  materialId: string,
  lots: readonly Lot[],
  own: OwnMaterial | undefined,
  today: string,
): number | null {
  const priced = usableLots(materialId, lots, today).find(
    ({ cost, receivedG }) => cost !== null && receivedG > 0,
  );
  if (priced && priced.cost !== null) return priced.cost / priced.receivedG;
  if (own?.pricePerKg) return own.pricePerKg.value / 1000;
  return materialId === FROM_THE_TAP ? 0 : null;
}
