import { proxy, wrap } from 'comlink';
import type { PlanAnswer, PlanProblem, PlanResult } from '@/core/goods/planning/problem';
import type { PlanApi } from './planApi';

export interface PlanRun {
  readonly result: Promise<PlanResult>;
  /** Stops the work; the result then never comes. */
  readonly cancel: () => void;
}

/** Plans off the page’s own thread, in a worker of its own that ends with it. */
export function startPlan(
  problem: PlanProblem,
  seconds: number,
  onBetter: (answer: PlanAnswer, share: number) => void,
): PlanRun {
  const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  const api = wrap<PlanApi>(worker);
  const plain = JSON.parse(JSON.stringify(problem)) as PlanProblem;
  const result = api.plan(plain, seconds, proxy(onBetter)).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}
