import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SAMPLE, SAMPLE_CATALOG, sampleBatch } from '../../../tests/fixtures/sample';
import { entriesOf } from './entriesOf';
import { entry, type Entry } from './entry';
import { SearchIndex } from './searchIndex';

const NOW = Date.parse('2026-11-29T12:00:00Z');
const DAY_MS = 86_400_000;
const indexOf = (entries: readonly Entry[]) => {
  const index = new SearchIndex();
  index.update(entries);
  return index;
};
const SAMPLE_ENTRIES = entriesOf({ ...SAMPLE, catalog: SAMPLE_CATALOG, past: [] });
const sample = indexOf(SAMPLE_ENTRIES);
const first = (query: string) => sample.find(query, NOW)[0];
const titles = (query: string) => sample.find(query, NOW).map(({ title }) => title);

describe('the search of a workshop', () => {
  it.each([
    ['quince lantern', 'formula', 'Quince Lantern'],
    ['Harbor Box', 'product', 'Harbor Box'],
    ['sail house', 'order', 'Sail house'],
    ['QL-011', 'batch', 'QL-011'],
    ['ql11', 'batch', 'QL-011'],
    ['ql011', 'batch', 'QL-011'],
    ['quince lantern 11', 'batch', 'QL-011'],
    ['REO-251026', 'lot', 'REO-251026'],
  ])('finds %s first', (query, kind, title) => {
    expect(first(query)).toMatchObject({ kind, title });
  });

  it('forgives a slip of the hand, half a word, capitals and accents', () => {
    for (const query of ['quinse lantern', 'quin lant', 'LANTERN QUINCE', 'quíncé lantern'])
      expect(titles(query)).toContain('Quince Lantern');
  });

  it('finds a formula by what is in it, a lot by its material, a test by its batch', () => {
    expect(titles('calendula')).toContain('Quince Lantern');
    const lot = SAMPLE.lots.find(({ materialId }) => materialId === 'sodium-bicarbonate');
    expect(titles('baking soda')).toContain(lot?.code);
    const trial = SAMPLE.trials.find(({ batchId }) => batchId !== null);
    const code = SAMPLE.batches.find(({ id }) => id === trial?.batchId)?.code ?? '';
    expect(sample.find(code, NOW).map(({ kind }) => kind)).toContain('test');
  });

  it('asks for every word where something holds them all, else for some', () => {
    expect(titles('quince')).not.toContain('Ebb Glass');
    expect(titles('ebb nonsense')).toContain('Ebb Glass');
    expect(titles('zzzzqqqq')).toEqual([]);
  });

  it('puts the more recent of two alike first', () => {
    const two = indexOf([
      entry('batch', 'old', { title: 'A-1', words: 'tide', atMs: NOW - 400 * DAY_MS }),
      entry('batch', 'new', { title: 'A-2', words: 'tide', atMs: NOW - DAY_MS }),
    ]);
    expect(two.find('tide', NOW).map(({ key }) => key)).toEqual(['new', 'old']);
  });

  it('knows nothing of nothing, and bears ten thousand letters', () => {
    for (const query of ['', '  ', '—!?']) expect(sample.find(query, NOW)).toEqual([]);
    expect(titles(`quince ${'x '.repeat(5000)}`)).toContain('Quince Lantern');
  });
});

describe('an index', () => {
  const name = fc.constantFrom('tide', 'ebb', 'quince', 'lantern', 'fog', 'signal');
  const list = fc.uniqueArray(fc.record({ key: fc.constantFrom(...'abcdefgh'), title: name }), {
    selector: ({ key }) => key,
  });
  const made = (of: readonly { key: string; title: string }[]) =>
    of.map(({ key, title }) => entry('formula', key, { title }));

  it('that was brought up to date finds what one made anew finds', () => {
    fc.assert(
      fc.property(fc.array(list, { minLength: 1, maxLength: 4 }), name, (states, query) => {
        const kept = new SearchIndex();
        for (const state of states) kept.update(made(state));
        const anew = indexOf(made(states.at(-1) ?? []));
        const ids = (index: SearchIndex) =>
          index
            .find(query, NOW)
            .map(({ id }) => id)
            .sort();
        expect(ids(kept)).toEqual(ids(anew));
        expect(kept.size).toBe(anew.size);
      }),
      { seed: 11 },
    );
  });
});

it('every record of the sample is found by what it is called', () => {
  expect(new Set(SAMPLE_ENTRIES.map(({ id }) => id)).size).toBe(SAMPLE_ENTRIES.length);
  expect(SAMPLE_ENTRIES.map(({ key }) => key)).toContain(sampleBatch('QL-011').id);
  for (const { id, title, detail } of SAMPLE_ENTRIES.filter((_, i) => i % 7 === 0))
    expect(sample.find(`${title} ${detail}`, NOW).map((one) => one.id)).toContain(id);
});
