import { DAY_MIN, MINUTE_MS } from '@/core/basics/time';
import type { PlanAnswer, PlanProblem } from './problem';
import { workingHoursOf } from './workingHours';

/** What a plan can be short of. */
export interface Bottleneck {
  readonly kind: 'person' | 'machine' | 'mold' | 'drying-room';
  /** Whose hands, which machine or mold; empty for the loft. */
  readonly id: string;
  /** Of what it could give from the plan's beginning to its end, 0 to 1. */
  readonly share: number;
}

/** Less than this taken, and nothing is narrow. Ours. */
const NARROW_FROM = 0.5;

/** What a plan uses up most of; null where all of it has room. */
export function bottleneck(problem: PlanProblem, { steps }: PlanAnswer): Bottleneck | null {
  const startMs = Date.parse(problem.start);
  // Whoever waits for a far day is no sign of haste: only the time in which hands are at work counts.
  const spanMin =
    Math.max(
      0,
      ...steps.flatMap(({ end, person }) => (person ? [Date.parse(end) - startMs] : [])),
    ) / MINUTE_MS;
  if (!(spanMin > 0)) return null;
  const planned = new Map(
    problem.jobs.flatMap((job) => job.steps.map((step) => [`${job.id} ${step.id}`, step] as const)),
  );
  const used = new Map<string, number>();
  const add = (kind: Bottleneck['kind'], id: string, amount: number) =>
    used.set(`${kind} ${id}`, (used.get(`${kind} ${id}`) ?? 0) + amount);
  for (const { job, step: id, start, end, person } of steps) {
    const step = planned.get(`${job} ${id}`);
    const from = (Date.parse(start) - startMs) / MINUTE_MS;
    const minutes = Math.max(0, Math.min((Date.parse(end) - startMs) / MINUTE_MS, spanMin) - from);
    if (!step) continue;
    if (person) add('person', person, minutes);
    if (step.machine !== undefined) add('machine', step.machine, minutes);
    if (step.mold !== undefined) add('mold', step.mold, minutes * step.cavities);
    add('drying-room', '', minutes * step.trayPlaces);
  }
  const days = Math.ceil(spanMin / DAY_MIN) + 1;
  const hours = problem.people.map((person) => ({
    kind: 'person' as const,
    id: person.id,
    most: workingHoursOf(person, problem, days).reduce(
      (sum, { from, to }) => sum + Math.max(0, Math.min(to, spanMin) - from),
      0,
    ),
  }));
  // A machine and a mold stand still when nobody is there.
  const someMin = Math.max(0, ...hours.map(({ most }) => most));
  const all = [
    ...hours,
    ...Object.entries(problem.machines).map(([id, count]) => ({
      kind: 'machine' as const,
      id,
      most: count * someMin,
    })),
    ...Object.entries(problem.molds).map(([id, cavities]) => ({
      kind: 'mold' as const,
      id,
      most: cavities * spanMin,
    })),
    { kind: 'drying-room' as const, id: '', most: problem.trayPlaces * spanMin },
  ];
  return all.reduce<Bottleneck | null>((most, { kind, id, most: can }) => {
    const share = can > 0 ? (used.get(`${kind} ${id}`) ?? 0) / can : 0;
    return share >= NARROW_FROM && share > (most?.share ?? 0) ? { kind, id, share } : most;
  }, null);
}
