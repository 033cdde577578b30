import { describe, expect, it } from 'vitest';
import { SAMPLE, sampleBatch } from '../../../../tests/fixtures/sample';
import { newId } from '@/core/basics/newId';
import { lotMoves } from '@/core/workshop/shelf/stock';
import { concernsOfBatches, heldBatches } from '../products/concerns';
import type { Books } from '../products/recall';
import { complaintCount } from './complaints';
import { releaseOf } from './entries';
import type { LogbookEntry, LogbookOf } from './logbook';
import { sayPreservation, sayScaleCheck } from './messages';
import { preservationOf } from './preservation';
import { remindersBetween, remindersNow, type ReminderFacts } from './reminders';
import { allowedErrorG, passesCheck } from './scaleCheck';
import {
  USUAL_MARKS,
  stabilityChecks,
  stabilityVerdict,
  type StabilityPlan,
  type StabilityResult,
} from './stability';

const BATCH = sampleBatch('QL-011');
const base = { origin: 'own' as const, who: 'Maud', voidedAt: null };
const entry = <E extends object>(of: E) =>
  ({ ...base, id: newId(), ...of }) as unknown as LogbookEntry;
const check = (shownG: number, over: object = {}) =>
  entry({
    kind: 'scale-check',
    at: '2026-10-05T12:00:00Z',
    toolId: newId(),
    stepG: 1,
    capacityG: 5000,
    weightG: 500,
    shownG,
    ...over,
  }) as LogbookOf<'scale-check'>;

describe('a check of a scale', () => {
  // OIML R 76-1:2006, table 6, twice for a scale in use; not checked against the current text.
  it.each([
    ['medium', { stepG: 1, capacityG: 5000, weightG: 500 }, 1],
    ['medium', { stepG: 1, capacityG: 5000, weightG: 501 }, 2],
    ['medium', { stepG: 1, capacityG: 5000, weightG: 2000 }, 2],
    ['medium', { stepG: 1, capacityG: 5000, weightG: 2001 }, 3],
    ['medium, at its most steps', { stepG: 1, capacityG: 10_000, weightG: 5000 }, 3],
    ['fine, a step more', { stepG: 1, capacityG: 10_001, weightG: 5000 }, 1],
    ['fine', { stepG: 0.01, capacityG: 500, weightG: 50 }, 0.01],
    ['fine', { stepG: 0.01, capacityG: 500, weightG: 50.01 }, 0.02],
    ['fine', { stepG: 0.01, capacityG: 500, weightG: 200 }, 0.02],
    ['fine', { stepG: 0.01, capacityG: 500, weightG: 200.01 }, 0.03],
    ['a tenth of a gram, 5000 steps', { stepG: 0.1, capacityG: 2000, weightG: 500 }, 0.1],
  ])('of a %s class allows %o an error of %f g', (_class, of, allowedG) => {
    expect(allowedErrorG(of)).toBeCloseTo(allowedG, 9);
  });

  it('passes to the last gram that is allowed, either way', () => {
    expect([499, 501].map((shownG) => passesCheck(check(shownG)))).toEqual([true, true]);
    expect([498, 502].map((shownG) => passesCheck(check(shownG)))).toEqual([false, false]);
    const tenth = { stepG: 0.1, capacityG: 500, weightG: 50 };
    expect(passesCheck(check(50.1, tenth))).toBe(true);
    expect(passesCheck(check(50.2, tenth))).toBe(false);
    expect(sayScaleCheck(check(502))).toContain('calibrate');
  });
});

describe('water activity', () => {
  const measured = (waterActivity: number, over: object = {}) =>
    entry({
      kind: 'water-activity',
      at: '2026-10-05T12:00:00Z',
      batchId: BATCH.id,
      waterActivity,
      tempC: 21,
      by: '',
      ...over,
    });
  const code = (...logbook: readonly LogbookEntry[]) =>
    preservationOf(new Set([BATCH.id]), logbook).code;

  // USP chapter 1112 (0.60) and ISO 29621:2017 (0.75); neither checked against its current text.
  it('shows that nothing grows below 0.60, and asks from 0.75 on', () => {
    expect(code()).toBe('not-measured');
    expect(code(measured(0.599))).toBe('nothing-grows');
    expect(code(measured(0.6))).toBe('low-risk');
    expect(code(measured(0.749))).toBe('low-risk');
    expect(code(measured(0.75))).toBe('needs-answer');
  });

  it('is that of the wettest piece that stands, of these batches alone', () => {
    expect(code(measured(0.4), measured(0.7), measured(0.5))).toBe('low-risk');
    expect(code(measured(0.4), measured(0.7, { voidedAt: '2026-10-06T12:00:00Z' }))).toBe(
      'nothing-grows',
    );
    expect(code(measured(0.4, { batchId: newId() }))).toBe('not-measured');
    expect(sayPreservation({ code: 'not-measured' })).toContain('Measure a dry piece');
  });
});

