import { describe, expect, it } from 'vitest';
import { SHIPPED, catalogWith } from '@/core/matter/materials/catalog';
import { lossRecordsOf } from '@/core/batches/records/fromBatches';
import { teachingOf, taughtByTrials, triedBatches } from '@/core/batches/trials/taught';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import { SHOWERS_LAST } from '@/core/results/learning/quantities';
import { narrowedBy, quantityRow, type Sourced } from '@/core/results/learning/quantityRow';
import { speaking, type Exclusion } from '@/core/results/learning/exclusions';
import { SAMPLE } from '../../../../tests/fixtures/sample';
import { teachesMost, workshopRows, type TaughtQuestion, type TaughtRow } from './workshopRows';

const catalog = catalogWith(SAMPLE.materials);
const NOW_MS = Date.parse('2026-10-20T12:00:00Z');
const question: TaughtQuestion = {
  batches: SAMPLE.batches,
  trials: SAMPLE.trials,
  days: SAMPLE.rooms,
  exclusions: [],
  place: { method: 'press', family: 'bath-bomb', humidityPct: 45 },
  nowMs: NOW_MS,
};
const rows = workshopRows(question, catalog).rows;
const rowOf = (id: string, of = rows) => {
  const row = of.find((one) => one.id === id);
  if (!row) throw new Error(`no row ${id}`);
  return row;
};

/**
 * The mean of one coefficient by brute force: a grid over it and over the scatter, Student likelihood of three degrees with
 * faded records, normal-inverse-gamma prior. Nothing of the learner is in it.
 */
function byGrid(
  prior: { readonly mean: number; readonly sd: number; readonly scatter: number },
  seen: ReadonlyArray<{ readonly target: number; readonly trust: number }>,
): number {
  let [sum, mass] = [0, 0];
  const shape = 4;
  const rate = prior.scatter ** 2 * (shape - 1);
  for (let k = 0; k <= 120; k++) {
    const scatter2 = (prior.scatter * 0.15 * 1.045 ** k) ** 2;
    // The start belief is doubted by 2.5 and counts in units of the scatter.
    const wide2 = scatter2 * (prior.sd / prior.scatter) ** 2 * 2.5 ** 2;
    for (let i = -400; i <= 400; i++) {
      const at = prior.mean + (i / 400) * 8 * prior.sd;
      let log =
        -(shape + 1) * Math.log(scatter2) -
        rate / scatter2 -
        0.5 * Math.log(wide2) -
        (at - prior.mean) ** 2 / (2 * wide2) +
        // The steps of the grid grow with the scatter.
        Math.log(scatter2);
      for (const { target, trust } of seen)
        log +=
          trust *
          (-0.5 * Math.log(scatter2) - 2 * Math.log(1 + (target - at) ** 2 / (3 * scatter2)));
      const weight = Math.exp(log);
      sum += weight * at;
      mass += weight;
    }
  }
  return sum / mass;
}
const trustAt = (at: string, newest: string) =>
  0.5 ** ((Date.parse(newest) - Date.parse(at)) / (120 * 86_400_000));

describe('what a workshop taught', () => {
  it('agrees with brute force on a grid: press loss', () => {
    const records = lossRecordsOf(SAMPLE.batches);
    const newest =
      records
        .map(({ at }) => at ?? '')
        .sort()
        .at(-1) ?? '';
    expect(records.length).toBeGreaterThan(10);
    const expected = byGrid(
      { mean: Math.log(0.02), sd: 0.6, scatter: 0.4 },
      records.map(({ at = '', weighedG, pressedG }) => ({
        target: Math.log(Math.max(0.001, weighedG / pressedG - 1)),
        trust: trustAt(at, newest),
      })),
    );
    const { yours } = rowOf('loss');
    expect(Math.abs(Math.log(yours?.estimate ?? 0) - expected)).toBeLessThan(0.08);
  });

  it('agrees with brute force on a grid: showers', () => {
    const records = triedBatches(SAMPLE.trials, SAMPLE.batches).flatMap(
      (one) => teachingOf(one, catalog).showers ?? [],
    );
    const newest =
      records
        .map(({ at }) => at ?? '')
        .sort()
        .at(-1) ?? '';
    expect(records.length).toBeGreaterThan(0);
    const expected = byGrid(
      { mean: 0, sd: 0.4, scatter: 0.25 },
      records.map(({ at = '', overModel }) => ({
        target: Math.log(overModel),
        trust: trustAt(at, newest),
      })),
    );
    const { yours } = rowOf('showers');
    expect(Math.abs(Math.log(yours?.estimate ?? 0) - expected)).toBeLessThan(0.08);
  });

  it('says for each batch what the estimate would be without it, and that is what excluding it gives', () => {
    const { yours, pulls } = rowOf('damp');
    const [hardest] = pulls;
    if (!hardest || !yours) throw new Error('batches of the sample pull');
    expect(Math.abs(hardest.log)).toBe(Math.max(...pulls.map(({ log }) => Math.abs(log))));
    const exclusion: Exclusion = {
      quantity: 'damp',
      id: hardest.sourceId,
      reason: 'a thermometer was broken',
      at: '2026-10-20T10:00:00Z',
    };
    const after = workshopRows({ ...question, exclusions: [exclusion] }, catalog).rows;
    expect(rowOf('damp', after).yours?.estimate).toBeCloseTo(hardest.without.estimate, 10);
    expect(rowOf('damp', after).excluded).toEqual([exclusion]);
    expect(rowOf('damp', after).pulls.map(({ sourceId }) => sourceId)).not.toContain(
      hardest.sourceId,
    );
    // It speaks of everything else as before.
    expect(rowOf('loss', after)).toEqual(rowOf('loss'));
  });

  it('has the shipped value back when every record is excluded', () => {
    for (const id of ['damp', 'wear', 'drying', 'loss'] as const) {
      const all = [...SAMPLE.batches, ...SAMPLE.trials].map((one) => ({
        quantity: id,
        id: one.id,
        reason: '',
        at: '2026-10-20T10:00:00Z',
      }));
      const row = rowOf(id, workshopRows({ ...question, exclusions: all }, catalog).rows);
      expect(row).toMatchObject({ yours: null, records: 0, moved: [], pulls: [] });
      expect(row.shipped).toEqual(rowOf(id).shipped);
    }
  });

  it('is what a formula is judged by: an excluded test and an excluded batch speak no more', () => {
    const exclude = (quantity: Exclusion['quantity'], ids: readonly string[]) =>
      ids.map((id) => ({ quantity, id, reason: 'x', at: '2026-10-20T10:00:00Z' }));
    const tests = exclude(
      'wear',
      SAMPLE.trials.map(({ id }) => id),
    );
    expect(taughtByTrials(SAMPLE.trials, SAMPLE.batches, catalog).wear).toBeDefined();
    const without = taughtByTrials(SAMPLE.trials, SAMPLE.batches, catalog, tests);
    expect(without.wear).toBeUndefined();
    expect(without.foam).toEqual(taughtByTrials(SAMPLE.trials, SAMPLE.batches, catalog).foam);
    const facts = { catalog, settings: USUAL_SETTINGS, batches: SAMPLE.batches };
    const judged = (exclusions: readonly Exclusion[]) =>
      conditionsFor({ ...facts, exclusions }, question.place, null).learned.damp;
    expect(judged([])).toBeDefined();
    expect(
      judged(
        exclude(
          'damp',
          SAMPLE.batches.map(({ id }) => id),
        ),
      ),
    ).toBeUndefined();
  });

  it('has nothing of nothing', () => {
    const none = workshopRows({ ...question, batches: [], trials: [] }, SHIPPED);
    expect(none.rows.every(({ yours, moved }) => yours === null && moved.length === 0)).toBe(true);
    expect(none.dampSlope).toBeNull();
  });
});

