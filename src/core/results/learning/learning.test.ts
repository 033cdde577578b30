import { describe, expect, it } from 'vitest';
import { randomness } from '../../../../tests/fixtures/random';
import { forecastRecord, learnRobustly, type Seen } from './robust';
import { studentQuantile } from './student';
import type { Belief } from './regression';

const PRIOR: Belief = {
  mean: [1, 0],
  precision: [
    [0.25, 0],
    [0, 0.25],
  ],
  shape: 3,
  rate: 0.1,
  records: 0,
};

describe('studentQuantile', () => {
  // Table values of Student's t (any handbook), two-sided 90 and 95%.
  it.each([
    [0.95, 1, 6.314],
    [0.95, 2, 2.92],
    [0.95, 5, 2.015],
    [0.95, 10, 1.812],
    [0.95, 30, 1.697],
    [0.975, 2, 4.303],
    [0.975, 5, 2.571],
    [0.975, 10, 2.228],
    [0.975, 120, 1.98],
  ])('at %d with %d degrees is %d', (p, degrees, value) => {
    expect(studentQuantile(p, degrees)).toBeCloseTo(value, 2);
  });
});

describe('learnRobustly', () => {
  it('leaves a belief as it was without records', () => {
    expect(learnRobustly(PRIOR, [])).toBe(PRIOR);
  });

  it('ends at the line that many records follow, one in ten of them a blunder', () => {
    const { uniform, normal } = randomness(5);
    const records = Array.from({ length: 2000 }, () => {
      const x = uniform() * 2 - 1;
      return { features: [1, x], target: 3 + 2 * x + 0.1 * normal() + (uniform() < 0.1 ? 5 : 0) };
    });
    const [intercept, slope] = learnRobustly(PRIOR, records).mean as [number, number];
    expect(intercept).toBeCloseTo(3, 1);
    expect(slope).toBeCloseTo(2, 1);
  });

  it('does not care in which order records came', () => {
    const records = [
      { features: [1, 0.2], target: 1.4 },
      { features: [1, -0.5], target: 0.9 },
      { features: [1, 0.9], low: 2, high: Infinity },
    ];
    const forward = learnRobustly(PRIOR, records);
    const backward = learnRobustly(PRIOR, [...records].reverse());
    forward.mean.forEach((value, i) => expect(value).toBeCloseTo(backward.mean[i] ?? NaN, 6));
    expect(forward.records).toBe(3);
  });

  it('grows surer with records', () => {
    const width = (belief: Belief) => {
      const { low, high } = forecastRecord(belief, [1, 0.3], 0.9);
      return high - low;
    };
    const { normal } = randomness(9);
    const records = Array.from({ length: 30 }, (_, i) => ({
      features: [1, (i % 7) / 7],
      target: 1 + 0.1 * normal(),
    }));
    expect(width(learnRobustly(PRIOR, records))).toBeLessThan(width(PRIOR) / 2);
  });

  it('refuses a record that is none', () => {
    const bad = (record: Seen) => () => learnRobustly(PRIOR, [record]);
    expect(bad({ features: [1], target: 2 })).toThrow(/2 finite features/);
    expect(bad({ features: [1, NaN], target: 2 })).toThrow(/2 finite features/);
    expect(bad({ features: [1, 0], low: 2, high: 1 })).toThrow(/from low to high/);
  });
});
