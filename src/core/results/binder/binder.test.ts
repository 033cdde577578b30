import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MATERIALS, SHIPPED } from '@/core/matter/materials/catalog';
import type { Portion } from '@/core/matter/materials/portion';
import { saturation } from './saturation';
import { corrections } from './correction';
import { dampReading, type DampReading } from './damp';
import { dampWindow } from './windows';
import { freeWaterBand } from './freeWater';
import { shipped } from '../../../../tests/fixtures/bodies';

const SEED = { seed: 3, numRuns: 200 };
const SODA: Portion = { material: shipped('sodium-bicarbonate'), massG: 220 };

/** A pressed, oil-rich mix of the trade: about 7% of liquids, held to be right. Common practice. */
const PRESSED: readonly Portion[] = [
  { material: shipped('sodium-bicarbonate'), massG: 1000 },
  { material: shipped('citric-acid'), massG: 520 },
  { material: shipped('kaolin'), massG: 20 },
  { material: shipped('cornstarch'), massG: 60 },
  { material: shipped('sweet-almond-oil'), massG: 80 },
  { material: shipped('polysorbate-80'), massG: 20 },
  { material: shipped('fragrance-oil'), massG: 15 },
];

/** Fat of the liquids that sets, washing soda of the solids. */
const setting = (settingFatFraction: number, settingBuilderFraction = 0, sprayFraction = 0) => ({
  settingFatFraction,
  // Much of it: what a little of it does stands by itself.
  settingFatPct: settingFatFraction > 0 ? 20 : 0,
  settingBuilderFraction,
  sprayFraction,
});

describe('dampReading', () => {
  it('is weighted liquid over solid volume, worked by hand', () => {
    // 220 g of soda at 2.20 g/mL is 100 mL; 9.15 g of almond oil at 0.915 g/mL is 10 mL at weight 1.
    const reading = dampReading([SODA, { material: shipped('sweet-almond-oil'), massG: 9.15 }]);
    expect(reading.solidVolumeMl).toBeCloseTo(100, 9);
    expect(reading.dampIndexPct).toBeCloseTo(10, 9);
    expect(reading.freeWaterPct).toBe(0);
  });

  it('takes off what the powders soak up, at most four fifths, and of a spray three tenths', () => {
    const oil = { material: shipped('sweet-almond-oil'), massG: 9.15 };
    const water = { material: shipped('water'), massG: 9.98 };
    const starch = { material: shipped('cornstarch'), massG: 30 };
    // 100 mL soda + 20 mL starch; starch soaks 0.12 x 30 = 3.6 g of the 9.15 g.
    expect(dampReading([SODA, starch, oil]).dampIndexPct).toBeCloseTo(
      (100 * 10 * (1 - 3.6 / 9.15)) / 120,
      9,
    );
    const thirsty = (liquid: Portion) =>
      dampReading([{ material: shipped('kaolin'), massG: 2600 }, liquid]).dampIndexPct;
    expect(thirsty(oil)).toBeCloseTo((100 * 10 * 0.2) / 1000, 9);
    expect(thirsty(water)).toBeCloseTo((100 * 22 * 0.7) / 1000, 9);
    // What washing soda takes into its crystal is gone all the same.
    const washed = dampReading([{ material: shipped('sodium-carbonate'), massG: 253 }, water]);
    expect(washed.dampIndexPct).toBeCloseTo((100 * 22 * 0.2) / 100, 9);
  });

  it('finds water wherever it hides, less what washing soda takes into its crystal', () => {
    const hidden = dampReading([
      SODA,
      { material: shipped('isopropyl-alcohol-70'), massG: 10 },
      { material: shipped('vinegar-5'), massG: 10 },
      { material: shipped('isopropyl-alcohol-91'), massG: 100 },
    ]);
    // Labels say alcohol by volume: 37.3% and 12.6% of their mass is water.
    expect(hidden.freeWaterG).toBeCloseTo(3.73 + 9.5 + 12.6, 9);
    const washed = dampReading([
      { material: shipped('sodium-carbonate'), massG: 50 },
      { material: shipped('water'), massG: 10 },
    ]);
    // 50 g to the monohydrate: 0.17 x 50.
    expect(washed.freeWaterG).toBeCloseTo(1.5, 9);
  });

  it('has no index without powder and none for nothing', () => {
    expect(dampReading([{ material: shipped('water'), massG: 5 }]).dampIndexPct).toBeNull();
    expect(dampReading([])).toMatchObject({ dampIndexPct: null, freeWaterPct: 0, solidG: 0 });
  });

  it('puts workable mixes into their window (common practice)', () => {
    const { dampIndexPct } = dampReading(PRESSED);
    const { lowPct, highPct } = dampWindow('press', 45, setting(0));
    expect(dampIndexPct).toBeGreaterThan(lowPct);
    expect(dampIndexPct).toBeLessThan(highPct);
  });

  it('rises with liquid, falls with powder, and does not care how much is made', () => {
    const grams = fc.double({ min: 0.1, max: 400, noNaN: true });
    fc.assert(
      fc.property(grams, grams, fc.double({ min: 0.1, max: 50, noNaN: true }), (oilG, sodaG, k) => {
        const index = (contents: readonly Portion[]) => dampReading(contents).dampIndexPct ?? 0;
        const now = index(PRESSED);
        expect(
          index([...PRESSED, { material: shipped('castor-oil'), massG: oilG }]),
        ).toBeGreaterThan(now);
        expect(
          index([...PRESSED, { material: shipped('sodium-bicarbonate'), massG: sodaG }]),
        ).toBeLessThan(now);
        expect(index(PRESSED.map((e) => ({ ...e, massG: e.massG * k })))).toBeCloseTo(now, 9);
      }),
      SEED,
    );
  });
});

