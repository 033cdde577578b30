import { describe, expect, it } from 'vitest';
import { randomness } from '../../../../../tests/fixtures/random';
import { featuresOf, gridOf } from './features';
import { layOut, meanVarianceOf } from './layOut';

const ends = (chosen: readonly (readonly number[])[], at: number) =>
  chosen.filter(([x]) => Math.abs((x ?? 9) - at) < 1e-9).length;
/** The range itself, finer than the cups. */
const RANGE = gridOf(1, 201);
const line = { places: gridOf(1, 21), wanted: RANGE, bends: false, priorPrecision: [0, 0] };
const bow = { places: gridOf(1, 21), wanted: RANGE, bends: true, priorPrecision: [0, 0, 0] };

describe('cups laid out', () => {
  // Atkinson, Donev and Tobias, Optimum Experimental Designs, not looked up.
  it('stand half at each end of a straight line of which nothing is believed', () => {
    for (const cups of [2, 4, 6, 8]) {
      const { chosen } = layOut({ ...line, cups });
      expect([ends(chosen, -1), ends(chosen, 1)], `${cups} cups`).toEqual([cups / 2, cups / 2]);
    }
  });

  it('give 0.83 of the variance of four evenly spaced ones, worked by hand', () => {
    const { chosen, meanVariance } = layOut({ ...line, cups: 4 });
    // 1/4 + (1/3) / 4 against 1/4 + (1/3) / (20/9).
    const even = meanVarianceOf(gridOf(1, 4), line);
    expect(meanVarianceOf(chosen, line)).toBeCloseTo(meanVariance, 9);
    expect(meanVariance).toBeCloseTo(1 / 3, 2);
    expect(meanVariance / even).toBeCloseTo(0.83, 2);
  });

  it('stand in thirds on a bow of three or six, and a quarter, half and quarter of eight', () => {
    const at = (cups: number) => {
      const { chosen } = layOut({ ...bow, cups });
      return [-1, 0, 1].map((x) => ends(chosen, x));
    };
    expect(at(3)).toEqual([1, 1, 1]);
    expect(at(8)).toEqual([2, 4, 2]);
  });

  it('are within 1% of the best of all on small grids, and never worse than even spacing: 200 questions', () => {
    const { uniform } = randomness(23);
    let worst = 0;
    for (let round = 0; round < 200; round++) {
      const factors = 1 + Math.floor(3 * uniform());
      const bends = uniform() < 0.5 && factors < 3;
      const places = gridOf(factors, factors === 1 ? 7 : 3).filter(
        () => uniform() < 0.9 || factors === 1,
      );
      const size = featuresOf(places[0] ?? [], bends).length;
      const priorPrecision = Array.from({ length: size }, () =>
        uniform() < 0.3 ? 0.01 : 2 * uniform(),
      );
      const cups = 2 + Math.floor((factors === 1 ? 5 : 4 - factors) * uniform());
      const question = { places, bends, priorPrecision };
      const { chosen, meanVariance } = layOut({ ...question, cups });
      expect(chosen).toHaveLength(cups);
      const best = bestOfAll(places, cups, (some) => meanVarianceOf(some, question));
      worst = Math.max(worst, meanVariance / best);
      if (factors === 1) {
        const even = gridOf(1, cups);
        expect(meanVariance).toBeLessThanOrEqual(meanVarianceOf(even, question) * 1.01);
      }
    }
    expect(worst).toBeLessThanOrEqual(1.01);
  });

  it('refuse what cannot be laid out', () => {
    expect(() => layOut({ ...line, cups: 1 })).toThrow(/cups must be 2/);
    expect(() => layOut({ ...line, places: [], cups: 3 })).toThrow(/a place/);
  });
});

/** Every multiset of places. */
function bestOfAll(
  places: readonly (readonly number[])[],
  cups: number,
  valueOf: (cups: readonly (readonly number[])[]) => number,
): number {
  let best = Infinity;
  const pick = (from: number, some: readonly (readonly number[])[]) => {
    if (some.length === cups) {
      best = Math.min(best, valueOf(some));
      return;
    }
    for (let i = from; i < places.length; i++) pick(i, [...some, places[i] ?? []]);
  };
  pick(0, []);
  return best;
}
