import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { REFERENCE_MM2_H, dryFraction, dryingFactor, dryTarget, hoursToDry } from './forecast';
import { airAt, roomClock, type AirPoint } from './roomClock';
import { dryingBodyOf } from './body';
import { refitDrying } from './refit';

const HOUR = 3_600_000;
const level = (humidityPct: number) => [{ atMs: 0, humidityPct, tempC: 20 }];
const clockOf = (points: readonly AirPoint[], fromMs = 0) => roomClock(points, fromMs, 75);

describe('the clock of a room', () => {
  it('runs true at 45% and 20°C, and by its drive elsewhere', () => {
    expect(clockOf(level(45))(10 * HOUR)).toBeCloseTo(10, 9);
    expect(clockOf(level(60))(10 * HOUR)).toBeCloseTo(5, 9);
    expect(clockOf(level(80))(10 * HOUR)).toBe(0);
    expect(clockOf(level(45), 5 * HOUR)(HOUR)).toBe(0);
    expect(() => clockOf([])).toThrow(/at least one reading/);
  });

  it('is turned back by damp air: six hours at 90% wet what three at 45% dried', () => {
    const points = [...level(45), { atMs: 10 * HOUR, humidityPct: 90, tempC: 20 }];
    expect(clockOf(points)(16 * HOUR)).toBeCloseTo(7, 9);
    expect(clockOf(points)(100 * HOUR)).toBe(0);
  });

  it('holds a reading until the next, so that a new one never moves the past', () => {
    const before = level(50);
    const after = [...before, { atMs: 10 * HOUR, humidityPct: 70, tempC: 25 }];
    for (const hours of [1, 5, 10])
      expect(clockOf(after)(hours * HOUR)).toBe(clockOf(before)(hours * HOUR));
    expect(airAt(after, 9.99 * HOUR).humidityPct).toBe(50);
    expect(airAt(after, 10 * HOUR).humidityPct).toBe(70);
    expect(airAt(after, -HOUR).humidityPct).toBe(50);
  });

  it('never falls below nothing and never runs faster than the driest, warmest air', () => {
    const reading = fc.tuple(
      fc.integer({ min: 0, max: 100 }),
      fc.double({ min: 0, max: 100, noNaN: true }),
      fc.double({ min: 10, max: 30, noNaN: true }),
    );
    fc.assert(
      fc.property(
        fc.array(reading, { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 0, max: 120 }),
        fc.integer({ min: 0, max: 40 }),
        (readings, hours, more) => {
          const points = readings
            .map(([atH, humidityPct, tempC]) => ({ atMs: atH * HOUR, humidityPct, tempC }))
            .sort((a, b) => a.atMs - b.atMs);
          const clock = clockOf(points);
          const [now, then] = [clock(hours * HOUR), clock((hours + more) * HOUR)];
          expect(now).toBeGreaterThanOrEqual(0);
          const fastest = dryingFactor({ humidityPct: 0, tempC: 30 }, 75);
          expect(then - now).toBeLessThanOrEqual(more * fastest + 1e-9);
        },
      ),
      { seed: 73, numRuns: 200 },
    );
  });
});

describe('the body a piece dries like', () => {
  it('is the sphere itself, half a cube’s side, two thirds of a half sphere, a slab for loose salts', () => {
    expect(dryingBodyOf({ shape: 'sphere', diameterMm: 70 }, 'press', 0.02).sizeMm).toBeCloseTo(
      35,
      9,
    );
    expect(
      dryingBodyOf({ shape: 'box', lengthMm: 30, widthMm: 30, heightMm: 30 }, 'silicone', 0.02)
        .sizeMm,
    ).toBeCloseTo(15, 9);
    expect(
      dryingBodyOf({ shape: 'half-sphere', diameterMm: 60 }, 'press', 0.02).sizeMm,
    ).toBeCloseTo(20, 9);
    expect(dryingBodyOf({ shape: 'own-volume', volumeMl: 27 }, 'detail', 0.02).sizeMm).toBeCloseTo(
      15,
      9,
    );
    expect(dryingBodyOf({ shape: 'own-volume', volumeMl: 220 }, 'loose', 0.02).shape).toBe('slab');
  });
});

