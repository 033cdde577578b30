import type { FormulaBody } from '@/core/formula/model/schema';
import { catalogWith } from '@/core/matter/materials/catalog';
import type { OwnMaterial } from '@/core/matter/materials/own';
import { rebalance, type RebalanceResult } from '@/core/results/rebalance/rebalance';
import type { Wishes } from '@/core/results/rebalance/wishes';
import type { SentConditions } from './sentConditions';

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
