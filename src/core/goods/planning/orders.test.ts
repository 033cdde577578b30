import { describe, expect, it } from 'vitest';
import { workOf } from '@/core/work/flow/workOf';
import { newId } from '@/core/basics/newId';
import type { Method } from '@/core/formula/model/schema';
import { nextOf } from '../orders/nextOf';
import type { Order } from '../orders/schema';
import type { Batch } from '@/core/batches/records/schema';
import { looseStock, wrappedStock } from '../products/stock';
import { SAMPLE, SAMPLE_CATALOG, sampleBatch, sampleUnit } from '../../../../tests/fixtures/sample';
import { allocateStock, orderState, type AllocationQuestion } from './allocation';
import { doneBetween } from './doneBetween';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { kindOfStep, stepsFor, type StepFacts } from './steps';
import { mixFactor, pressMinutesEach } from './learned';
import { moldUse, piecesAtOnce, type MoldUse } from './moldUse';
import { planJobs } from './planJobs';
import { planProblemSchema } from './problem';
import { problemFor } from './fromOrders';
import { shellWaitMin } from './moldUse';
import { workingHoursOf } from './workingHours';
import { busiestDay } from './busiestDay';

const DUE = '2026-10-20T10:00:00Z';
const order = (
  lines: readonly (readonly [string, number])[],
  change: Partial<Order> = {},
): Order => ({
  id: newId(),
  origin: 'own',
  kind: 'order',
  who: 'Pilot station',
  where: '',
  due: DUE,
  lines: lines.map(([name, count]) => ({ unitId: sampleUnit(name).id, count })),
  repeatDays: null,
  isCalledOff: false,
  note: '',
  ...change,
});
const drying = new Set([sampleBatch('QL-011').id]);
const cover = (orders: readonly Order[], change: Partial<AllocationQuestion> = {}) =>
  allocateStock({
    orders,
    units: SAMPLE.units,
    goods: SAMPLE.goods,
    wrapped: wrappedStock(SAMPLE.goods),
    loose: looseStock(SAMPLE.batches, SAMPLE.goods, SAMPLE.trials),
    isDrying: (id) => drying.has(id),
    formulas: SAMPLE.formulas,
    bowlPieces: () => 12,
    ...change,
  });

describe('where orders come from', () => {
  it('takes what is wrapped, then what dries, then whole bowls; what is over is there for the next', () => {
    // Nine are wrapped, twenty-four dry.
    const first = order([['Quince Lantern', 40]]);
    const second = order([['Quince Lantern', 3]], { due: '2026-10-25T10:00:00Z' });
    const found = cover([second, first]);
    const [line] = found.orders.find((one) => one.order === first)?.lines ?? [];
    expect(line).toMatchObject({ fromStock: 9, fromLoose: 0, fromComing: 24, toMake: 7 });
    expect(found.toMake).toHaveLength(1);
    expect(found.toMake[0]).toMatchObject({ pieces: 12, over: 2, dueMs: Date.parse(DUE) });
    expect(found.toMake[0]?.orderIds).toEqual([first.id, second.id]);
    expect(found.coming.get(sampleBatch('QL-011').id)).toMatchObject({
      pieces: 24,
      wrapMinutes: 24,
    });
  });

  it('leaves out wrapped goods whose best before comes ahead of the day they are due', () => {
    const nine = order([['Quince Lantern', 9]]);
    const fromStock = (bestBefore: string) =>
      cover([nine], {
        wrapped: wrappedStock(SAMPLE.goods).map(({ run, left }) => ({
          run: { ...run, bestBefore },
          left,
        })),
      }).orders[0]?.lines[0]?.fromStock;
    expect(fromStock(DUE.slice(0, 10))).toBe(9);
    expect(fromStock('2026-10-19')).toBe(0);
  });

  it('makes a box of what each of its formulas has, and as slow as the slowest', () => {
    const boxes = order([['Harbor Box', 14]]);
    const found = cover([boxes]);
    const [covered] = found.orders;
    const sum = covered?.lines.reduce(
      (all, one) => all + one.fromStock + one.fromLoose + one.fromComing + one.toMake,
      0,
    );
    expect(sum).toBe(14);
    expect(orderState(boxes, covered)).toBe('to-make');
    expect(new Set(found.toMake.map(({ formula }) => formula.name))).not.toContain(
      'Quince Lantern',
    );
  });

  it('knows what was handed over, called off, and what is gone', () => {
    const had = SAMPLE.orders.find(({ id }) =>
      SAMPLE.goods.some((move) => move.kind === 'gone' && move.orderId === id),
    );
    if (!had) throw new Error('the sample handed something over');
    expect(orderState(had, cover([had]).orders[0])).toBe('handed-over');
    const off = order([['Ebb Glass', 1]], { isCalledOff: true });
    expect(cover([off]).orders).toEqual([]);
    expect(orderState(off, undefined)).toBe('called-off');
    const lost = order([['Ebb Glass', 30]]);
    expect(cover([lost], { formulas: [] }).problems[0]).toMatch(/whose formula was removed/);
    expect(cover([lost], { units: [] }).problems[0]).toMatch(/no longer sold/);
  });

  it('says the next of an order that comes again, and none of one that does not', () => {
    expect(nextOf(order([]), 'x')).toBeNull();
    expect(nextOf(order([], { repeatDays: 7 }), 'x')).toMatchObject({
      id: 'x',
      due: '2026-10-27T10:00:00.000Z',
    });
  });

  it('bears five hundred orders', () => {
    const many = Array.from({ length: 500 }, (_, i) => order([['Ebb Glass', 1 + (i % 5)]]));
    expect(cover(many).orders).toHaveLength(500);
  });
});

