import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import { USUAL_SMALL_MEASURES } from '@/core/formula/reading/massOfMeasures';
import { NO_MEANS } from '../scaling/means';
import { USUAL_REQUEST } from '../scaling/request';
import { planScale } from '../scaling/plan';
import { drawNormal, drawTriangular, seededRandom } from '@/core/basics/numeric/random';
import { simulateSpread, type SpreadQuestion } from './simulate';
import { SHIPPED } from '@/core/matter/materials/catalog';

const body = bodyFrom(LANTERN);

function question(stepG: number): SpreadQuestion {
  const planned = planScale(
    body,
    { ...USUAL_REQUEST, want: { kind: 'total', massG: 1000 } },
    { ...NO_MEANS, scales: [{ name: 's', stepG, capacityG: 1e6, minimumG: 0 }] },
  );
  if (!planned.ok) throw new Error(planned.problem.message);
  return {
    body,
    lines: planned.plan.lines,
    small: USUAL_SMALL_MEASURES,
    pieceG: { low: 90, best: 100, high: 115 },
    bowlCount: 1,
    lossPct: 2,
    draws: 4000,
    seed: 5,
  };
}

describe('draws', () => {
  it('are uniform, triangular and normal as their definitions have them', () => {
    const random = seededRandom(1);
    const many = (draw: () => number) => Array.from({ length: 40_000 }, draw);
    const mean = (of: readonly number[]) => of.reduce((sum, x) => sum + x, 0) / of.length;
    const sd = (of: readonly number[]) => Math.sqrt(mean(of.map((x) => (x - mean(of)) ** 2)));
    expect(mean(many(random))).toBeCloseTo(0.5, 2);
    // Triangular: mean (a + b + c) / 3, variance (a² + b² + c² - ab - ac - bc) / 18; Evans et al., Statistical Distributions, not looked up.
    const triangle = many(() => drawTriangular({ low: 1, best: 2, high: 6 }, random));
    expect(mean(triangle)).toBeCloseTo(3, 1);
    expect(sd(triangle)).toBeCloseTo(Math.sqrt((1 + 4 + 36 - 2 - 6 - 12) / 18), 1);
    expect(Math.min(...triangle)).toBeGreaterThanOrEqual(1);
    expect(Math.max(...triangle)).toBeLessThanOrEqual(6);
    const bell = many(() => drawNormal(10, 2, random));
    expect(mean(bell)).toBeCloseTo(10, 1);
    expect(sd(bell)).toBeCloseTo(2, 1);
  });
});

describe('simulateSpread', () => {
  it('gives the same for the same seed, and tells how far it is', async () => {
    const told: number[] = [];
    const one = await simulateSpread(
      question(0.1),
      'weighed',
      SHIPPED,
      (done) => void told.push(done),
    );
    expect(await simulateSpread(question(0.1), 'weighed', SHIPPED)).toEqual(one);
    expect(told).toEqual([0.5, 1]);
    expect(one.ratio?.counts.reduce((sum, count) => sum + count, 0)).toBeGreaterThan(3900);
  });

  it('is wider on a coarser scale, and by far the widest by cup', async () => {
    const width = async (stepG: number, way: 'weighed' | 'by cup and spoon') => {
      const { ratio } = await simulateSpread(question(stepG), way, SHIPPED);
      return (ratio?.high ?? 0) - (ratio?.low ?? 0);
    };
    const fine = await width(0.1, 'weighed');
    const coarse = await width(5, 'weighed');
    const cup = await width(0.1, 'by cup and spoon');
    expect(coarse).toBeGreaterThan(5 * fine);
    expect(cup).toBeGreaterThan(2 * coarse);
  });

  it('agrees with the sum of variances for a ratio weighed on a coarse scale', async () => {
    const plain = bodyFrom('200 g baking soda\n100 g citric acid');
    const planned = planScale(
      plain,
      { ...USUAL_REQUEST, want: { kind: 'total', massG: 300 } },
      { ...NO_MEANS, scales: [{ name: 's', stepG: 2, capacityG: 1e6, minimumG: 0 }] },
    );
    if (!planned.ok) throw new Error('it plans');
    const { ratio } = await simulateSpread(
      { ...question(2), body: plain, lines: planned.plan.lines, draws: 20_000 },
      'weighed',
      SHIPPED,
    );
    // A weight's variance: step²/12 of rounding and (step/2)² of repeat; the ratio's by the delta method.
    const one = 4 / 12 + 1;
    const sd = 2 * Math.sqrt(one / 200 ** 2 + one / 100 ** 2);
    expect(((ratio?.high ?? 0) - (ratio?.low ?? 0)) / (2 * 1.645)).toBeCloseTo(sd, 3);
  });

  it('refuses draws that are no number', async () => {
    await expect(simulateSpread({ ...question(1), draws: 0 }, 'weighed', SHIPPED)).rejects.toThrow(
      /draws/,
    );
  });
});
