import { describe, expect, it } from 'vitest';
import { gammaVariate, randomness } from '../../../tests/fixtures/random';
import { forecast, forecastMean, learn, studentQuantile, type Belief, type Observation } from '.';

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
  // Table values of Student's t (any handbook), two-sided 90 and 95 %.
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

describe('learn', () => {
  it('leaves a belief as it was without records', () => {
    expect(learn(PRIOR, [])).toBe(PRIOR);
  });

  it('ends at the least-squares line when many records speak', () => {
    const { uniform, normal } = randomness(5);
    const records = Array.from({ length: 2000 }, () => {
      const x = uniform() * 2 - 1;
      return { features: [1, x], target: 3 + 2 * x + 0.1 * normal() };
    });
    const [intercept, slope] = learn(PRIOR, records).mean as [number, number];
    expect(intercept).toBeCloseTo(3, 1);
    expect(slope).toBeCloseTo(2, 1);
  });

  it('does not care in which order records came, nor in how many sittings', () => {
    const records: Observation[] = [
      { features: [1, 0.2], target: 1.4 },
      { features: [1, -0.5], target: 0.9 },
      { features: [1, 0.9], target: 2.2 },
    ];
    const forward = learn(PRIOR, records);
    const backward = learn(learn(PRIOR, records.slice(2)), [...records.slice(0, 2)].reverse());
    forward.mean.forEach((value, i) => expect(value).toBeCloseTo(backward.mean[i] ?? NaN, 9));
    expect(forward.rate).toBeCloseTo(backward.rate, 9);
    expect(forward.records).toBe(3);
  });

  it('grows surer with records', () => {
    const width = (belief: Belief) => {
      const { low, high } = forecastMean(belief, [1, 0.3], 0.9);
      return high - low;
    };
    const { normal } = randomness(9);
    const records = Array.from({ length: 30 }, (_, i) => ({
      features: [1, (i % 7) / 7],
      target: 1 + 0.1 * normal(),
    }));
    expect(width(learn(PRIOR, records))).toBeLessThan(width(PRIOR) / 3);
    expect(forecast(PRIOR, [1, 0.3], 0.9).high).toBeGreaterThan(
      forecastMean(PRIOR, [1, 0.3], 0.9).high,
    );
  });

  it('is honest: over 2,000 made-up makers its 90 % intervals hold the truth in 85 to 95 % of cases', () => {
    const { uniform, normal } = randomness(20260418);
    for (const count of [5, 10, 30]) {
      let held = 0;
      const makers = 2000;
      for (let maker = 0; maker < makers; maker++) {
        // Hidden values as the prior would have them: scatter first, then the line.
        const variance = PRIOR.rate / gammaVariate(PRIOR.shape, uniform, normal);
        const scatter = Math.sqrt(variance);
        const truth = PRIOR.mean.map((value) => value + (scatter / Math.sqrt(0.25)) * normal());
        const line = (x: number) => (truth[0] ?? 0) + (truth[1] ?? 0) * x;
        const records = Array.from({ length: count }, () => {
          const x = uniform() * 2 - 1;
          return { features: [1, x], target: line(x) + scatter * normal() };
        });
        const x = uniform() * 2 - 1;
        const { low, high } = forecastMean(learn(PRIOR, records), [1, x], 0.9);
        if (line(x) >= low && line(x) <= high) held++;
      }
      expect(held / makers).toBeGreaterThan(0.85);
      expect(held / makers).toBeLessThan(0.95);
    }
  });

  it('refuses a record that is none', () => {
    expect(() => learn(PRIOR, [{ features: [1], target: 2 }])).toThrow(/2 finite features/);
    expect(() => learn(PRIOR, [{ features: [1, NaN], target: 2 }])).toThrow(/2 finite features/);
    expect(() => forecast(PRIOR, [1, 0], 1.5)).toThrow(/share must be/);
  });
});
