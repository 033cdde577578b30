import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bracketedRoot } from './bracketedRoot';
import { firstWhere } from './firstWhere';

describe('firstWhere', () => {
  it('finds the place, or says that there is none', () => {
    expect(firstWhere((x) => x * x >= 2, 0, 2)).toBeCloseTo(Math.SQRT2, 12);
    expect(firstWhere((x) => x > 5, 0, 2)).toBeUndefined();
    expect(firstWhere(() => true, 0, 2)).toBeCloseTo(0, 12);
    expect(() => firstWhere(() => true, 3, 2)).toThrow(/low must be at most high/);
  });
});

describe('bracketedRoot', () => {
  it('finds the zero of steep, flat and curved functions alike', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.constantFrom<(x: number) => number>(
          (x) => x,
          (x) => x ** 3,
          (x) => Math.expm1(5 * x),
          (x) => Math.atan(50 * x),
        ),
        (root, shape) => {
          const { status, x } = bracketedRoot((at) => shape(at - root), -6, 7, 1e-9);
          expect(status).toBe('converged');
          expect(Math.abs(x - root)).toBeLessThan(1e-8);
        },
      ),
      { seed: 41, numRuns: 200 },
    );
  });

  it('refuses a bracket without a change of sign', () => {
    expect(() => bracketedRoot((x) => x * x + 1, -1, 1, 1e-9)).toThrow(/must change sign/);
  });
});
