import type { Conditions } from '@/core/results/conditions/types';

/** Conditions as they cross to a worker: the maker's own materials go beside them in place of the whole catalog. */
export type SentConditions = Omit<Conditions, 'catalog'>;

/** The catalog stays here: the worker makes its own from the maker's materials. */
export function sentOf(conditions: Conditions): SentConditions {
  const { humidityPct, roomTempC, tub, pieceG, scentDocuments, learned } = conditions;
  return { humidityPct, roomTempC, tub, pieceG, scentDocuments, learned };
}
