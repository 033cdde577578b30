import { MINUTE_MS } from '@/core/basics/time';
import { seededRandom } from '@/core/basics/numeric/random';
import { lateBound } from './bound';
import { MOST_EXACT_BLOCKS, searchAll } from './exact';
import { bestOf, firstOrders, improve } from './improve';
import type { PlanAnswer, PlanProblem, PlanResult } from './problem';
import { lockedBookings, type Schedule } from './schedule';
import { settled } from './rightShift';
import { shopOf, type Shop } from './shop';

/** Late by less than this is the same, minutes. */
const SAME_MIN = 1e-6;

export interface PlanMeans {
  /** Seconds to look for a better plan. */
  readonly seconds: number;
  /** Milliseconds of any clock. */
  readonly nowMs: () => number;
  /** Best so far, and how much of the time is used up, 0 to 1. */
  readonly onBetter?: (answer: PlanAnswer, share: number) => void;
  /** True as soon as nobody waits any more. */
  readonly isStopped?: () => boolean;
}

/**
 * A plan for all jobs: least weighted lateness, then least lying about, then late rather than early. Few steps are gone
 * through one by one; many begin from the best of several orders, due dates among them, and are improved while there is
 * time. Says a number that no plan can beat.
 * Source: resource-constrained scheduling with calendars and time lags; Brucker and Knust, Complex Scheduling.
 */
export function planJobs(problem: PlanProblem, means: PlanMeans): PlanResult {
  const made = shopOf(problem);
  if (!made.ok) return { ok: false, problem: made.problem };
  const shop = made.value;
  const began = means.nowMs();
  const share = () =>
    means.isStopped?.() ? 2 : (means.nowMs() - began) / Math.max(1, 1000 * means.seconds);
  const locked = lockedBookings(shop);
  const first = bestOf(shop, locked, firstOrders(shop));
  if ('stuck' in first)
    return {
      ok: false,
      problem: `${first.stuck} fits nowhere, because its steps can’t follow each other in time`,
    };
  const bound = lateBound(shop);
  const answerFor = (schedule: Schedule, proved: boolean) =>
    answerOf(problem, shop, settled(shop, schedule, locked), bound, proved);
  const isBest = (schedule: Schedule) => schedule.weightedLate <= bound + SAME_MIN;
  means.onBetter?.(answerFor(first.schedule, isBest(first.schedule)), share());
  if (isBest(first.schedule)) return { ok: true, value: answerFor(first.schedule, true) };
  const blocks = shop.jobs.reduce((sum, job) => sum + job.blocks.length, 0);
  const told = (schedule: Schedule) =>
    means.onBetter?.(answerFor(schedule, isBest(schedule)), Math.min(1, share()));
  const few =
    blocks <= MOST_EXACT_BLOCKS
      ? searchAll(shop, locked, first.schedule, () => share() < EXACT_SHARE)
      : { best: first.schedule, isWhole: false };
  if (few.isWhole) return { ok: true, value: answerFor(few.best, true) };
  const better = improve(shop, locked, first, seededRandom(SEED), share, told);
  const best = few.best.weightedLate < better.weightedLate ? few.best : better;
  return { ok: true, value: answerFor(best, isBest(best)) };
}

/** Going through all gets so much of the time before looking about begins. */
const EXACT_SHARE = 0.7;
const SEED = 1707;

function answerOf(
  problem: PlanProblem,
  shop: Shop,
  schedule: Schedule,
  bound: number,
  provedBest: boolean,
): PlanAnswer {
  const iso = (minute: number) =>
    new Date(shop.startMs + Math.round(minute * MINUTE_MS)).toISOString();
  return {
    steps: schedule.steps.flatMap((own, i) =>
      own.map(({ step, start, end, person }) => ({
        job: shop.jobs[i]?.id ?? '',
        step: step.id,
        start: iso(start),
        end: iso(end),
        person: shop.people[person]?.id ?? '',
      })),
    ),
    lateMin: Object.fromEntries(problem.jobs.map(({ id }, i) => [id, schedule.late[i] ?? 0])),
    weightedLateMin: schedule.weightedLate,
    boundWeightedLateMin: Math.min(bound, schedule.weightedLate),
    provedBest,
  };
}
