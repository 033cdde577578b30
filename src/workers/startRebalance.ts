import { wrap, type Remote } from 'comlink';
import type { Conditions } from '@/core/results/conditions/types';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { OwnMaterial } from '@/core/matter/materials/own';
import type { RebalanceResult } from '@/core/results/rebalance/rebalance';
import type { Wishes } from '@/core/results/rebalance/wishes';
import type { RebalanceApi, SentConditions } from './rebalanceApi';

export interface RebalanceRun {
  readonly result: Promise<RebalanceResult>;
  /** Stops the work; the result then never comes. */
  readonly cancel: () => void;
}

let worker: Worker | null = null;
let api: Remote<RebalanceApi> | null = null;

/** Rebalances off the page's own thread; the worker is made when it is first needed. */
export function startRebalance(
  body: FormulaBody,
  conditions: Conditions,
  wishes: Wishes,
  own: readonly OwnMaterial[],
): RebalanceRun {
  worker ??= new Worker(new URL('./rebalance.worker.ts', import.meta.url), { type: 'module' });
  api ??= wrap<RebalanceApi>(worker);
  return { result: api.rebalance(body, sentOf(conditions), wishes, own), cancel: stopWorker };
}

/** The catalog stays here: the worker makes its own from the maker's materials. */
function sentOf(conditions: Conditions): SentConditions {
  const { humidityPct, roomTempC, tub, pieceG, scentDocuments, learned } = conditions;
  return { humidityPct, roomTempC, tub, pieceG, scentDocuments, learned };
}

function stopWorker(): void {
  worker?.terminate();
  worker = null;
  api = null;
}