describe('saturation', () => {
  it('is liquid over pores, worked by hand', () => {
    // 220 g soda (100 mL) and 9.15 g oil (10 mL) packed to 1.1 g/mL: 208.3 mL of piece, 108.3 mL of pores.
    const reading = dampReading([SODA, { material: shipped('sweet-almond-oil'), massG: 9.15 }]);
    expect(saturation(reading, 1.1)).toBeCloseTo(10 / (229.15 / 1.1 - 100), 9);
  });

  it('has a workable pressed mix in its pendular state', () => {
    // Liquid bridges stand apart up to about 0.3: Iveson et al. 2001, Powder Technology 117; not checked against its source.
    expect(saturation(dampReading(PRESSED), 1.1)).toBeLessThan(0.3);
  });

  it('has no meaning without powder or pores', () => {
    expect(saturation(dampReading([]), 1.1)).toBeNull();
    expect(saturation(dampReading([SODA]), 3)).toBeNull();
  });
});

describe('dampWindow', () => {
  it('stands as it is at 45%, and wants four percent of itself more for five points less', () => {
    expect(dampWindow('press', 45, setting(0))).toEqual({ lowPct: 10, aimPct: 13.5, highPct: 17 });
    expect(dampWindow('press', 40, setting(0)).aimPct).toBeCloseTo(13.5 * 1.04, 9);
    expect(dampWindow('press', 55, setting(0)).aimPct).toBeCloseTo(13.5 * 0.92, 9);
  });

  it('opens up for a mix held by a fat that sets, but not for loose salts', () => {
    expect(dampWindow('hand', 45, setting(0.6)).highPct).toBe(26);
    expect(dampWindow('hand', 45, setting(0.4)).highPct).toBe(20);
    expect(dampWindow('hand', 45, setting(0.5)).highPct).toBeCloseTo(23, 9);
    expect(dampWindow('loose', 45, setting(0.9)).highPct).toBe(8);
  });

  it('moves to where washing soda sets the piece, fully at three tenths of the solids', () => {
    const cube = { lowPct: 16, aimPct: 27.5, highPct: 50 };
    expect(dampWindow('silicone', 45, setting(0, 0.3))).toEqual(cube);
    expect(dampWindow('silicone', 45, setting(0, 0.9))).toEqual(cube);
    expect(dampWindow('silicone', 45, setting(0, 0.29)).aimPct).toBeLessThan(27.5);
    expect(dampWindow('silicone', 45, setting(0, 0.15)).aimPct).toBeCloseTo((15 + 27.5) / 2, 9);
    expect(dampWindow('loose', 45, setting(0, 0.9)).highPct).toBe(8);
  });

  it('aims into the upper half for a detail mold', () => {
    expect(dampWindow('detail', 45, setting(0)).aimPct).toBe(17.5);
  });

  it('refuses a humidity that is none', () => {
    expect(() => dampWindow('press', 140, setting(0))).toThrow(
      /humidityPct must be 0 to 100, got 140/,
    );
    expect(() => dampWindow('press', NaN, setting(0))).toThrow(/got NaN/);
  });
});

