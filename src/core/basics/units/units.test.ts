import { describe, expect, it } from 'vitest';
import { MEASURE_UNITS, findUnit } from './household';
import { addSpreads, exactly, multiplySpreads } from './spread';
import { parseNumber } from './parseNumber';

describe('findUnit', () => {
  it('finds every spelling in the table, in any case and with a full stop', () => {
    for (const unit of MEASURE_UNITS)
      for (const spelling of unit.spellings) {
        expect(findUnit(spelling)?.id, spelling).toBe(unit.id);
        expect(findUnit(`${spelling.toUpperCase()}.`)?.id, spelling).toBe(unit.id);
      }
  });

  it('gives no spelling to two units', () => {
    const all = MEASURE_UNITS.flatMap(({ spellings }) => [...spellings] as string[]);
    expect(all.filter((spelling, i) => all.indexOf(spelling) !== i)).toEqual([]);
  });

  it('tells T from t, and knows what is no unit', () => {
    expect(findUnit('T')?.id).toBe('tablespoon');
    expect(findUnit('t')?.id).toBe('teaspoon');
    expect(findUnit('bucket')).toBeUndefined();
  });
});

describe('parseNumber', () => {
  it.each([
    ['12', 12],
    [' 12.5 ', 12.5],
    ['12,5', 12.5],
    ['1,000', 1000],
    ['12,345.6', 12345.6],
    ['1 000', 1000],
    ['1\u202f000', 1000],
    ['.5', 0.5],
    ['-3', -3],
    ['5.', 5],
  ])('reads “%s” as %d', (typed, value) => {
    expect(parseNumber(typed)).toBe(value);
  });

  it.each([
    '1 9 5',
    '12 34',
    '1 0000',
    '',
    ' ',
    'abc',
    '1.2.3',
    '1,2,3',
    '--1',
    '1e5',
    'NaN',
    'Infinity',
    '½',
  ])('takes “%s” for no number', (typed) => {
    expect(parseNumber(typed)).toBeNull();
  });
});

describe('spreads', () => {
  it('add and multiply end to end', () => {
    const cup = { low: 90, best: 100, high: 114 };
    expect(addSpreads(cup, exactly(10))).toEqual({ low: 100, best: 110, high: 124 });
    expect(multiplySpreads(cup, exactly(2))).toEqual({ low: 180, best: 200, high: 228 });
  });
});
