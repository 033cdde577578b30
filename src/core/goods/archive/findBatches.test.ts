import { describe, expect, it } from 'vitest';
import { SAMPLE } from '../../../../tests/fixtures/sample';
import { digestOf, type BatchDigest } from './batchDigest';
import {
  NO_FILTER,
  findBatches,
  findableBatch,
  outcomeSeen,
  type BatchFilter,
} from './findBatches';

const all = SAMPLE.batches.map(digestOf).map(findableBatch);
const find = (filter: Partial<BatchFilter>, ofLot?: (code: string) => ReadonlySet<string>) =>
  findBatches(all, { ...NO_FILTER, ...filter }, ofLot).map(({ digest }) => digest.code);
const digest = (part: Partial<BatchDigest>): BatchDigest => {
  const [first] = all;
  if (!first) throw new Error('the sample has batches');
  return { ...first.digest, ...part };
};

describe('finding batches', () => {
  it('finds all of them where nothing is asked, in their order', () => {
    expect(find({})).toEqual(all.map(({ digest }) => digest.code));
  });

  it('takes words in any order and any case: code, formula, kind, people', () => {
    expect(find({ words: 'quince ql-003' })).toEqual(['QL-003']);
    expect(find({ words: 'LANTERN' })).toEqual(find({ words: 'quince' }));
    expect(find({ words: 'steamer' }).length).toBeGreaterThan(0);
    expect(find({ words: 'teo' }).length).toBeGreaterThan(0);
    expect(find({ words: 'teo' }).length).toBeLessThan(all.length);
    expect(find({ words: 'quince steamer' })).toEqual([]);
  });

  it('takes the code of a lot for all that it went into', () => {
    const [first] = all;
    const ofLot = (code: string) => new Set(code === 'bs-1' ? [first?.digest.id ?? ''] : []);
    expect(find({ words: 'BS-1' }, ofLot)).toEqual([first?.digest.code]);
    expect(find({ words: 'bs-2' }, ofLot)).toEqual([]);
  });

  it('holds ranges with their ends, and nothing in one that was not read', () => {
    const some = [38, 45, null].map((humidityPct) => findableBatch(digest({ humidityPct })));
    const within = (low: number, high: number) =>
      findBatches(some, { ...NO_FILTER, humidity: { low, high } }).length;
    expect([within(38, 45), within(38.01, 45), within(38, 44.99), within(0, 100)]).toEqual([
      2, 1, 1, 2,
    ]);
  });

  it('tells good ones from those with faults and those that were not finished', () => {
    const of = (part: Partial<BatchDigest>) =>
      outcomeSeen(digest({ outcome: 'made', faults: [], count: null, ...part }));
    expect(of({})).toBe('good');
    expect(of({ count: { pieces: 9, rejects: 0 } })).toBe('good');
    expect(of({ count: { pieces: 9, rejects: 1 } })).toBe('faults');
    expect(of({ faults: ['warts'] })).toBe('faults');
    expect(of({ outcome: 'given-up' })).toBe('unfinished');
  });

  it('holds every filter at once', () => {
    const [month = ''] = all.map(({ digest }) => digest.startedAt.slice(0, 7));
    const some = find({ month, outcome: 'good' });
    expect(some.every((code) => find({ month }).includes(code))).toBe(true);
    expect(some.every((code) => find({ outcome: 'good' }).includes(code))).toBe(true);
    const formulaId = all[0]?.digest.formulaId ?? '';
    expect(find({ formulaId }).length).toBeGreaterThan(0);
    expect(find({ formulaId, words: 'no such word' })).toEqual([]);
  });
});
