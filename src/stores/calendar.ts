import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { latestPressMs, lockProblem } from '@/core/goods/planning/locked';
import { bottleneck } from '@/core/goods/planning/bottleneck';
import type { PlanAnswer } from '@/core/goods/planning/problem';
import type { PlanLock } from '@/core/goods/planning/fromOrders';
import type { Spread } from '@/core/basics/units/spread';
import { startPlan } from '@/workers/startPlan';
import { usePlanInputsStore, type WhatIf } from './planInputs';
import { useWorkshopStore } from './workshop';

/** A planned step as it is drawn. */
export interface Bar {
  readonly job: string;
  readonly step: string;
  readonly person: string;
  readonly name: string;
  readonly formulaId: string | null;
  readonly startMs: number;
  readonly endMs: number;
  readonly machine: string | null;
  readonly places: number;
  /** When what dries will be dry; the plan counts on the careful end. */
  readonly dryMs: Spread | null;
  readonly isLocked: boolean;
  readonly isLate: boolean;
}

const SECONDS = 5;
const WHAT_IF_SECONDS = 2;

/** Orders and the plan that serves them: made in a worker, best so far shown. */
export const useCalendarStore = defineStore('calendar', () => {
  const workshop = useWorkshopStore();
  const planInputs = usePlanInputsStore();
  const { problemIf } = planInputs;

  const answer = shallowRef<PlanAnswer | null>(null);
  const problem = ref('');
  const share = ref<number | null>(null);
  /** Is there a plan of this search already, so that one may stop? */
  const hasFirst = ref(false);
  let run: ReturnType<typeof startPlan> | null = null;
  const before = shallowRef<readonly (readonly PlanLock[])[]>([]);

  /** Plans again from this moment; the best so far is shown while it goes on. */
  function plan(): void {
    cancel();
    planInputs.fromNow();
    again();
  }

  function again(): void {
    cancel();
    problem.value = '';
    const asked = planInputs.problem;
    if (asked.jobs.length === 0) {
      answer.value = {
        steps: [],
        lateMin: {},
        weightedLateMin: 0,
        boundWeightedLateMin: 0,
        provedBest: true,
      };
      return;
    }
    share.value = 0;
    hasFirst.value = false;
    const own = startPlan(asked, SECONDS, (better, used) => {
      if (run !== own) return;
      answer.value = better;
      hasFirst.value = true;
      share.value = Math.min(1, used);
    });
    run = own;
    void own.result.then((result) => {
      if (run !== own) return;
      run = null;
      share.value = null;
      if (result.ok) answer.value = result.value;
      else problem.value = `Couldn’t make a plan: ${result.problem}.`;
    });
  }

  /** Stops looking; what was best so far stays. */
  function cancel(): void {
    run?.cancel();
    run = null;
    share.value = null;
  }

  /** Every planned step with what it takes, for the picture. */
  const bars = computed<readonly Bar[]>(() => {
    const found = answer.value;
    if (!found) return [];
    const jobs = new Map(planInputs.problem.jobs.map((job) => [job.id, job]));
    return found.steps.map((one) => {
      const step = jobs.get(one.job)?.steps.find(({ id }) => id === one.step);
      const { name, formula } = planInputs.nameOfJob(one.job);
      const lock = planInputs.locks.find((of) => of.job === one.job && of.step === one.step);
      // What a hand has just put somewhere stands there at once; the rest follows.
      const startMs = Date.parse(lock?.at ?? one.start);
      return {
        ...one,
        name,
        formulaId: formula?.id ?? null,
        startMs,
        endMs: startMs + Date.parse(one.end) - Date.parse(one.start),
        machine: step?.machine ?? null,
        places: step?.trayPlaces ?? 0,
        dryMs: one.step === 'dry' ? planInputs.dryMs(one.job, startMs) : null,
        isLocked: lock !== undefined,
        isLate: (found.lateMin[one.job] ?? 0) > 0.5,
      };
    });
  });

  /** When an order is served by this plan, ms since 1970; null where nothing of it has to be done. */
  function readyMs(orderId: string): number | null {
    const ids = [
      orderId,
      ...(planInputs.cover.orders.find(({ order }) => order.id === orderId)?.batchIds ?? []),
    ];
    const ends = bars.value.filter(({ job }) => ids.includes(job)).map(({ endMs }) => endMs);
    return ends.length > 0 ? Math.max(...ends) : null;
  }

  const whatIfLate = shallowRef<{
    readonly asked: WhatIf;
    readonly answer: PlanAnswer | string;
  } | null>(null);
  async function askWhatIf(asked: WhatIf): Promise<void> {
    const result = await startPlan(problemIf(asked), WHAT_IF_SECONDS, () => undefined).result;
    whatIfLate.value = { asked, answer: result.ok ? result.value : result.problem };
  }

  /** Puts a step where a hand wants it, and plans the rest around it; says why it cannot. */
  function moveStep(job: string, step: string, atMs: number): string {
    const lock = { job, step, at: new Date(Math.max(planInputs.startMs, atMs)).toISOString() };
    const next = [...planInputs.locks.filter((one) => one.job !== job || one.step !== step), lock];
    const earlier = planInputs.locks;
    setLocks(next);
    const why = lockProblem(planInputs.problem, job, clockMs);
    if (why) {
      setLocks(earlier);
      return why;
    }
    before.value = [...before.value, earlier];
    again();
    return '';
  }
  function unlock(job: string, step: string): void {
    before.value = [...before.value, planInputs.locks];
    setLocks(planInputs.locks.filter((one) => one.job !== job || one.step !== step));
    again();
  }
  function undo(): void {
    const last = before.value.at(-1);
    if (!last) return;
    before.value = before.value.slice(0, -1);
    setLocks(last);
    again();
  }
  function setLocks(next: readonly PlanLock[]): void {
    workshop.changeSettings({ plan: { ...workshop.settings.plan, locks: [...next] } });
  }

  const clockMs = () => performance.now();
  /** The latest start of the press of a bowl that still makes its order; null where it is late anyway. */
  const latestPress = (jobId: string) => latestPressMs(planInputs.problem, jobId, clockMs);

  /** What the plan uses up most of; null where all of it has room. */
  const narrow = computed(() =>
    answer.value ? bottleneck(planInputs.problem, answer.value) : null,
  );

  return {
    answer,
    problem,
    share,
    hasFirst,
    bars,
    narrow,
    readyMs,
    whatIfLate,
    canUndo: computed(() => before.value.length > 0),
    plan,
    cancel,
    askWhatIf,
    moveStep,
    unlock,
    undo,
    latestPress,
  };
});
