import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PlanAnswer, PlanProblem, PlanResult } from '@/core/goods/planning/problem';
import { openShop } from '../../tests/fixtures/shop';
import { useCalendarStore } from './calendar';
import { NO_WHAT_IF, usePlanInputsStore } from './planInputs';

const NOW = '2026-10-15T12:01:00.000Z';
const HOUR_MS = 3_600_000;

/** Searches that the store has begun, in the hands of the test. */
interface Search {
  readonly problem: PlanProblem;
  readonly onBetter: (answer: PlanAnswer, share: number) => void;
  readonly finish: (result: PlanResult) => Promise<void>;
  isCanceled: boolean;
}
const searches: Search[] = [];
vi.mock('@/workers/startPlan', () => ({
  startPlan: (problem: PlanProblem, _seconds: number, onBetter: Search['onBetter']) => {
    let answer: (found: PlanResult) => void = () => undefined;
    const result = new Promise<PlanResult>((resolve) => (answer = resolve));
    const search: Search = {
      problem,
      onBetter,
      isCanceled: false,
      finish: async (found) => {
        answer(found);
        await result;
      },
    };
    searches.push(search);
    return { result, cancel: () => (search.isCanceled = true) };
  },
}));

let workshop: ReturnType<typeof openShop>;
let calendar: ReturnType<typeof useCalendarStore>;
let planInputs: ReturnType<typeof usePlanInputsStore>;
const newest = () => searches.at(-1) as Search;
const firstJob = () => planInputs.problem.jobs[0]?.id ?? '';

/** Each job's first step, an hour each, one after another. */
function answerTo(
  { jobs }: PlanProblem,
  lateMin: Readonly<Record<string, number>> = {},
): PlanAnswer {
  return {
    steps: jobs.map(({ id, steps }, i) => ({
      job: id,
      step: steps[0]?.id ?? '',
      person: 'Someone',
      start: new Date(Date.parse(NOW) + i * HOUR_MS).toISOString(),
      end: new Date(Date.parse(NOW) + (i + 1) * HOUR_MS).toISOString(),
    })),
    lateMin,
    weightedLateMin: 0,
    boundWeightedLateMin: 0,
    provedBest: false,
  };
}

beforeEach(() => {
  vi.useFakeTimers({ now: Date.parse(NOW), toFake: ['Date'] });
  searches.length = 0;
  workshop = openShop();
  calendar = useCalendarStore();
  planInputs = usePlanInputsStore();
});
afterEach(() => void vi.useRealTimers());

describe('a plan that is looked for', () => {
  it('is there at once, and looked for nowhere, where nothing has to be done', () => {
    workshop.remove(
      'orders',
      workshop.orders.map(({ id }) => id),
    );
    workshop.remove(
      'batches',
      workshop.batches.map(({ id }) => id),
    );
    calendar.plan();
    expect(searches).toEqual([]);
    expect(calendar.answer).toMatchObject({ steps: [], provedBest: true });
    expect(calendar.share).toBeNull();
  });

  it('shows the best so far with how far it is, and then what was found', async () => {
    calendar.plan();
    expect(calendar).toMatchObject({ share: 0, hasFirst: false, answer: null });
    const found = answerTo(newest().problem);
    newest().onBetter(found, 1.2);
    expect(calendar).toMatchObject({ share: 1, hasFirst: true });
    expect(calendar.bars).toHaveLength(found.steps.length);
    await newest().finish({ ok: true, value: { ...found, provedBest: true } });
    expect(calendar.share).toBeNull();
    expect(calendar.answer?.provedBest).toBe(true);
  });

  it('is stopped by the next one, and nothing that the first one still says is heard', async () => {
    calendar.plan();
    const first = newest();
    calendar.plan();
    expect(first.isCanceled).toBe(true);
    first.onBetter(answerTo(first.problem), 0.5);
    await first.finish({ ok: false, problem: 'too late' });
    expect(calendar).toMatchObject({ answer: null, problem: '', share: 0 });
  });

  it('keeps its best when it is stopped by hand', () => {
    calendar.plan();
    newest().onBetter(answerTo(newest().problem), 0.3);
    calendar.cancel();
    expect(newest().isCanceled).toBe(true);
    expect(calendar.share).toBeNull();
    expect(calendar.bars.length).toBeGreaterThan(0);
  });

  it('says why there is none', async () => {
    calendar.plan();
    await newest().finish({ ok: false, problem: 'nobody works' });
    expect(calendar.problem).toBe('Couldn’t make a plan: nobody works.');
  });
});

