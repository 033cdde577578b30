import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { latestPressMs, lockProblem } from './locked';
import { bottleneck } from './bottleneck';
import { planJobs } from './planJobs';
import { planProblemSchema, type PlanAnswer, type PlanProblem } from './problem';
import { lateBound } from './bound';
import { jobByJob, lockedBookings, serially } from './schedule';
import { shopOf } from './shop';

const START = '2026-03-02T08:00:00Z';
const at = (minute: number) => new Date(Date.parse(START) + 60_000 * minute).toISOString();
const minuteOf = (iso: string) => (Date.parse(iso) - Date.parse(START)) / 60_000;
type Draft = Parameters<typeof planProblemSchema.parse>[0];
const problemOf = (draft: Draft): PlanProblem => planProblemSchema.parse(draft);
let ticks = 0;
/** A clock that goes a millisecond a look: the same number of tries on every machine. */
const means = (seconds = 1) => {
  ticks = 0;
  return { seconds, nowMs: () => ticks++ };
};
function solved(problem: PlanProblem, seconds?: number): PlanAnswer {
  const result = planJobs(problem, means(seconds));
  if (!result.ok) throw new Error(result.problem);
  return result.value;
}

/** Every rule of a plan, looked at from outside. */
function expectToHold(problem: PlanProblem, { steps, lateMin, weightedLateMin }: PlanAnswer): void {
  const busy = new Map<string, [number, number, number][]>();
  const use = (what: string, from: number, to: number, much: number) =>
    busy.set(what, [...(busy.get(what) ?? []), [from, to, much]]);
  let late = 0;
  for (const job of problem.jobs) {
    let before: number | null = null;
    for (const step of job.steps) {
      const found = steps.find((one) => one.job === job.id && one.step === step.id);
      if (!found) throw new Error(`${step.id} of ${job.id} is not planned`);
      const [from, to] = [minuteOf(found.start), minuteOf(found.end)];
      expect(to - from).toBeCloseTo(step.minutes, 3);
      expect(from).toBeGreaterThanOrEqual(
        (before ?? 0) + (before === null ? 0 : step.waitMinMin) - 0.01,
      );
      if (before !== null && step.waitMaxMin !== null)
        expect(from).toBeLessThanOrEqual(before + step.waitMaxMin + 0.01);
      before = to;
      expect(found.person !== '').toBe(step.person);
      if (step.person) {
        use(`hands ${found.person}`, from, to, 1);
        const person = problem.people.find(({ id }) => id === found.person);
        const clock = (iso: string) => iso.slice(11, 16);
        expect(clock(found.start) >= (person?.from ?? '')).toBe(true);
        expect(clock(found.end) <= (person?.to ?? '')).toBe(true);
        const day = new Date(found.start).getUTCDay() || 7;
        expect(person?.days).toContain(day);
        expect(found.start.slice(0, 10)).toBe(found.end.slice(0, 10));
      }
      if (step.machine) use(`machine ${step.machine}`, from, to, 1);
      if (step.trayPlaces > 0) use('trays', from, to, step.trayPlaces);
    }
    const own = Math.max(0, (before ?? 0) - minuteOf(job.due));
    expect(lateMin[job.id]).toBeCloseTo(own, 2);
    late += own * job.weight;
  }
  expect(weightedLateMin).toBeCloseTo(late, 1);
  for (const [what, spans] of busy) {
    const most = what === 'trays' ? problem.trayPlaces : (problem.machines[what.slice(8)] ?? 1);
    for (const [from] of spans) {
      const here = spans
        .filter(([a, b]) => a <= from + 0.01 && b > from + 0.01)
        .reduce((sum, [, , much]) => sum + much, 0);
      expect(here, `${what} at ${from}`).toBeLessThanOrEqual(most);
    }
  }
}

const DAY = { from: '08:00', to: '17:00', days: [1, 2, 3, 4, 5] };
/** A batch of pieces as the contract writes one. */
const batch = (id: string, dueMinute: number, weight = 1) => ({
  id,
  due: at(dueMinute),
  weight,
  steps: [
    { id: 'mix', minutes: 40, person: true, machine: 'mixer' },
    { id: 'press', minutes: 24, person: true, machine: 'press', waitMaxMin: 30 },
    { id: 'dry', minutes: 1440, trayPlaces: 24 },
    { id: 'wrap', minutes: 30, person: true },
  ],
});
const shop = (jobs: readonly object[], change: object = {}) =>
  problemOf({
    start: START,
    people: [{ id: 'a', ...DAY }],
    machines: { mixer: 1, press: 1 },
    trayPlaces: 168,
    jobs,
    ...change,
  });