const FACTS = {
  places: 24,
  dryHours: 30,
  pressMinEach: null,
  mixFactor: 1,
  mold: null,
  pieces: 24,
  wrapMinutes: 40,
  hasMixer: true,
  hasPress: true,
} satisfies StepFacts;
const PLAIN = '400 g baking soda\n200 g citric acid\n10 g almond oil';
const stepsOf = (name: string, change: Partial<StepFacts> = {}) => {
  const formula = SAMPLE.formulas.find((one) => one.name === name);
  if (!formula) throw new Error(`no ${name}`);
  return stepsFor(
    workOf(formula.body, {
      catalog: SAMPLE_CATALOG,
      pieces: 24,
      weighG: new Map(),
      counted: new Set(),
    }).operations,
    { ...FACTS, ...change },
  );
};

describe('the steps of a bowl', () => {
  it('are mixing, pressing soon after, drying in the loft, wrapping', () => {
    const steps = stepsOf('Quince Lantern');
    expect(
      steps.map(({ id }) => kindOfStep(id)).filter((kind, i, all) => kind !== all[i - 1]),
    ).toEqual(['mix', 'press', 'dry', 'pack']);
    const press = steps.find(({ id }) => id === 'press');
    expect(press).toMatchObject({ person: true, machine: 'press', waitMaxMin: 30 });
    expect(steps.find(({ id }) => id === 'dry')).toMatchObject({
      minutes: 1800,
      trayPlaces: 24,
      person: false,
    });
    expect(steps.at(-1)).toMatchObject({ id: 'pack', minutes: 40 });
  });

  it('hold the trays for two days after icing and two hours after paint, before anything is wrapped', () => {
    const dressed = (text: string) => {
      const { operations } = workOf(bodyFrom(`${PLAIN}\n${text}`), {
        catalog: SHIPPED,
        pieces: 24,
        weighG: new Map(),
        counted: new Set(),
      });
      return stepsFor(operations, FACTS).map(({ id, minutes, trayPlaces }) => [
        id,
        id.startsWith('dry') ? minutes : 0,
        trayPlaces,
      ]);
    };
    const icing = 'Icing:\n100 g powdered sugar\n10 g meringue powder\n20 g water';
    const paint = 'Paint:\n2 g blue mica\n10 g isopropyl alcohol 99%';
    expect(dressed(icing).slice(2)).toEqual([
      ['dry', 1800, 24],
      ['dress', 0, 0],
      ['dry 2', 2880, 24],
      ['pack', 0, 0],
    ]);
    expect(dressed(`${icing}\n${paint}`).slice(4)).toEqual([
      ['dry 2', 2880, 24],
      ['dress 2', 0, 0],
      ['dry 3', 120, 24],
      ['pack', 0, 0],
    ]);
  });

  it('of loose salts soak an hour at least and two at most between', () => {
    const steps = stepsOf('Slack Water');
    const after = steps[1];
    expect(after).toMatchObject({ waitMinMin: 60, waitMaxMin: 120 });
  });

  it('take as long at the press as own batches took', () => {
    const each = pressMinutesEach(SAMPLE.batches)?.value;
    expect(each).toBeGreaterThan(0.2);
    expect(each).toBeLessThan(5);
    expect(pressMinutesEach([])).toBeNull();
    expect(stepsOf('Bow Wave', { pressMinEach: 2 }).find(({ id }) => id === 'press')?.minutes).toBe(
      48,
    );
  });
});

