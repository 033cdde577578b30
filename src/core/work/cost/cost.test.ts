import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_MONEY } from './usual';
import { goodPieces, madeCost, priceFor, soldCost } from './costOf';

const MONEY = { ...USUAL_MONEY, laborPerHour: 20, roundTo: 0.05 };
const prices: Readonly<Record<string, number>> = { soda: 0.002, acid: 0.004 };
const pricePerG = (id: string) => prices[id] ?? null;

describe('what it costs', () => {
  const USED = [
    { materialId: 'soda', massG: 1000 },
    { materialId: 'acid', massG: 500 },
    { materialId: 'soda', massG: 100 },
    { materialId: 'petals', massG: 3 },
  ];

  it('to make adds up by hand: materials and labor, among the good pieces', () => {
    const cost = madeCost(USED, 10, pricePerG, 90, MONEY);
    // 1100 x 0.002 + 500 x 0.004 = 4.20; 1.5 h x 20 = 30.
    expect(cost).toMatchObject({
      materialsCost: expect.closeTo(4.2, 12),
      laborCost: 30,
      perPiece: expect.closeTo(3.42, 12),
      unpriced: ['petals'],
    });
    expect(cost.materials.map(({ materialId, massG }) => [materialId, massG])).toEqual([
      ['soda', 1100],
      ['acid', 500],
      ['petals', 3],
    ]);
    // One of ten is a reject: nine pay for it.
    expect(madeCost(USED, goodPieces(10, 10), pricePerG, 90, MONEY).perPiece).toBeCloseTo(3.8, 12);
    expect(() => madeCost([], 0, pricePerG, 0, MONEY)).toThrow(/goodPieces must be over 0/);
  });

  it('to sell adds packaging, wrapping and overhead, and then the margins', () => {
    // 3.42 + 0.30 + 3 min x 20 an hour = 4.72; a tenth on it is 5.192.
    expect(soldCost(3.42, 0.3, 3, { ...MONEY, overheadPct: 10 })).toMatchObject({
      hands: 1,
      overhead: expect.closeTo(0.472, 12),
      all: expect.closeTo(5.192, 12),
      // 5.192 / 0.6 = 8.653; 5.192 / 0.35 = 14.834: up to a multiple of 0.05.
      wholesale: 8.7,
      retail: 14.85,
    });
    expect(soldCost(3.42, 0.3, 3, MONEY).all).toBeCloseTo(4.72, 12);
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