describe('bowls of one person a day', () => {
  const mixesADay = (jobs: readonly object[], people: readonly object[], zoneMin = 0) => {
    const problem = shop(jobs, { people, zoneMin, trayPlaces: 10_000 });
    const answer = solved(problem);
    const days = new Map<string, number>();
    for (const { step, person, start } of answer.steps)
      if (step === 'mix') {
        const day = new Date(Date.parse(start) + zoneMin * 60_000).toISOString().slice(0, 10);
        days.set(`${person} ${day}`, (days.get(`${person} ${day}`) ?? 0) + 1);
      }
    return { problem, answer, most: Math.max(...days.values()) };
  };
  const due = (count: number) => Array.from({ length: count }, (_, i) => batch(`b${i}`, 1500));

  it('are as many as the hours hold, or as few as the person takes', () => {
    const free = mixesADay(due(6), [{ id: 'a', ...DAY }]);
    expect(free.most).toBeGreaterThan(2);
    const two = mixesADay(due(6), [{ id: 'a', ...DAY, mostBowls: 2 }]);
    expect(two.most).toBe(2);
    expectToHold(two.problem, two.answer);
    // What one does not take the other does.
    const pair = mixesADay(due(6), [
      { id: 'a', ...DAY, mostBowls: 1 },
      { id: 'b', ...DAY },
    ]);
    expectToHold(pair.problem, pair.answer);
    expect(
      pair.answer.steps.filter(({ step, person }) => step === 'mix' && person === 'a').length,
    ).toBeLessThan(6);
  });

  it('are counted by the day of the workshop, whatever its zone', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 2, max: 6 }),
        fc.constantFrom(0, 60, -300, 600),
        (mostBowls, jobs, zoneMin) => {
          const people = [
            { id: 'a', from: '00:00', to: '23:59', days: [1, 2, 3, 4, 5, 6, 7], mostBowls },
          ];
          expect(mixesADay(due(jobs), people, zoneMin).most).toBeLessThanOrEqual(mostBowls);
        },
      ),
      { seed: 7, numRuns: 12 },
    );
  });
});

describe('the narrow place', () => {
  const found = (change: object, jobs: readonly object[] = [batch('a', 0), batch('b', 0)]) => {
    const problem = shop(jobs, change);
    return bottleneck(problem, solved(problem));
  };

  it('is what is used up most, from half of what it could give', () => {
    // A day and a half from the first mixing to the last wrap; two batches are there for a day and more.
    expect(found({ trayPlaces: 48 })).toMatchObject({ kind: 'drying-room' });
    expect(found({ trayPlaces: 500 })).toBeNull();
    const hour = (id: string, due: number) => ({
      id,
      due: at(due),
      weight: 1,
      steps: [{ id: 'mix', minutes: 60, person: true }],
    });
    const rush = shop(Array.from({ length: 6 }, (_, i) => hour(`j${i}`, 400)));
    expect(bottleneck(rush, solved(rush))).toEqual({ kind: 'person', id: 'a', share: 0.9 });
    // An hour that ends after two is half of them; a little later it is less.
    expect(found({}, [hour('a', 120)])?.share).toBe(0.5);
    expect(found({}, [hour('a', 130)])).toBeNull();
    expect(bottleneck(shop([]), solved(shop([])))).toBeNull();
  });
});

