import { describe, expect, it } from 'vitest';
import { poured } from '../../../tests/fixtures/bodies';
import { freeWaterBand, freeWaterLimitsPct, gasShare } from './freeWater';
import { roomBand } from './room';

describe('a humidity that cannot be', () => {
  it.each([-0.1, 100.1, Number.NaN])('%s %% is refused', (humidityPct) => {
    expect(() => roomBand(humidityPct)).toThrow(RangeError);
    expect(() => freeWaterLimitsPct(humidityPct, 1)).toThrow(RangeError);
  });

  it('0 and 100 % can be', () => {
    expect(roomBand(0)).toBe('dry');
    expect(roomBand(100)).toBe('very-damp');
    expect(freeWaterLimitsPct(0, 1).easyPct).toBeGreaterThan(freeWaterLimitsPct(100, 1).easyPct);
  });
});

describe('the bands of free water', () => {
  it('hold their upper ends, and nothing over them', () => {
    // At 45 %, as it is said: 1.2, 2 and 3.5 % of the mix. Common practice.
    const bandsAt = (pct: number) => [freeWaterBand(pct, 45, 1), freeWaterBand(pct + 1e-9, 45, 1)];
    expect(bandsAt(1.2)).toEqual(['easy', 'brisk']);
    expect(bandsAt(2)).toEqual(['brisk', 'risky']);
    expect(bandsAt(3.5)).toEqual(['risky', 'will-swell']);
  });

  it('tighten together in a damp room', () => {
    // Ten points over the working range at 1.5 % each: 15 % lower.
    const damp = freeWaterLimitsPct(60, 1);
    expect(damp.easyPct).toBeCloseTo(1.2 * 0.85, 9);
    expect(damp.briskPct).toBeCloseTo(2 * 0.85, 9);
    expect(damp.riskyPct).toBeCloseTo(3.5 * 0.85, 9);
  });

  it('widen where less gas can form, and end nowhere where there is none', () => {
    const mix = (acidG: number) =>
      poured([
        { materialId: 'sodium-bicarbonate', massG: 100 - acidG },
        { materialId: 'citric-acid', massG: acidG },
      ]);
    // 0.0015 mol of gas from a gram: 9.6 g of citric acid in 100 g, by its three protons of 192.12 g/mol.
    expect(gasShare(mix(9.5))).toBeLessThan(1);
    expect(gasShare(mix(9.61))).toBe(1);
    expect(gasShare(mix(4.8))).toBeCloseTo(0.5, 2);
    // Without its acid a mix is judged as if that were to come; acid that builders take up gives none.
    expect(gasShare(mix(0))).toBe(1);
    const builders = poured([
      { materialId: 'sodium-carbonate', massG: 60 },
      { materialId: 'citric-acid', massG: 10 },
    ]);
    expect(gasShare(builders)).toBe(0);
    expect(freeWaterLimitsPct(45, 0.5).easyPct).toBeCloseTo(2.4, 9);
    expect(freeWaterBand(40, 45, 0)).toBe('easy');
  });
});
