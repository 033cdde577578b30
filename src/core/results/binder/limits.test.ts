import { describe, expect, it } from 'vitest';
import { poured, shipped } from '../../../../tests/fixtures/bodies';
import type { Portion } from '@/core/matter/materials/portion';
import { dampReading } from './damp';
import { freeWaterBand, freeWaterLimitsPct, gasShare } from './freeWater';
import { roomBand } from './room';
import { dampWindow, movedWindow } from './windows';

describe('a humidity that cannot be', () => {
  it.each([-0.1, 100.1, Number.NaN])('%s %% is refused', (humidityPct) => {
    expect(() => roomBand(humidityPct)).toThrow(RangeError);
    expect(() => freeWaterLimitsPct(humidityPct, 1)).toThrow(RangeError);
  });

  it('0 and 100% can be', () => {
    expect(roomBand(0)).toBe('dry');
    expect(roomBand(100)).toBe('very-damp');
    expect(freeWaterLimitsPct(0, 1).easyPct).toBeGreaterThan(freeWaterLimitsPct(100, 1).easyPct);
  });
});

describe('the bands of free water', () => {
  it('hold their upper ends, and nothing over them', () => {
    // At 45%, as it is said: 1.2, 2 and 3.5% of the mix. Common practice.
    const bandsAt = (pct: number) => [freeWaterBand(pct, 45, 1), freeWaterBand(pct + 1e-9, 45, 1)];
    expect(bandsAt(1.2)).toEqual(['easy', 'brisk']);
    expect(bandsAt(2)).toEqual(['brisk', 'risky']);
    expect(bandsAt(3.5)).toEqual(['risky', 'will-swell']);
  });

  it('tighten together in a damp room', () => {
    // Ten points over the working range at 1.5% each: 15 % lower.
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

describe('what a mix is made of', () => {
  const of = (id: string, massG: number): Portion => ({ material: shipped(id), massG });

  it.each([-1e-9, Infinity, NaN])('is no mass of %s g: the material is named', (massG) => {
    expect(() => dampReading([of('borax', massG)])).toThrow(`massG of borax must be 0 or more`);
  });
  it('may be nothing of a material', () => {
    expect(dampReading([of('borax', 0)])).toMatchObject({ solidG: 0, dampIndexPct: null });
  });

  it('sets by the share of its liquids that are fats, and of its solids that are washing soda', () => {
    const reading = dampReading([
      of('cocoa-butter', 30),
      of('sweet-almond-oil', 10),
      of('sodium-carbonate', 50),
      of('borax', 150),
    ]);
    expect(reading.settingFatFraction).toBeCloseTo(0.75, 12);
    expect(reading.settingBuilderFraction).toBeCloseTo(0.25, 12);
  });

  it('is damp by nothing, and sets by nothing, where one side is missing', () => {
    expect(dampReading([of('sodium-bicarbonate', 100)])).toMatchObject({
      dampIndexPct: 0,
      soakedUpG: 0,
      settingFatFraction: 0,
      settingBuilderFraction: 0,
    });
    expect(dampReading([of('water', 10)])).toMatchObject({
      settingFatFraction: 0,
      settingBuilderFraction: 0,
    });
  });

  it('soaks up no more than there is to soak up', () => {
    expect(dampReading([of('kaolin', 2600), of('water', 10)]).soakedUpG).toBe(10);
    expect(dampReading([of('cornstarch', 30), of('water', 10)]).soakedUpG).toBeCloseTo(3.6, 9);
  });

  it('does all its harm while an acid or a base is still to come', () => {
    expect(gasShare([])).toBe(1);
    expect(gasShare([of('citric-acid', 100)])).toBe(1);
    expect(gasShare([of('sodium-bicarbonate', 100)])).toBe(1);
    expect(gasShare([of('citric-acid', 1), of('borax', 500)])).toBeLessThan(1);
  });
});

describe('a window that own batches have moved', () => {
  const window = { lowPct: 10, aimPct: 13.5, highPct: 17 };
  const HELD = { feltDry: 0, feltWet: 0 };

  it('only widens by mixes that held: the other end stays where nobody felt it', () => {
    expect(movedWindow(window, 0.7, HELD)).toEqual({
      lowPct: expect.closeTo(7, 9),
      aimPct: expect.closeTo(9.45, 9),
      highPct: 17,
    });
    expect(movedWindow(window, 1.2, HELD)).toEqual({
      lowPct: 10,
      aimPct: expect.closeTo(16.2, 9),
      highPct: expect.closeTo(20.4, 9),
    });
  });

  it('moves as a whole once a hand has felt the other end', () => {
    expect(movedWindow(window, 0.7, { feltDry: 0, feltWet: 1 }).highPct).toBeCloseTo(11.9, 9);
    expect(movedWindow(window, 1.2, { feltDry: 1, feltWet: 0 }).lowPct).toBeCloseTo(12, 9);
  });

  it('is moved by a factor over nothing', () => {
    for (const factor of [0, -1, NaN])
      expect(() => movedWindow(window, factor, HELD)).toThrow(
        `factor must be over 0, got ${factor}`,
      );
  });
});

it('in drier air both ends of the window move, by the same share', () => {
  const window = dampWindow('hand', 40, {
    settingFatFraction: 0,
    settingFatPct: 0,
    settingBuilderFraction: 0,
    sprayFraction: 0,
  });
  expect(window.lowPct).toBeCloseTo(10.4, 9);
  expect(window.highPct).toBeCloseTo(20.8, 9);
});