const byHand = (pieces: number) => {
  const formula = SAMPLE.formulas.find(({ name }) => name === 'Quince Lantern');
  if (!formula) throw new Error('no Quince Lantern');
  return (method: Method, mold: MoldUse | null) =>
    stepsFor(
      workOf(
        { ...formula.body, method },
        { catalog: SAMPLE_CATALOG, pieces, weighG: new Map(), counted: new Set() },
      ).operations,
      { ...FACTS, pieces, mold },
    );
};

describe('molds', () => {
  const shells = { id: 'm', cavities: 8 };

  it('are held while they are filled, or until what lies in them is dry; a plate whole', () => {
    expect(moldUse('press', 24, { id: 'm', cavities: 32 })).toMatchObject({
      cavities: 32,
      keeps: 'while-filled',
    });
    expect(moldUse('hand', 3, shells)).toMatchObject({ cavities: 3, keeps: 'while-filled' });
    expect(moldUse('silicone', 24, shells)).toMatchObject({ cavities: 8, keeps: 'while-drying' });
    expect(moldUse('in-pack', 24, shells)).toBeNull();
    expect(moldUse('hand', 24, null)).toBeNull();
    const steps = byHand(8)('silicone', moldUse('silicone', 8, shells));
    const held = steps.filter(({ mold }) => mold === 'm').map(({ id }) => id);
    expect(held).toEqual(['press', 'dry']);
    expect(steps.find(({ id }) => id === 'dry')?.waitMaxMin).toBe(0);
    const pressed = byHand(8)('press', moldUse('press', 8, shells));
    expect(pressed.find(({ id }) => id === 'dry')?.mold).toBeUndefined();
  });

  it('hold a bowl down to what dries in them at once', () => {
    expect(piecesAtOnce('silicone', 24, 15)).toBe(15);
    expect(piecesAtOnce('silicone', 12, 15)).toBe(12);
    expect(piecesAtOnce('press', 24, 6)).toBe(24);
    expect(piecesAtOnce('silicone', 24, null)).toBe(24);
    expect(piecesAtOnce('press', 0.4, null)).toBe(1);
  });

  it('of few shells make hands wait for those at rest', () => {
    // Five minutes of rest, a minute a piece: with six shells or more the first is ready when the last is shut.
    expect(shellWaitMin(24, 6, 1, 5)).toBe(0);
    expect(shellWaitMin(24, 5, 1, 5)).toBe(4);
    expect(shellWaitMin(24, 1, 1, 5)).toBe(23 * 5);
    expect(shellWaitMin(4, 5, 1, 5)).toBe(0);
    const minutes = (cavities: number) =>
      byHand(24)('hand', moldUse('hand', 24, { id: 'm', cavities })).find(
        ({ id }) => id === 'press',
      )?.minutes ?? 0;
    expect(minutes(5) - minutes(6)).toBe(4);
  });

  it('that batches dry in are not there for the next', () => {
    const job = (id: string) => ({
      id,
      due: '2026-03-20T12:00:00Z',
      steps: [
        { id: 'press', minutes: 20, person: true, mold: 'm', cavities: 8 },
        { id: 'dry', minutes: 1440, waitMaxMin: 0, mold: 'm', cavities: 8 },
      ],
    });
    const problem = planProblemSchema.parse({
      start: '2026-03-02T08:00:00Z',
      people: [{ id: 'a', from: '00:00', to: '23:59', days: [1, 2, 3, 4, 5, 6, 7] }],
      molds: { m: 15 },
      jobs: [job('a'), job('b')],
    });
    const plan = (molds: number) =>
      planJobs({ ...problem, molds: { m: molds } }, { seconds: 0.1, nowMs: () => 0 });
    const lying = (molds: number) => {
      const found = plan(molds);
      if (!found.ok) throw new Error(found.problem);
      const dry = found.value.steps.filter(({ step }) => step === 'dry');
      return dry.map(({ start, end }) => [Date.parse(start), Date.parse(end)] as const);
    };
    const overlap = ([a, b]: readonly (readonly [number, number])[]) =>
      !!a && !!b && a[0] < b[1] && b[0] < a[1];
    expect(overlap(lying(15))).toBe(false);
    expect(plan(7)).toEqual({
      ok: false,
      problem: 'press of a needs 8 cavities of the mold m, and there are 7',
    });
  });
});

