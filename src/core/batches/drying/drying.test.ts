import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  DRY_FRACTION,
  HANDLE_FRACTION,
  REFERENCE_MM2_H,
  dryFraction,
  dryingFactor,
  hoursToDry,
  staysFraction,
} from './forecast';
import { lossFraction, type DryingShape } from './loss';
import { waterActivityPct } from './waterActivity';

import { poured } from '../../../../tests/fixtures/bodies';

const SHAPES: readonly DryingShape[] = ['sphere', 'cylinder', 'slab'];

describe('lossFraction', () => {
  // Crank's short-time closed forms: sphere 6 sqrt(T/pi) - 3T, slab 2 sqrt(T/pi), cylinder 4 sqrt(T/pi) - T.
  it.each([0.002, 0.01, 0.03])('meets the closed forms for short times, T = %d', (t) => {
    const root = Math.sqrt(t / Math.PI);
    expect(lossFraction('sphere', t)).toBeCloseTo(6 * root - 3 * t, 4);
    expect(lossFraction('slab', t)).toBeCloseTo(2 * root, 4);
    expect(lossFraction('cylinder', t)).toBeCloseTo(4 * root - t - (t * root) / 3, 3);
  });

  it('meets the first term alone for long times', () => {
    expect(lossFraction('sphere', 0.5)).toBeCloseTo(
      1 - (6 / Math.PI ** 2) * Math.exp(-(Math.PI ** 2) * 0.5),
      6,
    );
    expect(lossFraction('slab', 1)).toBeCloseTo(
      1 - (8 / Math.PI ** 2) * Math.exp(-(Math.PI ** 2) / 4),
      6,
    );
  });

  it('starts at nothing, ends at everything, and never turns back', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHAPES),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (shape, t, more) => {
          const now = lossFraction(shape, t);
          expect(now).toBeGreaterThanOrEqual(0);
          expect(now).toBeLessThanOrEqual(1);
          expect(lossFraction(shape, t + more)).toBeGreaterThanOrEqual(now - 1e-9);
        },
      ),
      { seed: 67, numRuns: 300 },
    );
    expect(() => lossFraction('slab', -1)).toThrow(/0 or more/);
  });
});

describe('drying in a room', () => {
  const sphere = (diameterMm: number) => ({ shape: 'sphere', sizeMm: diameterMm / 2 }) as const;

  // Common practice.
  it('takes a 70 mm sphere 24 to 36 hours at 45%, and a 25 mm piece a few', () => {
    const rate = REFERENCE_MM2_H;
    expect(hoursToDry(sphere(70), 0.95, rate.high)).toBeCloseTo(24, 1);
    expect(hoursToDry(sphere(70), 0.95, rate.low)).toBeCloseTo(36, 1);
    const small = hoursToDry(sphere(25), 0.95, rate.best) ?? 0;
    expect(small).toBeGreaterThan(1);
    expect(small).toBeLessThan(6);
  });

  it('goes with the square of size', () => {
    const hours = (diameterMm: number) => hoursToDry(sphere(diameterMm), 0.9, 9) ?? 0;
    expect(hours(80) / hours(40)).toBeCloseTo(4, 6);
  });

  it('goes by the vapor pressure over the mix less that of the air, and below nothing wets again', () => {
    const at = (humidityPct: number, tempC = 20) => dryingFactor({ humidityPct, tempC }, 75);
    expect(at(45)).toBe(1);
    expect(at(60)).toBeCloseTo(0.5, 9);
    expect(at(75)).toBe(0);
    expect(at(90)).toBeCloseTo(-0.5, 9);
    // 18 to 28°C is 1.83 times the vapor pressure (Alduchov and Eskridge 1996).
    expect(at(45, 28) / at(45, 18)).toBeCloseTo(1.83, 2);
    expect(() => at(101)).toThrow(/humidityPct must be 0 to 100/);
    expect(hoursToDry(sphere(70), 0.95, 0.001)).toBeNull();
    expect(dryFraction(sphere(70), 0, 10)).toBe(0);
  });

  it('has no cliff: two hundredths of a point of humidity hardly move the hours', () => {
    const hours = (humidityPct: number) =>
      hoursToDry(
        sphere(70),
        0.95,
        REFERENCE_MM2_H.best,
        (h) => h * dryingFactor({ humidityPct, tempC: 20 }, 75),
      ) ?? Infinity;
    for (let pct = 30; pct < 74; pct += 0.5)
      expect(hours(pct + 0.02) / hours(pct)).toBeLessThan(1.03);
    expect(hours(72.01)).toBeLessThan(310);
  });

  it('leaves water in a piece at rest with a damper room: a third of it at 55%', () => {
    const stays = (humidityPct: number) => staysFraction({ humidityPct, tempC: 20 }, 75);
    expect(stays(45)).toBe(0);
    expect(stays(55)).toBeCloseTo(1 / 3, 9);
    expect(stays(75)).toBe(1);
    expect(stays(20)).toBe(0);
    expect(staysFraction({ humidityPct: 40, tempC: 20 }, 33)).toBe(1);
  });

  it('takes half as long at twice the rate, and twice as long in a room worth half', () => {
    const usual = hoursToDry(sphere(70), 0.95, REFERENCE_MM2_H.best);
    expect(usual).toBeCloseTo(30, 1);
    expect(hoursToDry(sphere(70), 0.95, REFERENCE_MM2_H.best * 2)).toBeCloseTo(15, 1);
    expect(hoursToDry(sphere(70), 0.95, REFERENCE_MM2_H.best, (hours) => hours / 2)).toBeCloseTo(
      60,
      1,
    );
    const handled = hoursToDry(sphere(70), HANDLE_FRACTION, REFERENCE_MM2_H.low) ?? Infinity;
    expect(handled).toBeLessThan(hoursToDry(sphere(70), DRY_FRACTION, REFERENCE_MM2_H.high) ?? 0);
  });
});

describe('the water activity of a mix', () => {
  const of = (...lines: Array<readonly [string, number]>) =>
    waterActivityPct(poured(lines.map(([materialId, massG]) => ({ materialId, massG }))));

  // Deliquescence at 25°C: CRC Handbook.
  it('is the usual one, and that of the salt that draws first by how much of it there is', () => {
    expect(of(['sodium-bicarbonate', 200], ['citric-acid', 100])).toBe(75);
    expect(of(['magnesium-sulfate-heptahydrate', 100])).toBe(90);
    expect(of(['magnesium-sulfate-heptahydrate', 90], ['citric-acid', 10])).toBe(75);
    expect(of(['magnesium-chloride', 100])).toBe(33);
    expect(of(['citric-acid', 95], ['magnesium-chloride', 5])).toBe(33);
    expect(of(['citric-acid', 97.5], ['magnesium-chloride', 2.5])).toBeCloseTo(54, 9);
    expect(of(['kaolin', 1])).toBe(75);
    expect(of()).toBe(75);
  });
});
