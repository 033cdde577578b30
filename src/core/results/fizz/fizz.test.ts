import { describe, expect, it } from 'vitest';
import { USUAL_GRAINS, grainDiametersMm, grainsGoneAfterS, grainsLeftFraction } from './grains';
import { goneAfterS, leftFraction, recessionMmS, type FizzFactors } from './erosion';
import { showersOf } from './showers';
import { surfaceReading } from './surface';

const PLAIN: FizzFactors = {
  waterTempC: 38,
  packedDensityGMl: 1.1,
  fillerFraction: 0.08,
  oilFraction: 0.05,
  baseToAcid: 2 / 1.312,
};

describe('an eroding piece', () => {
  // Common practice.
  it('of 70 mm and two to one at 38°C is gone in about 3 minutes, 2 to 5', () => {
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

  it('refuses what is no piece and no water', () => {
    expect(() => leftFraction(0, 0.2, 1)).toThrow(/inradiusMm must be over 0/);
    expect(() => recessionMmS({ ...PLAIN, oilFraction: 2 })).toThrow(/oilFraction must be 0 to 1/);
  });
});

describe('loose grains', () => {
  it('have the sizes of the Rosin-Rammler law: 63.2% finer than d63', () => {
    const diameters = grainDiametersMm({ d63Mm: 1, spreadN: 2 });
    const finer = diameters.filter((d) => d < 1).length / diameters.length;
    expect(finer).toBeCloseTo(1 - Math.exp(-1), 1);
  });

  it('go in seconds where a pressed piece takes minutes, coarse ones last', () => {
    const speed = recessionMmS(PLAIN);
    const usual = grainsGoneAfterS(USUAL_GRAINS, speed);
    expect(usual.low).toBeLessThan(usual.best);
    expect(usual.best).toBeLessThan(60);
    expect(grainsGoneAfterS({ ...USUAL_GRAINS, d63Mm: 3 }, speed).best).toBeCloseTo(
      (usual.best * 3) / USUAL_GRAINS.d63Mm,
      3,
    );
    const diameters = grainDiametersMm(USUAL_GRAINS);
    expect(grainsLeftFraction(diameters, speed.best, 0)).toBe(1);
    expect(grainsLeftFraction(diameters, speed.best, usual.best)).toBeCloseTo(0.02, 3);
    expect(() => grainDiametersMm({ d63Mm: 0, spreadN: 1 })).toThrow(/d63Mm must be over 0/);
  });
});

describe('a steamer', () => {
  // Common practice: 40 g tablets last about two showers.
  it('of 40 g, 15 mm to its middle, lasts about two showers, one to three', () => {
    const showers = showersOf(15, recessionMmS(PLAIN));
    expect(showers.best).toBeCloseTo(2, 1);
    expect(showers.low).toBeCloseTo(1, 1);
    expect(showers.high).toBeCloseTo(3, 1);
    expect(showersOf(15, recessionMmS(PLAIN), 12).best).toBeLessThan(showers.best);
    expect(() => showersOf(15, recessionMmS(PLAIN), 0)).toThrow(/flowLMin must be 1 to 30/);
  });
});

describe('what stays on the water', () => {
  const bath = { volumeL: 150, surfactantG: 3, co2L: 8, oilG: 8, emulsifierG: 2, scentG: 1.5 };

  it('spreads what nothing carries over half a square meter, worked by hand', () => {
    const { filmGM2, scentMgL, foamL, foamCm } = surfaceReading(bath);
    expect(filmGM2).toBeCloseTo((8 - 2) / 0.5, 9);
    expect(scentMgL).toBeCloseTo(10, 9);
    expect(foamL.best).toBeCloseTo(Math.min(3 * 1.5, 8 * 0.5), 9);
    expect(foamCm.best).toBeCloseTo(foamL.best / 5, 9);
  });

  it('has no foam without gas or without a foamer, and no film when all is carried', () => {
    expect(surfaceReading({ ...bath, co2L: 0 }).foamL.high).toBe(0);
    expect(surfaceReading({ ...bath, surfactantG: 0 }).foamL.high).toBe(0);
    expect(surfaceReading({ ...bath, emulsifierG: 9 }).filmGM2).toBe(0);
    expect(() => surfaceReading({ ...bath, volumeL: 0 })).toThrow(/volumeL must be over 0/);
  });
});