describe('minutes of own mixing', () => {
  const timed = (minutes: number, pausedMin = 0): Batch => {
    const batch = sampleBatch('QL-011');
    const weighed = batch.entries.find(({ kind }) => kind === 'weighed');
    const filled = batch.entries.find(({ kind }) => kind === 'filled');
    if (!weighed || !filled) throw new Error('it was weighed and filled');
    const at = (minute: number) => new Date(Date.UTC(2026, 2, 2, 8, minute)).toISOString();
    const stop = { id: newId(), stepId: '', voidedAt: null };
    return {
      ...batch,
      entries: [
        { ...weighed, at: at(0) },
        ...(pausedMin > 0
          ? [
              { ...stop, kind: 'paused' as const, at: at(5) },
              { ...stop, kind: 'resumed' as const, at: at(5 + pausedMin) },
            ]
          : []),
        { ...filled, at: at(minutes) },
      ],
    };
  };
  const factor = (...batches: Batch[]) => mixFactor(batches, SAMPLE_CATALOG)?.value ?? null;

  it('are the middle of five batches or more, pauses left out', () => {
    const one = factor(...Array.from({ length: 5 }, () => timed(60))) ?? 0;
    expect(one).toBeGreaterThan(0.5);
    expect(factor(...Array.from({ length: 5 }, () => timed(90)))).toBeCloseTo(1.5 * one, 6);
    expect(factor(...Array.from({ length: 5 }, () => timed(90, 30)))).toBeCloseTo(one, 6);
    expect(factor(timed(60), timed(60), timed(60), timed(60))).toBeNull();
    // A bowl left over night teaches nothing.
    expect(factor(...Array.from({ length: 4 }, () => timed(60)), timed(600))).toBeNull();
    const mixing = (of: number) => stepsOf('Bow Wave', { mixFactor: of })[0]?.minutes ?? 0;
    expect(mixing(1.5) / mixing(1)).toBeCloseTo(1.5, 1);
  });
});

describe('what is done', () => {
  const DAY = Date.parse('2026-10-13T00:00:00Z');

  it('is ticked by the record: a mix once pressing began, a pressing once it is counted', () => {
    const batch = sampleBatch('QL-011');
    const from = Date.parse(batch.startedAt) - 3_600_000;
    const kinds = (of: Batch) =>
      doneBetween([of], [], from, from + 36 * 3_600_000).map(({ kind }) => kind);
    expect(kinds(batch)).toEqual(expect.arrayContaining(['mix', 'press']));
    const without = (...gone: readonly string[]): Batch => ({
      ...batch,
      entries: batch.entries.filter(({ kind }) => !gone.includes(kind)),
    });
    expect(kinds(without('counted'))).toContain('mix');
    expect(kinds(without('counted'))).not.toContain('press');
    expect(kinds(without('counted', 'filled'))).not.toContain('mix');
    expect(doneBetween([batch], [], DAY + 400 * 86_400_000, DAY + 401 * 86_400_000)).toEqual([]);
  });

  it('and a wrapping once its goods are there, unless it was taken back', () => {
    const wrapped = SAMPLE.goods.find(({ kind }) => kind === 'wrapped');
    if (!wrapped) throw new Error('the sample wrapped something');
    const at = Date.parse(wrapped.at);
    expect(doneBetween([], [wrapped], at, at + 1)).toMatchObject([{ kind: 'pack' }]);
    expect(doneBetween([], [wrapped], at + 1, at + 2)).toEqual([]);
    expect(doneBetween([], [{ ...wrapped, voidedAt: wrapped.at }], at, at + 1)).toEqual([]);
  });
});

