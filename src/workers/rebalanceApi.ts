import type { Conditions } from '@/core/evaluation';
import type { FormulaBody } from '@/core/formula';
import { stockOwnMaterials, type OwnMaterial } from '@/core/materials';
import { rebalance, type RebalanceResult, type Wishes } from '@/core/rebalance';

/** What the worker answers: the core's function, the shelf's materials told first. */
export const rebalanceApi = {
  rebalance(
    body: FormulaBody,
    conditions: Conditions,
    wishes: Wishes,
    own: readonly OwnMaterial[],
  ): RebalanceResult {
    stockOwnMaterials(own);
    return rebalance(body, conditions, wishes);
  },
};
export type RebalanceApi = typeof rebalanceApi;