describe('a plan', () => {
  it('keeps every rule, on problems at random', () => {
    const step = fc.record({
      minutes: fc.integer({ min: 5, max: 200 }),
      person: fc.boolean(),
      machine: fc.constantFrom(undefined, 'mixer', 'press'),
      trayPlaces: fc.integer({ min: 0, max: 40 }),
      waitMinMin: fc.constantFrom(0, 0, 60),
      waitMaxMin: fc.constantFrom(null, null, 90, 1500),
    });
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            due: fc.integer({ min: 0, max: 6000 }),
            weight: fc.integer({ min: 1, max: 3 }),
            steps: fc.array(step, { minLength: 1, maxLength: 4 }),
          }),
          { minLength: 1, maxLength: 8 },
        ),
        (jobs) => {
          const problem = shop(
            jobs.map(({ due, weight, steps }, i) => ({
              id: `b${i}`,
              due: at(due),
              weight,
              steps: steps.map((one, k) => ({ id: `s${k}`, ...one })),
            })),
            {
              people: [
                { id: 'a', ...DAY },
                { id: 'b', from: '09:00', to: '13:00', days: [1, 3, 6] },
              ],
              trayPlaces: 60,
            },
          );
          const result = planJobs(problem, means(0.05));
          if (!result.ok) return;
          expectToHold(problem, result.value);
          const { weightedLateMin, boundWeightedLateMin } = result.value;
          expect(boundWeightedLateMin).toBeLessThanOrEqual(weightedLateMin + 1e-6);
        },
      ),
      { seed: 20261126, numRuns: 60 },
    );
  });

  it('is never later than the jobs in the order of their due dates', () => {
    const jobs = Array.from({ length: 25 }, (_, i) =>
      batch(`b${i}`, 2000 + ((i * 7) % 9) * 400, 1 + (i % 3)),
    );
    const problem = shop(jobs, { trayPlaces: 96 });
    const made = shopOf(problem);
    if (!made.ok) throw new Error(made.problem);
    const byDue = [...problem.jobs.keys()].sort(
      (a, b) => minuteOf(problem.jobs[a]?.due ?? '') - minuteOf(problem.jobs[b]?.due ?? ''),
    );
    const edd = serially(made.value, jobByJob(made.value, byDue), lockedBookings(made.value));
    if (!edd.ok) throw new Error(edd.job);
    const answer = solved(problem, 0.2);
    expect(answer.weightedLateMin).toBeLessThanOrEqual(edd.schedule.weightedLate + 1e-6);
    expectToHold(problem, answer);
  });

  it('starts late rather than early: a batch is mixed the day it has to be', () => {
    const answer = solved(shop([batch('b1', 4 * 1440 + 9 * 60)]));
    expect(answer.provedBest).toBe(true);
    expect(answer.steps[0]?.start.slice(0, 10)).toBe('2026-03-05');
    expectToHold(shop([batch('b1', 4 * 1440 + 9 * 60)]), answer);
  });

  it('lets a locked step stand and puts the rest around it', () => {
    const locked = batch('b1', 3000);
    const mix = { ...locked.steps[0], at: at(120) };
    const problem = shop([
      { ...locked, steps: [mix, ...locked.steps.slice(1)] },
      batch('b2', 3000),
    ]);
    const answer = solved(problem);
    expect(answer.steps.find(({ job, step }) => job === 'b1' && step === 'mix')?.start).toBe(
      at(120),
    );
    expectToHold(problem, answer);
  });

  it('gives a locked step to hands that are there, and two at one time to two', () => {
    const at14 = { minutes: 60, person: true, at: at(360) };
    const job = (id: string) => ({ id, due: at(3000), steps: [{ id: 's', ...at14 }] });
    const people = [
      { id: 'a', from: '08:00', to: '12:00', days: [1, 2, 3, 4, 5] },
      { id: 'b', from: '12:00', to: '18:00', days: [1, 2, 3, 4, 5] },
      { id: 'c', from: '12:00', to: '18:00', days: [1, 2, 3, 4, 5] },
    ];
    const answer = solved(shop([job('b1'), job('b2')], { people }));
    expect(answer.steps.map(({ person }) => person)).toEqual(['b', 'c']);
  });
});

describe('a step put somewhere by hand', () => {
  const withAt = (id: string, minute: number) => {
    const job = batch('b1', 9000);
    return shop([
      {
        ...job,
        steps: job.steps.map((step) => (step.id === id ? { ...step, at: at(minute) } : step)),
      },
    ]);
  };
  const why = (id: string, minute: number) => lockProblem(withAt(id, minute), 'b1', () => 0);

  it('may stand in working hours, and says why it may not elsewhere', () => {
    // The day ends at 17:00, nine hours from the start: forty minutes fit until 500.
    expect(why('mix', 450)).toBe('');
    // It fits, but no press can follow within half an hour.
    expect(why('mix', 500)).toMatch(/fits nowhere/);
    expect(why('mix', 501)).toMatch(/Nobody works for 40 min/);
    expect(why('press', 10)).toMatch(/The step before it can’t be done by then/);
    expect(why('press', 40)).toBe('');
    expect(lockProblem(withAt('mix', 0), 'gone', () => 0)).toMatch(/no longer in the plan/);
  });

  it('has a latest start from which its order is still made', () => {
    // Due Friday at 16:00: wrapped from 15:30, dry a day before that, pressed 24 minutes earlier.
    const friday = 4 * 1440 + 8 * 60;
    const latest = latestPressMs(shop([batch('b1', friday)]), 'b1', () => 0);
    expect(minuteOf(new Date(latest ?? 0).toISOString())).toBeGreaterThan(
      friday - 30 - 1440 - 24 - 6,
    );
    expect(minuteOf(new Date(latest ?? 0).toISOString())).toBeLessThanOrEqual(
      friday - 30 - 1440 - 24,
    );
    expect(latestPressMs(shop([batch('b1', 60)]), 'b1', () => 0)).toBeNull();
  });
});

