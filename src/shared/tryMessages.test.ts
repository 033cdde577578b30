import { formatSeconds, stopwatch } from '@/core/basics/format/durations';
import { describe, expect, it } from 'vitest';
import type { TrialEntry } from '@/core/batches/trials/schema';
import { sayAge, sayTimes, sayTrialEntry, sayWhatDoes } from './tryMessages';

describe('times of a trial', () => {
  it.each([
    [0, '0:00'],
    [59.9, '0:59'],
    [60, '1:00'],
    [3599.9, '59:59'],
    [3600, '1:00:00'],
    [3661, '1:01:01'],
  ])('%d s on the clock is %s', (seconds, said) => expect(stopwatch(seconds)).toBe(said));

  it('are said in seconds up to a hundred of them, in minutes from there', () => {
    expect(formatSeconds(99.4)).toBe('99 s');
    expect(formatSeconds(100)).toBe('1.7 min');
  });

  it('of a spread are said in one unit: that of its longest', () => {
    expect(sayTimes({ low: 40, best: 60, high: 99.4 })).toBe('60 s (40–99 s)');
    expect(sayTimes({ low: 40, best: 60, high: 100 })).toBe('1.0 min (0.7–1.7 min)');
  });
});

describe('the age of a piece', () => {
  it.each([
    [null, 'age unknown'],
    [0.99, 'made today'],
    [1, 'made yesterday'],
    [1.99, 'made yesterday'],
    [2, 'made 2 days ago'],
    [13.9, 'made 13 days ago'],
    [14, 'made 2 weeks ago'],
    [59.9, 'made 8 weeks ago'],
    [60, 'made 2 months ago'],
  ])('of %s days is said: %s', (days, said) => expect(sayAge(days)).toBe(said));
});

describe('what would do where a scale is too coarse', () => {
  const plan = (sampleThatDoesG: number | null, stepThatDoesG: number | null) =>
    sayWhatDoes({ sampleThatDoesG, stepThatDoesG } as Parameters<typeof sayWhatDoes>[0]);

  it('is each way there is, and a finer scale where there is none', () => {
    expect(plan(40, null)).toBe('Use 40 g of it on this scale.');
    expect(plan(null, 0.1)).toBe('Use a scale with steps of 0.1 g.');
    expect(plan(40, 0.1)).toMatch(/on this scale, or a scale/);
    expect(plan(null, null)).toBe('Use a finer scale.');
  });
});

describe('an entry of a trial', () => {
  const said = (entry: Record<string, unknown>) =>
    sayTrialEntry({ id: 'e', at: '2026-10-15T12:00:00Z', voidedAt: null, ...entry } as TrialEntry);

  it('is a line in words', () => {
    expect(said({ kind: 'phase', phase: 'first-fizz' })).toBe('first fizz');
    expect(said({ kind: 'color', hex: '#88aacc', by: 'eye' })).toBe('Water color #88aacc, by eye');
    expect(said({ kind: 'color', hex: '#88aacc', by: 'photo' })).toBe(
      'Water color #88aacc, by photo',
    );
    expect(said({ kind: 'jug', massG: 1501.26 })).toBe('Pitcher and water 1,501.3 g');
    expect(said({ kind: 'verdict', verdict: 'sell', whys: [] })).toBe('Sell it');
    expect(said({ kind: 'verdict', verdict: 'no', whys: ['sinks', 'ring'] })).toBe(
      'Don’t sell it: sinks, leaves a ring',
    );
    expect(said({ kind: 'note', text: 'smells of pear' })).toBe('smells of pear');
  });

  it('that was seen is said by its row, and by its own word where the row no longer has that choice', () => {
    expect(said({ kind: 'seen', what: 'foam-1-min', value: 'knee-high' })).toMatch(/: knee-high$/);
  });
});
