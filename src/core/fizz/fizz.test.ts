import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { flowPerS, goneAfterS, leftFraction, recessionMmS, type FizzFactors } from '.';

const PLAIN: FizzFactors = {
  waterTempC: 38,
  packedDensityGMl: 1.1,
  fillerFraction: 0.08,
  oilFraction: 0.05,
  baseToAcid: 2 / 1.312,
};

describe('an eroding piece', () => {
  // Common practice.
  it('of 70 mm and two to one at 38 °C is gone in about 3 minutes, 2 to 5', () => {
    const gone = goneAfterS(35, recessionMmS(PLAIN));
    expect(gone).toEqual({
      low: expect.closeTo(120, 6),
      best: expect.closeTo(180, 6),
      high: expect.closeTo(300, 6),
    });
  });

  it('lasts longer cold, packed hard, filled, oiled, or off balance', () => {
    const best = (change: Partial<FizzFactors>) => recessionMmS({ ...PLAIN, ...change }).best;
    const plain = best({});
    expect(best({ waterTempC: 25 })).toBeLessThan(plain);
    expect(best({ packedDensityGMl: 1.25 })).toBeLessThan(plain);
    expect(best({ fillerFraction: 0.2 })).toBeLessThan(plain);
    expect(best({ oilFraction: 0.09 })).toBeLessThan(plain);
    expect(best({ baseToAcid: 2 })).toBeLessThan(plain);
    expect(best({ baseToAcid: 1 })).toBeGreaterThan(plain);
  });

  it('gives off all of its gas and no more: the flow sums to one', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        (radiusMm, speed) => {
          const gone = radiusMm / speed;
          const steps = 2000;
          const sum = Array.from({ length: steps }, (_, i) =>
            flowPerS(radiusMm, speed, ((i + 0.5) * gone) / steps),
          );
          const total = sum.reduce((all, flow) => all + (flow * gone) / steps, 0);
          expect(total).toBeCloseTo(1, 4);
          expect(leftFraction(radiusMm, speed, gone * 1.01)).toBe(0);
          expect(leftFraction(radiusMm, speed, 0)).toBe(1);
        },
      ),
      { seed: 71, numRuns: 50 },
    );
  });

  it('refuses what is no piece and no water', () => {
    expect(() => leftFraction(0, 0.2, 1)).toThrow(/inradiusMm must be over 0/);
    expect(() => recessionMmS({ ...PLAIN, oilFraction: 2 })).toThrow(/oilFraction must be 0 to 1/);
  });
});