it('is null, not endless, on a grain that is next to nothing', () => {
  const contents = [
    { material: shipped('borax'), massG: 5e-324 },
    { material: shipped('water'), massG: 1 },
  ];
  expect(dampReading(contents).dampIndexPct).toBeNull();
});

it('is never made less damp by more liquid', () => {
  const liquids = MATERIALS.filter(({ isLiquid }) => isLiquid);
  const entry = fc.record({
    material: fc.constantFrom(...MATERIALS),
    massG: fc.oneof(fc.constant(0), fc.double({ min: 0.001, max: 900, noNaN: true })),
  });
  fc.assert(
    fc.property(
      fc.array(entry, { maxLength: 8 }),
      fc.constantFrom(...liquids),
      fc.double({ min: 0, max: 300, noNaN: true }),
      (contents, material, massG) => {
        const before = dampReading(contents).dampIndexPct;
        const after = dampReading([...contents, { material, massG }]).dampIndexPct;
        if (before !== null) expect(after).toBeGreaterThanOrEqual(before - 1e-9 * (1 + before));
      },
    ),
    { seed: 91, numRuns: 400 },
  );
});

describe('freeWaterBand', () => {
  it.each([
    [1.2, 45, 'easy'],
    [1.3, 45, 'brisk'],
    [2.1, 45, 'risky'],
    [3.6, 45, 'will-swell'],
    [1.2, 60, 'brisk'],
    [1.3, 30, 'easy'],
  ] as const)('%d %% at %d %% humidity is %s', (waterPct, humidityPct, band) => {
    expect(freeWaterBand(waterPct, humidityPct, 1)).toBe(band);
  });
});

describe('corrections', () => {
  const question = {
    acidIn: true,
    catalog: SHIPPED,
    contents: PRESSED,
    windowOf: (mix: DampReading) => dampWindow('press', 45, mix),
    humidityPct: 45,
    gramsPerSquirt: 0.7,
    allowsSkinOil: true,
    oilId: 'sweet-almond-oil',
    sprayId: 'water',
  };

  it('has none for a squeeze that is right', () => {
    expect(corrections({ ...question, felt: 'right' })).toEqual([]);
  });

  it('starts with oil, a gram for each one to two kilos, once the acid is in', () => {
    const [first] = corrections({ ...question, felt: 'too-dry' });
    expect(first).toMatchObject({ materialId: 'sweet-almond-oil', firstG: 1, firstSquirts: null });
    expect(first?.inAllG).toBeGreaterThan(1);
  });

  it('starts with a few squirts before the acid, and says how many', () => {
    const [first] = corrections({ ...question, acidIn: false, felt: 'too-dry' });
    expect(first).toMatchObject({
      materialId: 'water',
      firstG: expect.closeTo(2.1, 9),
      firstSquirts: 3,
    });
  });

  it('offers no skin oil to a family that has none', () => {
    const ids = corrections({ ...question, allowsSkinOil: false, felt: 'too-dry' }).map(
      (c) => c.materialId,
    );
    expect(ids).not.toContain('sweet-almond-oil');
  });

  it('rescues a wet mix with powder, at most a sixth of the dry volume', () => {
    const wet = [...PRESSED, { material: shipped('water'), massG: 60 }];
    for (const cure of corrections({
      ...question,
      contents: wet,
      acidIn: false,
      felt: 'too-wet',
    })) {
      expect(cure.dampIndexAfterPct).toBeLessThan(dampReading(wet).dampIndexPct ?? 0);
      const added = dampReading([{ material: shipped(cure.materialId), massG: cure.firstG }]);
      expect(added.solidVolumeMl).toBeLessThanOrEqual(dampReading(wet).solidVolumeMl / 6 + 1e-6);
    }
  });

  it('reaches the aim with what it says it takes in all', () => {
    const dry = PRESSED.filter(({ material }) => material.id !== 'fragrance-oil').map((e) =>
      e.material.id === 'sweet-almond-oil' ? { ...e, massG: 30 } : e,
    );
    const [oil] = corrections({ ...question, contents: dry, felt: 'too-dry' });
    const after = dampReading([
      ...dry,
      { material: shipped('sweet-almond-oil'), massG: oil?.inAllG ?? 0 },
    ]);
    expect(after.dampIndexPct).toBeCloseTo(question.windowOf(after).aimPct, 6);
    expect(oil?.inAllSpread.low).toBeLessThan(oil?.inAllG ?? 0);
    expect(oil?.inAllSpread.high).toBeGreaterThan(oil?.inAllG ?? Infinity);
  });
});