describe('a release', () => {
  const release = (verdict: string, at: string) =>
    entry({ kind: 'release', at, batchId: BATCH.id, verdict, open: [], note: '' });
  const rejected = release('rejected', '2026-10-05T12:00:00Z');
  const released = release('released', '2026-10-06T12:00:00Z');
  const books: Books = {
    lots: [],
    lotMoves: [],
    batches: SAMPLE.batches,
    past: [],
    goods: [],
    orders: [],
    trials: [],
  };
  const concerns = (...logbook: readonly LogbookEntry[]) =>
    concernsOfBatches([BATCH.id], heldBatches(books, logbook), () => 'QL-011').map(
      ({ code }) => code,
    );

  it('is the last decision that stands, in whatever order it was written', () => {
    expect(releaseOf(BATCH.id, [])).toBeNull();
    expect(releaseOf(BATCH.id, [released, rejected])?.verdict).toBe('released');
    const voided = { ...released, voidedAt: '2026-10-07T12:00:00Z' };
    expect(releaseOf(BATCH.id, [voided, rejected])?.verdict).toBe('rejected');
  });

  it('that rejects asks before pieces are sold; one that was never written does not', () => {
    expect(concerns()).toEqual([]);
    expect(concerns(rejected)).toEqual(['batch-rejected']);
    expect(concerns(rejected, released)).toEqual([]);
  });
});

describe('complaints', () => {
  it('are counted beside the pieces that left', () => {
    const complaint = (over: object) =>
      entry({
        kind: 'complaint',
        at: '2026-10-05T12:00:00Z',
        batchId: BATCH.id,
        what: 'quality',
        isSerious: false,
        from: '',
        said: 'cracked',
        answer: '',
        closedOn: null,
        ...over,
      });
    const books: Books = {
      lots: SAMPLE.lots,
      lotMoves: lotMoves(SAMPLE.batches, SAMPLE.lots),
      batches: SAMPLE.batches,
      past: [],
      goods: SAMPLE.goods,
      orders: SAMPLE.orders,
      trials: SAMPLE.trials,
    };
    const older = sampleBatch('QL-008');
    const count = complaintCount(
      [BATCH, older],
      [
        complaint({}),
        complaint({ what: 'skin-reaction', isSerious: true, closedOn: '2026-10-09' }),
        complaint({ what: 'other-reaction', batchId: older.id }),
        complaint({ batchId: newId() }),
        complaint({ voidedAt: '2026-10-06T12:00:00Z' }),
      ],
      books,
    );
    expect(count).toMatchObject({ all: 3, reactions: 2, serious: 1, open: 2 });
    const sold = complaintCount([older], [], books).away;
    expect(sold).toBeGreaterThan(0);
    expect(count.away).toBe(sold + complaintCount([BATCH], [], books).away);
  });
});

const CONDITION = { id: newId(), name: 'Room', tempC: 21, humidityPct: 50, isPacked: true };
const PLAN: StabilityPlan = {
  id: newId(),
  origin: 'own',
  batchId: BATCH.id,
  startedOn: '2026-08-31',
  conditions: [CONDITION],
  months: [6, 1],
  marks: USUAL_MARKS,
  results: [],
};
const RESULT: StabilityResult = {
  id: newId(),
  at: '2026-10-01T12:00:00Z',
  who: 'Maud',
  conditionId: CONDITION.id,
  month: 1,
  gainPct: 2,
  hard: 3,
  scent: 2,
  color: 'faded',
  fizzLossPct: 20,
  waterActivity: 0.59,
  note: '',
  voidedAt: null,
};

describe('a stability plan', () => {
  it('passes on every mark, and fails just beyond each', () => {
    const verdict = (over: Partial<StabilityResult>) =>
      stabilityVerdict({ ...RESULT, ...over }, USUAL_MARKS);
    expect(verdict({})).toEqual({ verdict: 'passed', failed: [], unmeasured: [] });
    expect(verdict({ gainPct: 2.1 }).failed).toEqual(['gainPct']);
    expect(verdict({ hard: 2 }).failed).toEqual(['hard']);
    expect(verdict({ scent: 1 }).failed).toEqual(['scent']);
    expect(verdict({ color: 'browned' }).failed).toEqual(['colors']);
    expect(verdict({ fizzLossPct: 20.1 }).failed).toEqual(['fizzLossPct']);
    expect(verdict({ waterActivity: 0.6 }).failed).toEqual(['waterActivity']);
  });

  it('stays open where a mark was not measured, and does not ask for what it has no mark of', () => {
    const unmeasured = { ...RESULT, waterActivity: null };
    expect(stabilityVerdict(unmeasured, USUAL_MARKS)).toEqual({
      verdict: 'open',
      failed: [],
      unmeasured: ['waterActivity'],
    });
    expect(stabilityVerdict(unmeasured, { ...USUAL_MARKS, waterActivity: null }).verdict).toBe(
      'passed',
    );
  });

  it('asks by month, on the same day or the last of a shorter month', () => {
    expect(stabilityChecks(PLAN).map(({ month, dueOn }) => [month, dueOn])).toEqual([
      [1, '2026-09-30'],
      [6, '2027-02-28'],
    ]);
  });

  it('counts the last result that stands', () => {
    const second = { ...RESULT, id: newId(), hard: 4 };
    const [first] = stabilityChecks({ ...PLAN, results: [RESULT, second] });
    expect(first?.result?.hard).toBe(4);
    const voided = { ...second, voidedAt: '2026-10-02T12:00:00Z' };
    expect(stabilityChecks({ ...PLAN, results: [RESULT, voided] })[0]?.result?.hard).toBe(3);
  });
});

