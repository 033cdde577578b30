import type { Conditions } from '@/core/conditions';
import type { FormulaBody } from '@/core/formula';
import { catalogWith, type OwnMaterial } from '@/core/materials';
import { rebalance, type RebalanceResult, type Wishes } from '@/core/rebalance';

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