/** Every start of every step on a grid, gone through one by one: slow, and of no other making. */
function exhaustive(problem: PlanProblem, gridMin: number, lastMin: number): number {
  const steps = problem.jobs.flatMap((job, j) =>
    job.steps.map((step, k) => ({ job, j, step, k, isLast: k === job.steps.length - 1 })),
  );
  const spans: {
    from: number;
    to: number;
    machine: string | undefined;
    trays: number;
    person: number;
  }[] = [];
  let best = Infinity;
  go(0, 0, 0);
  return best;

  function go(i: number, before: number, late: number): void {
    if (late >= best) return;
    const here = steps[i];
    if (!here) {
      best = late;
      return;
    }
    const { job, step, k, isLast } = here;
    const earliest = k === 0 ? 0 : before + step.waitMinMin;
    const latest = Math.min(
      lastMin - step.minutes,
      k > 0 && step.waitMaxMin !== null ? before + step.waitMaxMin : Infinity,
    );
    for (let from = Math.ceil(earliest / gridMin) * gridMin; from <= latest; from += gridMin) {
      const to = from + step.minutes;
      const more = isLast ? job.weight * Math.max(0, to - minuteOf(job.due)) : 0;
      if (late + more >= best) break;
      const clash = spans.filter((one) => one.from < to && from < one.to);
      if (
        step.machine &&
        clash.filter((one) => one.machine === step.machine).length >=
          (problem.machines[step.machine] ?? 0)
      )
        continue;
      const hands = step.person ? problem.people.map((_, p) => p) : [-1];
      for (const person of hands) {
        if (person >= 0) {
          const of = problem.people[person];
          const day = Math.floor((from + 480) / 1440);
          const clockFrom = from + 480 - day * 1440;
          const opens = Number(of?.from.slice(0, 2)) * 60;
          const closes = Number(of?.to.slice(0, 2)) * 60;
          if (clockFrom < opens || clockFrom + step.minutes > closes) continue;
          if (clash.some((one) => one.person === person)) continue;
        }
        spans.push({ from, to, machine: step.machine, trays: step.trayPlaces, person });
        go(i + 1, to, late + more);
        spans.pop();
      }
    }
  }
}

describe('against exhaustive search', () => {
  it('comes to the very best on problems of up to a dozen steps', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            due: fc.integer({ min: 1, max: 8 }),
            weight: fc.integer({ min: 1, max: 3 }),
            steps: fc.array(
              fc.record({
                minutes: fc.constantFrom(60, 120),
                person: fc.boolean(),
                machine: fc.constantFrom(undefined, 'mixer'),
                waitMaxMin: fc.constantFrom(null, null, 60),
              }),
              { minLength: 1, maxLength: 3 },
            ),
          }),
          { minLength: 2, maxLength: 4 },
        ),
        (jobs) => {
          const problem = shop(
            jobs.map(({ due, weight, steps }, i) => ({
              id: `b${i}`,
              due: at(60 * due),
              weight,
              steps: steps.map((one, k) => ({ id: `s${k}`, ...one })),
            })),
            { people: [{ id: 'a', from: '08:00', to: '22:00', days: [1, 2, 3, 4, 5, 6, 7] }] },
          );
          const answer = solved(problem, 20);
          const best = exhaustive(problem, 60, 60 * 14);
          if (best < Infinity) {
            expect(answer.weightedLateMin).toBeLessThanOrEqual(best * 1.03 + 1e-6);
            expect(answer.boundWeightedLateMin).toBeLessThanOrEqual(best + 1e-6);
            if (answer.provedBest) expect(answer.weightedLateMin).toBeCloseTo(best, 3);
          }
        },
      ),
      { seed: 20261126, numRuns: 40 },
    );
  });
});

/** Fisher and Thompson 1963, six jobs on six machines: machine and minutes of each operation. The least span is 55. */
const FT06 = [
  [2, 1, 0, 3, 1, 6, 3, 7, 5, 3, 4, 6],
  [1, 8, 2, 5, 4, 10, 5, 10, 0, 10, 3, 4],
  [2, 5, 3, 4, 5, 8, 0, 9, 1, 1, 4, 7],
  [1, 5, 0, 5, 2, 5, 3, 3, 4, 8, 5, 9],
  [2, 9, 1, 3, 4, 5, 5, 4, 0, 3, 3, 1],
  [1, 3, 3, 3, 5, 9, 0, 10, 4, 4, 2, 1],
];
const ft06 = (due: number) =>
  problemOf({
    start: START,
    people: [],
    machines: Object.fromEntries(Array.from({ length: 6 }, (_, i) => [`m${i}`, 1])),
    jobs: FT06.map((row, i) => ({
      id: `j${i}`,
      due: at(due),
      steps: Array.from({ length: 6 }, (_, k) => ({
        id: `s${k}`,
        minutes: row[2 * k + 1] ?? 0,
        machine: `m${row[2 * k]}`,
      })),
    })),
  });

