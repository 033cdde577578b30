import type { Conditions } from '@/core/results/conditions/types';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { OwnMaterial } from '@/core/matter/materials/own';
import type { RebalanceResult } from '@/core/results/rebalance/rebalance';
import type { Wishes } from '@/core/results/rebalance/wishes';
import type { RebalanceApi } from './rebalanceApi';
import { keptWorker, type WorkerRun } from './runInWorker';
import { sentOf } from './sentConditions';

const kept = keptWorker<RebalanceApi>(
  () => new Worker(new URL('./rebalance.worker.ts', import.meta.url), { type: 'module' }),
);

/** Rebalances in a worker that stands by for the next time. */
export function startRebalance(
  body: FormulaBody,
  conditions: Conditions,
  wishes: Wishes,
  own: readonly OwnMaterial[],
): WorkerRun<RebalanceResult> {
  const result = kept.api().rebalance(body, sentOf(conditions), wishes, own);
  return { result, cancel: kept.stop };
}