describe('one row', () => {
  const record = (sourceId: string, at: string, overModel: number) => ({ sourceId, at, overModel });
  const ask = (records: ReadonlyArray<Sourced & { readonly overModel: number }>) =>
    quantityRow(
      SHOWERS_LAST as never,
      records as never,
      null as never,
      Date.parse('2026-12-01T00:00:00Z'),
    );

  it('moves through the year: each month end knows only what was there then', () => {
    const row = ask([
      record('a', '2026-03-10T10:00:00Z', 1.5),
      record('b', '2026-09-10T10:00:00Z', 0.7),
    ]);
    const at = (day: string) => row.moved.find(({ atMs }) => atMs >= Date.parse(day));
    expect(row.moved[0]?.atMs).toBeGreaterThan(Date.parse('2026-03-10T10:00:00Z'));
    expect(at('2026-05-01')?.estimate).toBeCloseTo(
      ask([record('a', '2026-03-10T10:00:00Z', 1.5)]).yours?.estimate ?? 0,
      10,
    );
    expect(row.moved.at(-1)).toMatchObject({ ...row.yours });
    expect(row.moved).toHaveLength(10);
  });

  it('says how much one more record would tell: much after few, little after many', () => {
    const after = (count: number) =>
      narrowedBy(
        ask(
          Array.from({ length: count }, (_, i) =>
            record(`s${i}`, '2026-10-01T10:00:00Z', i % 2 === 0 ? 1.1 : 0.95),
          ),
        ),
      );
    expect(after(2)).toBeGreaterThan(2 * after(12));
    expect(after(12)).toBeGreaterThan(0);
    expect(after(40)).toBeLessThan(0.03);
  });

  it('names the row that one more record narrows most, and none that hardly moves', () => {
    const width = (yours: number, oneMore: number): TaughtRow => {
      const band = (share: number) => ({
        estimate: 1,
        low: Math.exp(-share),
        high: Math.exp(share),
      });
      return {
        ...rowOf('loss'),
        yours: band(yours),
        oneMore: band(oneMore),
      };
    };
    expect(teachesMost([width(1, 0.95), width(1, 0.9)])?.gain).toBeCloseTo(0.1, 10);
    expect(teachesMost([width(1, 0.989)])?.gain).toBeCloseTo(0.011, 10);
    expect(teachesMost([width(1, 0.991)])).toBeNull();
    expect(teachesMost([width(1, 1.2)])).toBeNull();
  });

  it('leaves out at most the eighty newest, one source at a time with all its records', () => {
    const many = Array.from({ length: 82 }, (_, i) =>
      record(`s${i}`, new Date(Date.UTC(2026, 0, 1 + i)).toISOString(), 1.2),
    );
    expect(ask(many).pulls).toHaveLength(80);
    expect(ask(many).pulls.map(({ sourceId }) => sourceId)).not.toContain('s1');
    const twice = ask([many[0], many[0], many[1]].flatMap((one) => one ?? []));
    expect(twice).toMatchObject({ records: 3, sources: 2 });
  });

  it('keeps its shipped band, whatever is learned', () => {
    expect(ask([]).shipped).toEqual(ask([record('a', '2026-03-10T10:00:00Z', 3)]).shipped);
  });
});

it('takes a record out of one quantity and of no other', () => {
  const records = [{ id: 'a' }, { id: 'b' }];
  const exclusion: Exclusion = { quantity: 'wear', id: 'a', reason: '', at: '' };
  expect(speaking(records, 'wear', [exclusion])).toEqual([{ id: 'b' }]);
  expect(speaking(records, 'foam', [exclusion])).toBe(records);
});
