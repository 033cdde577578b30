import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_MONEY } from './usual';
import { costOf, priceFor } from './costOf';

const MONEY = { ...USUAL_MONEY, laborPerHour: 20, roundTo: 0.05 };
const prices: Readonly<Record<string, number>> = { soda: 0.002, acid: 0.004 };
const pricePerG = (id: string) => prices[id] ?? null;

describe('costOf', () => {
  it('adds up by hand: materials, wraps, hands, per piece and prices', () => {
    const cost = costOf(
      [
        { materialId: 'soda', massG: 1000 },
        { materialId: 'acid', massG: 500 },
        { materialId: 'soda', massG: 100 },
        { materialId: 'petals', massG: 3 },
      ],
      10,
      pricePerG,
      { packagingEach: 0.3, laborMinutes: 90 },
      MONEY,
    );
    // 1100 x 0.002 + 500 x 0.004 = 4.20; 10 x 0.30 = 3; 1.5 h x 20 = 30.
    expect(cost).toMatchObject({
      materialsCost: expect.closeTo(4.2, 12),
      packagingCost: 3,
      laborCost: 30,
      total: expect.closeTo(37.2, 12),
      perPiece: expect.closeTo(3.72, 12),
      unpriced: ['petals'],
      // 3.72 / 0.6 = 6.20; 3.72 / 0.35 = 10.63, up to 10.65.
      wholesale: 6.2,
      retail: 10.65,
    });
    expect(cost.materials.map(({ materialId, massG }) => [materialId, massG])).toEqual([
      ['soda', 1100],
      ['acid', 500],
      ['petals', 3],
    ]);
    expect(() => costOf([], 0, pricePerG, { packagingEach: 0, laborMinutes: 0 }, MONEY)).toThrow(
      /pieces must be over 0/,
    );
  });
});

describe('priceFor', () => {
  it('never falls under its margin and is a multiple of the rounding', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 500, noNaN: true }),
        fc.integer({ min: 0, max: 95 }),
        fc.constantFrom(0.01, 0.05, 0.5, 1),
        (cost, marginPct, roundTo) => {
          const price = priceFor(cost, marginPct, roundTo);
          expect(price * (1 - marginPct / 100)).toBeGreaterThanOrEqual(cost - 1e-6);
          expect(price - cost / (1 - marginPct / 100)).toBeLessThanOrEqual(roundTo + 1e-6);
          expect(Math.abs(price / roundTo - Math.round(price / roundTo))).toBeLessThan(1e-4);
        },
      ),
      { seed: 81, numRuns: 200 },
    );
  });
});
