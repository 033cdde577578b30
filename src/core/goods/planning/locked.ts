import { MINUTE_MS } from '@/core/basics/time';
import { formatMinutes } from '@/core/basics/format/durations';
import { planJobs } from './planJobs';
import type { PlanProblem } from './problem';
import { workingHoursOf } from './workingHours';

/** One job by itself is planned in no time. */
const ALONE_SECONDS = 0.05;

/** Why a job cannot stand as its locked steps have it, a sentence; empty when it can. */
export function lockProblem(problem: PlanProblem, jobId: string, nowMs: () => number): string {
  const job = problem.jobs.find(({ id }) => id === jobId);
  if (!job) return 'That batch is no longer in the plan.';
  for (const [i, step] of job.steps.entries()) {
    const former = job.steps[i - 1];
    if (step.at === undefined) continue;
    if (step.person && !isInHours(problem, Date.parse(step.at), step.minutes))
      return `Nobody works for ${formatMinutes(step.minutes)} from then on.`;
    if (former?.at === undefined) continue;
    const gap = (Date.parse(step.at) - Date.parse(former.at)) / MINUTE_MS - former.minutes;
    if (gap < step.waitMinMin) return 'The step before it ends later.';
    if (step.waitMaxMin !== null && gap > step.waitMaxMin)
      return `It must follow the step before within ${formatMinutes(step.waitMaxMin)}.`;
  }
  const alone = planJobs({ ...problem, jobs: [job] }, { seconds: ALONE_SECONDS, nowMs });
  if (!alone.ok) return `Couldn’t move it there: ${alone.problem}.`;
  const { steps } = alone.value;
  for (const [i, step] of job.steps.entries()) {
    const [former, here] = [steps[i - 1], steps[i]];
    if (step.at === undefined || !here || !former) continue;
    if (Date.parse(former.end) > Date.parse(here.start) + MINUTE_MS)
      return `The step before it can’t be done by then.`;
  }
  return '';
}

/**
 * The latest start of the press of a job, else of its first step, that still makes its order if it were alone in the
 * shop; ms since 1970, null where it is late anyway.
 */
export function latestPressMs(
  problem: PlanProblem,
  jobId: string,
  nowMs: () => number,
): number | null {
  const job = problem.jobs.find(({ id }) => id === jobId);
  if (!job) return null;
  const free = { ...job, steps: job.steps.map((step) => ({ ...step, at: undefined })) };
  const alone = planJobs(
    { ...problem, cushionMin: 0, jobs: [free] },
    { seconds: ALONE_SECONDS, nowMs },
  );
  if (!alone.ok || alone.value.weightedLateMin > 0) return null;
  const { steps } = alone.value;
  const press = steps.find(({ step }) => step === 'press') ?? steps[0];
  return press ? Date.parse(press.start) : null;
}

function isInHours(problem: PlanProblem, atMs: number, minutes: number): boolean {
  const from = (atMs - Date.parse(problem.start)) / MINUTE_MS;
  const days = Math.ceil(from / 1440) + 2;
  return problem.people.some((person) =>
    workingHoursOf(person, problem, days).some(
      (one) => one.from <= from + 1e-6 && from + minutes <= one.to + 1e-6,
    ),
  );
}
