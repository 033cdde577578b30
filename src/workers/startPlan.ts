import { proxy } from 'comlink';
import type { PlanAnswer, PlanProblem, PlanResult } from '@/core/goods/planning/problem';
import type { PlanApi } from './planApi';
import { runInWorker, type WorkerRun } from './runInWorker';

const start = () => new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });

/** Plans in a worker. @param onBetter told each better plan, with the share of the time that is gone */
export function startPlan(
  problem: PlanProblem,
  seconds: number,
  onBetter: (answer: PlanAnswer, share: number) => void,
): WorkerRun<PlanResult> {
  const plain = JSON.parse(JSON.stringify(problem)) as PlanProblem;
  return runInWorker<PlanApi, PlanResult>(start, (api) =>
    api.plan(plain, seconds, proxy(onBetter)),
  );
}
