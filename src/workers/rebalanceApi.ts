import type { Conditions } from '@/core/conditions/types';
import type { FormulaBody } from '@/core/formula/schema';
import { catalogWith } from '@/core/materials/catalog';
import type { OwnMaterial } from '@/core/materials/own';
import { rebalance, type RebalanceResult } from '@/core/rebalance/rebalance';
import type { Wishes } from '@/core/rebalance/wishes';

/** Conditions as they cross to a worker: the maker's own materials in place of the whole catalog. */
export type SentConditions = Omit<Conditions, 'catalog'>;

/** What the worker answers: the core's function. */
export const rebalanceApi = {
  rebalance(
    body: FormulaBody,
    conditions: SentConditions,
    wishes: Wishes,
    own: readonly OwnMaterial[],
  ): RebalanceResult {
    return rebalance(body, { ...conditions, catalog: catalogWith(own) }, wishes);
  },
};
export type RebalanceApi = typeof rebalanceApi;
