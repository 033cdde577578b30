import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Lot } from './lot';
import { shelfLifeOf } from './watch';

export const LOT_FILTERS = ['all', 'expiring', 'on hold', 'empty'] as const;
export type LotFilter = (typeof LOT_FILTERS)[number];

/** A lot with the words it is found by, worked out once. */
export interface FindableLot {
  readonly id: string;
  readonly lot: Lot;
  readonly name: string;
  readonly words: string;
}

export function findable(lots: readonly Lot[], catalog: Catalog): readonly FindableLot[] {
  return lots.map((lot) => {
    const { name, synonyms } = materialById(catalog, lot.materialId);
    return {
      id: lot.id,
      lot,
      name,
      words: [lot.code, name, ...synonyms, lot.supplier, lot.note].join(' ').toLowerCase(),
    };
  });
}

/**
 * Lots that hold every word typed, in the order people look for them: what must go first first.
 * @param left grams left by lot id
 * @param today ISO day
 */
export function findLots(
  lots: readonly FindableLot[],
  query: string,
  filter: LotFilter,
  left: ReadonlyMap<string, number>,
  today: string,
): readonly FindableLot[] {
  const wanted = query.toLowerCase().split(/\s+/).filter(Boolean);
  return lots.filter(
    ({ lot, words }) =>
      wanted.every((word) => words.includes(word)) && isShown(lot, filter, left, today),
  );
}

function isShown(
  lot: Lot,
  filter: LotFilter,
  left: ReadonlyMap<string, number>,
  today: string,
): boolean {
  switch (filter) {
    case 'all':
      return true;
    case 'expiring':
      return shelfLifeOf(lot, today) !== 'good';
    case 'on hold':
      return lot.isQuarantined;
    case 'empty':
      return (left.get(lot.id) ?? 0) <= 0;
  }
}