describe('what is drawn of a plan', () => {
  it('is late by more than half a minute, and ready when the last of an order is', () => {
    calendar.plan();
    const { problem } = newest();
    const [one, other] = problem.jobs.map(({ id }) => id);
    if (!one || !other) throw new Error('the sample has two jobs to plan');
    newest().onBetter(answerTo(problem, { [one]: 0.5, [other]: 0.6 }), 0.5);
    const late = new Map(calendar.bars.map(({ job, isLate }) => [job, isLate]));
    expect(late.get(one)).toBe(false);
    expect(late.get(other)).toBe(true);
    expect(calendar.readyMs(one)).toBe(
      Math.max(...calendar.bars.filter(({ job }) => job === one).map(({ endMs }) => endMs)),
    );
    expect(calendar.readyMs('no such order')).toBeNull();
  });

  it('says when pieces will be dry only of the drying', () => {
    calendar.plan();
    const { problem } = newest();
    const job = problem.jobs.find(({ steps }) => steps.some(({ id }) => id === 'dry'));
    if (!job) throw new Error('the sample has something to dry');
    const plain = answerTo(problem);
    const [first] = plain.steps;
    if (!first) throw new Error('there are steps');
    const steps = [
      { ...first, job: job.id, step: 'dry' },
      { ...first, job: job.id, step: 'press' },
    ];
    newest().onBetter({ ...plain, steps }, 0.5);
    const [dry, press] = calendar.bars;
    expect(dry?.dryMs?.low).toBeGreaterThan(dry?.startMs ?? Infinity);
    expect(dry?.places).toBeGreaterThan(0);
    expect(press?.dryMs).toBeNull();
  });
});

describe('a step that a hand puts somewhere', () => {
  function planned(): void {
    calendar.plan();
    newest().onBetter(answerTo(newest().problem), 0.5);
  }
  const barOf = (job: string) => calendar.bars.find((bar) => bar.job === job);

  it('stands there at once and is locked, the rest is looked for again, and it can be taken back', () => {
    planned();
    const job = firstJob();
    const before = barOf(job)?.startMs;
    const atMs = Date.parse('2026-10-19T09:00:00.000Z');
    const step = barOf(job)?.step ?? '';
    const count = searches.length;
    expect(calendar.moveStep(job, step, atMs)).toBe('');
    expect(barOf(job)).toMatchObject({ startMs: atMs, endMs: atMs + HOUR_MS, isLocked: true });
    expect(workshop.settings.plan.locks).toContainEqual({
      job,
      step,
      at: new Date(atMs).toISOString(),
    });
    expect(searches.length).toBe(count + 1);
    expect(calendar.canUndo).toBe(true);
    calendar.undo();
    expect(barOf(job)).toMatchObject({ startMs: before, isLocked: false });
    expect(calendar.canUndo).toBe(false);
  });

  it('begins no sooner than the plan itself, and has one place only', () => {
    planned();
    const job = firstJob();
    const step = barOf(job)?.step ?? '';
    calendar.moveStep(job, step, Date.parse('2026-10-19T09:00:00.000Z'));
    calendar.moveStep(job, step, 0);
    const own = workshop.settings.plan.locks.filter((lock) => lock.job === job);
    expect(own.map(({ at }) => Date.parse(at))).toEqual([planInputs.startMs]);
  });

  it('stays where it was when it cannot be there, and says why', () => {
    planned();
    const earlier = workshop.settings.plan.locks;
    const count = searches.length;
    expect(calendar.moveStep('a job of yesterday', 'mix', planInputs.startMs)).toMatch(
      /no longer in the plan/,
    );
    expect(workshop.settings.plan.locks).toEqual(earlier);
    expect(searches.length).toBe(count);
    expect(calendar.canUndo).toBe(false);
  });

  it('is let go, and that can be taken back too', () => {
    planned();
    const job = firstJob();
    const step = barOf(job)?.step ?? '';
    calendar.moveStep(job, step, Date.parse('2026-10-19T09:00:00.000Z'));
    calendar.unlock(job, step);
    expect(barOf(job)?.isLocked).toBe(false);
    calendar.undo();
    expect(barOf(job)?.isLocked).toBe(true);
  });
});

describe('what would be if', () => {
  it('is asked of a search of its own: the plan that stands stays', async () => {
    calendar.plan();
    newest().onBetter(answerTo(newest().problem), 0.5);
    const standing = calendar.answer;
    const asking = calendar.askWhatIf({ ...NO_WHAT_IF, secondMixer: true });
    expect(newest().problem.machines.mixer).toBeGreaterThan(planInputs.problem.machines.mixer ?? 0);
    await newest().finish({ ok: false, problem: 'nobody works' });
    await asking;
    expect(calendar.whatIfLate).toMatchObject({
      asked: { secondMixer: true },
      answer: 'nobody works',
    });
    expect(calendar.answer).toBe(standing);
  });
});
