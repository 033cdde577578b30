import { planJobs } from '@/core/goods/planning/planJobs';
import type { PlanAnswer, PlanProblem, PlanResult } from '@/core/goods/planning/problem';

/** What the worker answers: the core’s planning, telling each better plan as it is found. */
export const planApi = {
  plan(
    problem: PlanProblem,
    seconds: number,
    onBetter: (answer: PlanAnswer, share: number) => void | Promise<void>,
  ): PlanResult {
    return planJobs(problem, {
      seconds,
      nowMs: () => performance.now(),
      onBetter: (answer, share) => void onBetter(answer, share),
    });
  },
};
export type PlanApi = typeof planApi;
