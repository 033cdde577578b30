import { describe, expect, it } from 'vitest';
import { freeWaterBand, freeWaterLimitsPct } from './freeWater';
import { roomBand } from './room';

describe('a humidity that cannot be', () => {
  it.each([-0.1, 100.1, Number.NaN])('%s %% is refused', (humidityPct) => {
    expect(() => roomBand(humidityPct)).toThrow(RangeError);
    expect(() => freeWaterLimitsPct(humidityPct)).toThrow(RangeError);
  });

  it('0 and 100 % can be', () => {
    expect(roomBand(0)).toBe('dry');
    expect(roomBand(100)).toBe('very-damp');
    expect(freeWaterLimitsPct(0).easyPct).toBeGreaterThan(freeWaterLimitsPct(100).easyPct);
  });
});

describe('the bands of free water', () => {
  it('hold their upper ends, and nothing over them', () => {
    // At 45 %, as it is said: 1.2, 2 and 3.5 % of the mix. Common practice.
    const bandsAt = (pct: number) => [freeWaterBand(pct, 45), freeWaterBand(pct + 1e-9, 45)];
    expect(bandsAt(1.2)).toEqual(['easy', 'brisk']);
    expect(bandsAt(2)).toEqual(['brisk', 'risky']);
    expect(bandsAt(3.5)).toEqual(['risky', 'will-swell']);
  });

  it('tighten together in a damp room', () => {
    // Ten points over the working range at 1.5 % each: 15 % lower.
    const damp = freeWaterLimitsPct(60);
    expect(damp.easyPct).toBeCloseTo(1.2 * 0.85, 9);
    expect(damp.briskPct).toBeCloseTo(2 * 0.85, 9);
    expect(damp.riskyPct).toBeCloseTo(3.5 * 0.85, 9);
  });
});