describe('against a published example (Fisher and Thompson 1963, 6 × 6: least span 55)', () => {
  it('is done by minute 55, and not by 54', () => {
    expect(solved(ft06(55)).weightedLateMin).toBe(0);
    expect(solved(ft06(54), 0.5).weightedLateMin).toBeGreaterThan(0);
  });

  it('puts single jobs by weight over time (Smith 1956)', () => {
    const work = [30, 10, 60, 20, 45];
    const weights = [1, 2, 1, 3, 2];
    const jobs = work.map((minutes, i) => ({
      id: `b${i}`,
      due: at(0),
      weight: weights[i],
      steps: [{ id: 's', minutes, machine: 'mixer' }],
    }));
    const order = [...work.keys()].sort(
      (a, b) => (work[a] ?? 0) / (weights[a] ?? 1) - (work[b] ?? 0) / (weights[b] ?? 1),
    );
    let clock = 0;
    const smith = order.reduce((sum, i) => {
      clock += work[i] ?? 0;
      return sum + clock * (weights[i] ?? 1);
    }, 0);
    expect(solved(shop(jobs)).weightedLateMin).toBeCloseTo(smith, 6);
  });
});

describe('the bound', () => {
  it('sees a scarce machine: five jobs of an hour, all due at noon', () => {
    const jobs = Array.from({ length: 5 }, (_, i) => ({
      id: `b${i}`,
      due: at(60),
      steps: [{ id: 's', minutes: 60, machine: 'mixer' }],
    }));
    const made = shopOf(shop(jobs));
    // Late by 0, 1, 2, 3 and 4 hours.
    expect(made.ok && lateBound(made.value)).toBe(600);
  });
});

describe('a problem that cannot be met', () => {
  const one = (steps: readonly object[], change: object = {}) =>
    planJobs(shop([{ id: 'b1', due: at(100), steps }], change), means(0.05));
  it.each([
    [
      'a step longer than any stretch',
      one([{ id: 'mix', minutes: 600, person: true }]),
      /mix of b1 takes 10 h, and the longest working time is 9 h/,
    ],
    [
      'nobody',
      one([{ id: 'mix', minutes: 10, person: true }], { people: [] }),
      /needs a person, and there is none/,
    ],
    [
      'a person without days',
      one([{ id: 'mix', minutes: 10, person: true }], { people: [{ id: 'a', ...DAY, days: [] }] }),
      /nobody has working hours/,
    ],
    [
      'a machine nobody has',
      one([{ id: 'mix', minutes: 10, machine: 'kiln' }]),
      /needs the kiln, and there is none/,
    ],
    [
      'a loft smaller than one batch',
      one([{ id: 'dry', minutes: 10, trayPlaces: 169 }]),
      /169 tray places, and the drying room has 168/,
    ],
    [
      'waits that contradict each other',
      one([
        { id: 'a', minutes: 1 },
        { id: 'b', minutes: 1, waitMinMin: 9, waitMaxMin: 5 },
      ]),
      /at least 9 min and at most 5 min/,
    ],
  ])('%s is refused with the reason', (_what, result, why) => {
    expect(result.ok ? '' : result.problem).toMatch(why);
  });

  it('a wait that never comes about is refused too', () => {
    const result = one([
      { id: 'mix', minutes: 500, person: true },
      { id: 'press', minutes: 500, person: true, waitMaxMin: 30 },
    ]);
    expect(result.ok ? '' : result.problem).toMatch(/b1 fits nowhere/);
  });

  it('works through the night, over a change of clocks, and for an order of yesterday', () => {
    const night = { people: [{ id: 'a', from: '22:00', to: '06:00', days: [1] }], zoneMin: 60 };
    const answer = planJobs(
      shop(
        [{ id: 'b1', due: at(-1440), steps: [{ id: 'mix', minutes: 400, person: true }] }],
        night,
      ),
      means(0.05),
    );
    // 22:00 of a clock an hour ahead is 21:00 in the world's time.
    expect(answer.ok && answer.value.steps[0]?.start).toBe('2026-03-02T21:00:00.000Z');
    expect(answer.ok && answer.value.lateMin.b1).toBeGreaterThan(1440);
  });
});