describe('from orders to a plan', () => {
  it('has a job for each bowl, each batch that dries and each wrapping, and every lock', () => {
    const found = cover([order([['Quince Lantern', 40]])]);
    const bowl = found.toMake[0];
    const lock = { job: bowl?.id ?? '', step: 'mix', at: '2026-10-15T09:00:00Z' };
    const problem = problemFor({
      cover: found,
      startIso: '2026-10-14T16:00:00Z',
      people: [{ id: 'Maud', from: '08:00', to: '16:00', days: [1, 2, 3, 4, 5], away: [] }],
      machines: { mixer: 1, press: 1 },
      trayPlaces: 192,
      molds: {},
      zoneMin: 0,
      zones: [],
      cushionMin: 1440,
      stepsOf: () => stepsOf('Quince Lantern'),
      dryAtMs: () => Date.parse('2026-10-15T06:00:00Z'),
      placesOf: () => 24,
      moldOf: () => null,
      locks: [lock],
    });
    expect(problem.jobs.map(({ steps }) => steps.length)).toEqual([
      stepsOf('Quince Lantern').length,
      2,
    ]);
    const result = planJobs(problem, { seconds: 0.1, nowMs: () => performance.now() });
    if (!result.ok) throw new Error(result.problem);
    expect(result.value.weightedLateMin).toBe(0);
    const mix = result.value.steps.find(({ job, step }) => job === lock.job && step === 'mix');
    expect(mix?.start).toBe('2026-10-15T09:00:00.000Z');
    // What can be ready a day before it is wanted, is.
    const dry = result.value.steps.find(
      ({ job, step }) => job === sampleBatch('QL-011').id && step === 'pack',
    );
    expect(Date.parse(dry?.end ?? '')).toBeLessThanOrEqual(Date.parse(DUE) - 86_400_000);
  });
});

describe('working hours', () => {
  it('keep their hour by the clock over the night on which clocks are put back', () => {
    const person = {
      id: 'a',
      from: '08:00',
      to: '12:00',
      days: [1, 2, 3, 4, 5, 6, 7],
      away: ['2026-10-27'],
    };
    // Clocks go from two hours ahead to one on October 25, at 01:00 of the world's time.
    const zones = [{ from: '2026-10-25T01:00:00Z', zoneMin: 60 }];
    const days = workingHoursOf(person, { start: '2026-10-24T00:00:00Z', zoneMin: 120, zones }, 5);
    const opens = days.map(({ from }) =>
      new Date(Date.parse('2026-10-24T00:00:00Z') + from * 60_000).toISOString().slice(5, 16),
    );
    expect(opens).toEqual(['10-24T06:00', '10-25T07:00', '10-26T07:00', '10-28T07:00']);
  });

  it('leave out the break of each day, also one that hours over midnight reach into', () => {
    const stretches = (from: string, to: string, rest?: { from: string; to: string }) =>
      workingHoursOf(
        { id: 'a', from, to, days: [1], away: [], ...(rest && { rest }) },
        // A Monday.
        { start: '2026-11-02T00:00:00Z', zoneMin: 0, zones: [] },
        1,
      ).map((one) => [one.from / 60, one.to / 60]);
    const lunch = { from: '12:00', to: '12:30' };
    expect(stretches('08:00', '16:00')).toEqual([[8, 16]]);
    expect(stretches('08:00', '16:00', lunch)).toEqual([
      [8, 12],
      [12.5, 16],
    ]);
    expect(stretches('12:00', '16:00', lunch)).toEqual([[12.5, 16]]);
    expect(stretches('08:00', '12:15', lunch)).toEqual([[8, 12]]);
    expect(stretches('08:00', '11:00', lunch)).toEqual([[8, 11]]);
    expect(stretches('20:00', '04:00', { from: '01:00', to: '02:00' })).toEqual([
      [20, 25],
      [26, 28],
    ]);
  });
});

describe('a day of too many bowls', () => {
  const mixes = (count: number, person = 'Maud', startMs = 0) =>
    Array.from({ length: count }, (_, i) => ({ step: 'mix', person, startMs: startMs + i }));
  const day = (ms: number) => Math.floor(ms / 1000);

  it('is asked about from the sixth bowl of one person on', () => {
    expect(busiestDay(mixes(5), day)).toBeNull();
    expect(busiestDay(mixes(6), day)).toEqual({ dayMs: 0, person: 'Maud', bowls: 6 });
    expect(busiestDay([...mixes(4), ...mixes(4, 'Teo')], day)).toBeNull();
    expect(busiestDay([...mixes(4), ...mixes(4, 'Maud', 1000)], day)).toBeNull();
    const others = mixes(6).map((one) => ({ ...one, step: 'mix 2' }));
    expect(busiestDay([...mixes(5), ...others], day)).toBeNull();
  });
});