describe('reminders', () => {
  const tools = SAMPLE.tools.filter(({ name }) => name === 'Bench scale');
  const facts: ReminderFacts = {
    batches: [],
    lots: [],
    isHere: () => true,
    documents: [],
    tools,
    logbook: [],
    plans: [],
    upkeep: { scaleCheckDays: 0, cleaningDays: 0 },
  };
  const kinds = (over: Partial<ReminderFacts>, day: string) =>
    remindersNow({ ...facts, ...over }, day).map(({ kind, day: on }) => [kind, on]);
  const [citric] = SAMPLE.lots.filter(({ code }) => code === 'CAA-260602');
  const lot = { ...citric, expiresOn: '2026-11-30' } as (typeof SAMPLE.lots)[number];
  const [certificate] = SAMPLE.documents.filter(({ expiresOn }) => expiresOn === '2026-10-31');

  it('are none where nothing is asked for', () => {
    expect(remindersNow(facts, '2026-10-15')).toEqual([]);
  });

  it('tell of a lot a month ahead, to its last day, while something of it is here', () => {
    expect(kinds({ lots: [lot] }, '2026-10-30')).toEqual([]);
    expect(kinds({ lots: [lot] }, '2026-10-31')).toEqual([['lot', '2026-11-30']]);
    expect(kinds({ lots: [lot] }, '2026-11-30')).toEqual([['lot', '2026-11-30']]);
    expect(kinds({ lots: [lot] }, '2026-12-01')).toEqual([]);
    expect(kinds({ lots: [lot], isHere: () => false }, '2026-11-30')).toEqual([]);
  });

  it('tell of a document a month ahead, and until a new one is there', () => {
    if (!certificate) throw new Error('the sample has a certificate that expires');
    const documents = [certificate];
    expect(kinds({ documents }, '2026-09-30')).toEqual([]);
    expect(kinds({ documents }, '2026-10-01')).toEqual([['document', '2026-10-31']]);
    expect(kinds({ documents }, '2027-01-01')).toEqual([['document', '2027-01-01']]);
    const ofLot = [{ ...certificate, lotId: lot.id }];
    expect(kinds({ documents: ofLot, lots: [lot] }, '2026-10-15')).toHaveLength(1);
    expect(kinds({ documents: ofLot, lots: [] }, '2026-10-15')).toEqual([]);
    // Its successor is on file: nothing to ask for.
    const renewed = { ...certificate, id: newId(), dated: '2026-10-10', expiresOn: null };
    expect(kinds({ documents: [certificate, renewed] }, '2026-10-15')).toEqual([]);
  });

  it('ask for a look of a stability plan from its day, and give it up after 45', () => {
    const plans = [PLAN];
    expect(kinds({ plans }, '2026-09-29')).toEqual([]);
    expect(kinds({ plans }, '2026-09-30')).toEqual([['stability', '2026-09-30']]);
    expect(kinds({ plans }, '2026-11-14')).toEqual([['stability', '2026-11-14']]);
    expect(kinds({ plans }, '2026-11-15')).toEqual([]);
    expect(kinds({ plans: [{ ...PLAN, results: [RESULT] }] }, '2026-09-30')).toEqual([]);
  });

  it('ask for scales and cleaning after their days, and never where they are zero', () => {
    const upkeep = { scaleCheckDays: 7, cleaningDays: 3 };
    const checked = check(500, { toolId: tools[0]?.id, at: '2026-10-05T12:00:00Z' });
    const cleaned = entry({ kind: 'cleaning', at: '2026-10-09T12:00:00Z', what: 'Bench', how: '' });
    const logbook = [checked, cleaned];
    expect(kinds({ upkeep }, '2026-10-05').map(([kind]) => kind)).toEqual([
      'cleaning',
      'scale-check',
    ]);
    expect(kinds({ upkeep, logbook }, '2026-10-11')).toEqual([]);
    expect(kinds({ upkeep, logbook }, '2026-10-12')).toEqual([
      ['cleaning', '2026-10-12'],
      ['scale-check', '2026-10-12'],
    ]);
    expect(remindersBetween({ ...facts, upkeep, logbook }, '2026-10-10', '2026-10-12').length).toBe(
      2,
    );
    expect(kinds({ logbook }, '2026-12-01')).toEqual([]);
  });

  it('keep a complaint in sight until it is closed', () => {
    const open = SAMPLE.logbook.filter((one) => one.kind === 'complaint' && one.closedOn === null);
    expect(open).toHaveLength(1);
    expect(kinds({ logbook: SAMPLE.logbook }, '2026-10-15')).toEqual([['complaint', '2026-10-15']]);
  });
});
