import type { OwnMaterial } from '@/core/matter/materials/own';
import type { Lot } from './lot';

/** Days ahead in which an expiry is worth saying. Common practice: a month. */
export const SOON_DAYS = 30;
const DAY_MS = 24 * 60 * 60 * 1000;

export type ShelfLife = 'good' | 'soon' | 'past';

/** How a lot stands against its day. @param today ISO day */
export function shelfLifeOf({ expiresOn }: Pick<Lot, 'expiresOn'>, today: string): ShelfLife {
  if (expiresOn === null) return 'good';
  if (expiresOn < today) return 'past';
  return daysBetween(today, expiresOn) <= SOON_DAYS ? 'soon' : 'good';
}

/** Whole days from one ISO day to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}

export interface Low {
  readonly materialId: string;
  readonly leftG: number;
  readonly lowG: number;
}

/** Materials with less in usable lots than the maker wants to have. @param today ISO day */
export function lowStock(
  own: readonly OwnMaterial[],
  lots: readonly Lot[],
  left: ReadonlyMap<string, number>,
  today: string,
): readonly Low[] {
  const byMaterial = usableByMaterial(lots, left, today);
  return own.flatMap(({ id, lowG, isArchived }) => {
    const leftG = byMaterial.get(id) ?? 0;
    return lowG !== null && !isArchived && leftG < lowG ? [{ materialId: id, leftG, lowG }] : [];
  });
}

/** Grams of each material in lots that may be used. A lot below zero counts as empty. @param today ISO day */
export function usableByMaterial(
  lots: readonly Lot[],
  left: ReadonlyMap<string, number>,
  today: string,
): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const lot of lots) {
    const isOut = lot.expiresOn !== null && lot.expiresOn < today && !lot.isRetest;
    if (lot.premix !== null || lot.isQuarantined || isOut) continue;
    sums.set(lot.materialId, (sums.get(lot.materialId) ?? 0) + Math.max(0, left.get(lot.id) ?? 0));
  }
  return sums;
}