describe('how long a piece dries by what is in it', () => {
  const hours = (lossFraction: number, sizeMm = 70) => {
    const body = dryingBodyOf({ shape: 'sphere', diameterMm: sizeMm }, 'press', lossFraction);
    return hoursToDry(body, dryTarget(lossFraction), REFERENCE_MM2_H.best) ?? Infinity;
  };

  it('without any water is sooner than with a spray, and never falls as there is more (common practice)', () => {
    // Half a percent and more: the day to a day and a half of the start value.
    expect(hours(0.005)).toBeGreaterThan(24);
    expect(hours(0.02)).toBeCloseTo(30, 1);
    expect(hours(0.0004)).toBeLessThan(16);
    let before = 0;
    for (let loss = 0.0004; loss < 0.2; loss *= 1.1) {
      expect(hours(loss)).toBeGreaterThanOrEqual(before);
      if (before > 0) expect(hours(loss) / before).toBeLessThan(1.25);
      before = hours(loss);
    }
  });

  it('a small cube worked with a tenth of vinegar takes a day', () => {
    const cube = dryingBodyOf(
      { shape: 'box', lengthMm: 40, widthMm: 40, heightMm: 40 },
      'silicone',
      0.12,
    );
    const dry = hoursToDry(cube, dryTarget(0.12), REFERENCE_MM2_H.best) ?? 0;
    expect(dry).toBeGreaterThan(18);
    expect(dry).toBeLessThan(30);
  });
});

describe('a refit to the marked piece', () => {
  const body = { shape: 'sphere', sizeMm: 35 } as const;
  const prior = {
    rate: { low: 0.8, best: 1, high: 1.25 },
    lossFraction: { low: 0.02, best: 0.03, high: 0.045 },
  };
  const weighings = (rate: number, loss: number, hours: readonly number[]) =>
    hours.map((roomHours) => ({
      roomHours,
      massG: 200 * (1 - loss * dryFraction(body, roomHours, REFERENCE_MM2_H.best * rate)),
    }));

  it('says nothing new without a weighing, or with one', () => {
    const before = refitDrying(body, prior, [], [], 0.05);
    expect(before.rate.best).toBeCloseTo(1, 2);
    expect(before.rate.low).toBeCloseTo(0.8, 1);
    expect(before.startG).toBeNull();
    expect(refitDrying(body, prior, weighings(1.4, 0.03, [6]), [], 0.05).rate.best).toBeCloseTo(
      1,
      2,
    );
  });

  it('finds a room that dries faster or slower, and knows it better than before', () => {
    for (const rate of [0.75, 1.35]) {
      const refit = refitDrying(
        body,
        prior,
        weighings(rate, 0.032, [0, 3, 8, 16, 30, 50]),
        [],
        0.05,
      );
      expect(Math.abs(refit.rate.best - rate)).toBeLessThan(Math.abs(1 - rate) * 0.6);
      expect(refit.learnedFraction).toBeGreaterThan(0.2);
      expect(refit.startG).toBeCloseTo(200, 0);
    }
  });

  it('believes a moisture meter too, and holds the truth in its band', () => {
    const loss = 0.03;
    const dry = (roomHours: number) => dryFraction(body, roomHours, REFERENCE_MM2_H.best * 1.2);
    const meters = [4, 10, 20].map((roomHours) => ({
      roomHours,
      moisturePct: (100 * loss * (1 - dry(roomHours))) / (1 - loss * dry(roomHours)),
    }));
    const refit = refitDrying(body, prior, [], meters, 0.05);
    expect(refit.rate.low).toBeLessThan(1.2);
    expect(refit.rate.high).toBeGreaterThan(1.2);
    expect(refit.learnedFraction).toBeGreaterThan(0);
    expect(() => refitDrying(body, prior, [], [], 0)).toThrow(/scaleSdG must be over 0/);
  });
});
