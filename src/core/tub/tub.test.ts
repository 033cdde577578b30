import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Family, FormulaBody, Method } from '@/core/formula/model/schema';
import type { Conditions } from '@/core/results/conditions/types';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { gasTrace } from '@/core/results/evaluation/gasTrace';
import { WEAR_SPEED, FOAM_STANDS, taughtBy } from '@/core/results/learning/quantities';
import { bodyFrom } from '../../../tests/fixtures/bodies';
import { densityWithGas } from './afloat';
import { bubblesBetween, bubblesOf } from './bubbles';
import { fallingFoam } from './foam';
import { placeAt, radiusMmAt } from './motion';
import { VESSELS_OF, vesselOf } from './vessel';
import { grainLeftMm } from './wear';
import { wornShares, type Layer } from './layers';
import { filmPlan, momentAt, type FilmPlan } from './plan';
import { WaterGrid } from './waterGrid';

const WATER: Conditions = { ...USUAL_CONDITIONS, pieceG: 140 };
const bomb = (more = '', starch = 60) =>
  bodyFrom(`600 g baking soda\n300 g citric acid\n${starch} g cornstarch\n${more}`);
const EMBED = '\nEmbed:\n60 g baking soda\n40 g citric acid\n0.3 g red 33 dye';

function planned(body: FormulaBody, conditions: Conditions = WATER): FilmPlan {
  const film = filmPlan(body, conditions, evaluate(body, conditions));
  if (!film.ok) throw new Error(film.problem);
  return film.value;
}

const eventS = (plan: FilmPlan, what: string) =>
  plan.events.find((event) => event.what === what)?.seconds;
const dyeG = (plan: FilmPlan, seconds: number, id: string) =>
  momentAt(plan, seconds).released.find(({ materialId }) => materialId === id)?.massG ?? 0;
const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));

/** Formulas of every family, with and without dyes, embed, topping, foam and oil. */
const anyBody = fc
  .record({
    family: fc.constantFrom<Family>(
      'bath-bomb',
      'shower-steamer',
      'fizzing-salts',
      'cleaning-fizzy',
    ),
    method: fc.constantFrom<Method>('hand', 'press', 'silicone', 'in-pack'),
    soda: fc.integer({ min: 100, max: 900 }),
    acid: fc.integer({ min: 50, max: 600 }),
    starch: fc.integer({ min: 0, max: 300 }),
    dyes: fc.subarray([
      '0.4 g blue 1 dye',
      '0.9 g yellow 5 dye',
      '3 g gold mica',
      '1 g red 40 lake',
    ]),
    foam: fc.constantFrom('', '20 g slsa'),
    oil: fc.constantFrom('', '30 g sweet almond oil', '30 g sweet almond oil\n12 g polysorbate 80'),
    embed: fc.constantFrom('', EMBED),
    topping: fc.constantFrom('', '\nTopping:\n6 g calendula petals\n0.2 g red 40 dye'),
  })
  .map(({ family, method, soda, acid, starch, dyes, foam, oil, embed, topping }) =>
    bodyFrom(
      [
        `${soda} g baking soda\n${acid} g citric acid`,
        starch > 0 ? `${starch} g cornstarch` : '',
        ...dyes,
        foam,
        oil,
        embed,
        topping,
      ].join('\n'),
      family,
      family === 'fizzing-salts' ? 'loose' : method,
    ),
  );
const anyConditions = fc.record({
  pieceG: fc.constantFrom(30, 77, 140, 400),
  tempC: fc.integer({ min: 5, max: 45 }),
  volumeL: fc.constantFrom(5, 80, 150),
});

describe('the plan of a film keeps its laws for any formula', () => {
  it('gives out every gram of color and every milliliter of gas once, and takes none back', () => {
    fc.assert(
      fc.property(anyBody, anyConditions, (body, { pieceG, ...tub }) => {
        const conditions = {
          ...USUAL_CONDITIONS,
          pieceG,
          tub: { ...USUAL_CONDITIONS.tub, ...tub },
        };
        const evaluation = evaluate(body, conditions);
        const plan = planned(body, conditions);
        const share = Math.min(1, pieceG / evaluation.totalG);
        let before = momentAt(plan, 0);
        expect([before.gasMl, before.pieceG]).toEqual([0, plan.pieceG]);
        for (let i = 1; i <= 40; i++) {
          const now = momentAt(plan, (plan.settledS * i) / 40);
          expect(now.gasMl).toBeGreaterThanOrEqual(before.gasMl);
          expect(now.pieceG).toBeLessThanOrEqual(before.pieceG);
          // What has left as gas is the share of the mass that has worn, as the fizz curve has it.
          expect(now.gasMl / plan.gasMl).toBeCloseTo(1 - now.pieceG / plan.pieceG, 9);
          now.released.forEach(({ massG }, k) =>
            expect(massG).toBeGreaterThanOrEqual((before.released[k]?.massG ?? 0) - 1e-12),
          );
          // The layers together weigh what the piece has lost.
          const wornG = plan.layers.reduce(
            (sum, one, k) => sum + one.massG * (now.worn[k] ?? 0),
            0,
          );
          expect(wornG).toBeCloseTo(plan.pieceG - now.pieceG, 6);
          before = now;
        }
        expect(before.gasMl).toBeCloseTo(1000 * evaluation.fizz.co2L * share, 6);
        for (const { materialId, massG } of before.released) {
          const inFormula = body.parts
            .flatMap(({ lines }) => lines)
            .reduce((sum, line) => (line.materialId === materialId ? sum + line.massG : sum), 0);
          expect(Math.abs(massG - inFormula * share)).toBeLessThan(1e-6);
        }
        const swatch = channels(evaluation.color?.waterHex ?? '');
        channels(before.waterHex).forEach((byte, c) =>
          expect(Math.abs(byte - (swatch[c] ?? 0))).toBeLessThanOrEqual(1),
        );
        expect(before.filmGM2).toBeCloseTo(evaluation.surface?.filmGM2 ?? NaN, 6);
        expect(Math.max(...plan.foamMm)).toBeLessThanOrEqual(
          10 * (evaluation.surface?.foamCm.best ?? 0) + 1e-9,
        );
      }),
      { seed: 36, numRuns: 60 },
    );
  });

  it('follows the fizz curve: the area under it up to a moment is the gas so far', () => {
    for (const body of [
      bomb(),
      bodyFrom('300 g epsom salt\n200 g baking soda\n100 g citric acid', 'fizzing-salts', 'loose'),
    ]) {
      const evaluation = evaluate(body, WATER);
      const plan = planned(body);
      const points = gasTrace(evaluation, 140);
      const stepS = (points[1]?.seconds ?? 0) - (points[0]?.seconds ?? 0);
      let areaMl = 0;
      points.forEach(({ seconds, mlPerS }, i) => {
        const isEdge = i === 0 || i === points.length - 1;
        areaMl += mlPerS.best * (isEdge ? stepS / 2 : stepS);
        expect(momentAt(plan, seconds + stepS / 2).gasMl / plan.gasMl).toBeCloseTo(
          areaMl / plan.gasMl,
          6,
        );
      });
    }
  });
});

describe('what happens when', () => {
  it('shows the embed’s color only once its shell is worn', () => {
    const plan = planned(bomb(`0.6 g yellow 5 dye${EMBED}`));
    const openS = eventS(plan, 'embed-opens') ?? 0;
    expect(dyeG(plan, openS - 0.01, 'red-33-dye')).toBe(0);
    expect(dyeG(plan, openS + 0.5, 'red-33-dye')).toBeGreaterThan(0);
    const shellG =
      plan.layers
        .find(({ place }) => place === 'shell')
        ?.portions.find(({ material }) => material.id === 'yellow-5-dye')?.massG ?? 0;
    expect(dyeG(plan, openS, 'yellow-5-dye')).toBeCloseTo(shellG, 6);
    expect(eventS(planned(bomb()), 'embed-opens')).toBeUndefined();
  });

  it('lasts longer with more starch and in colder water, and half is gone before all is', () => {
    const [plain, starchy] = [planned(bomb()), planned(bomb('', 200))];
    expect(starchy.goneS).toBeGreaterThan(plain.goneS + 10);
    const cold = planned(bomb(), { ...WATER, tub: { ...WATER.tub, tempC: 5 } });
    expect(cold.goneS).toBeGreaterThan(2 * plain.goneS);
    expect(eventS(plain, 'half')).toBeLessThan(plain.goneS / 2);
    expect(momentAt(plain, eventS(plain, 'half') ?? 0).leftFraction).toBeCloseTo(0.5, 4);
    expect([
      momentAt(plain, plain.goneS - 1).pieceG > 0,
      momentAt(plain, plain.goneS).pieceG,
    ]).toEqual([true, 0]);
  });

  it('takes own tests over: wear and foam', () => {
    const body = bomb('20 g slsa');
    const seen = { overModel: 0.5, modelLog: 0 };
    const learned = {
      wear: taughtBy(WEAR_SPEED, [seen, seen, seen]),
      foam: taughtBy(FOAM_STANDS, [{ overModel: 2 }, { overModel: 2 }]),
    };
    const [shipped, own] = [planned(body), planned(body, { ...WATER, learned })];
    expect(own.goneS).toBeGreaterThan(1.2 * shipped.goneS);
    expect(Math.max(...own.foamMm)).toBeGreaterThan(Math.max(...shipped.foamMm));
  });

  it('lets a dense piece sink and come up when it is small, a light one float, and salts neither', () => {
    const dense = planned({ ...bomb(), method: 'press' });
    expect(eventS(dense, 'floats')).toBeGreaterThan(20);
    expect(eventS(planned({ ...bomb(), method: 'silicone' }), 'floats')).toBe(0);
    const salts = bodyFrom('300 g baking soda\n150 g citric acid', 'fizzing-salts', 'loose');
    expect(planned(salts).afloatFromS).toBeNull();
    expect(momentAt(dense, dense.settledS).floats).toBe(false);
  });

  it('lifts a piece by half a millimeter of gas around it, most of it within seconds', () => {
    const piece = { densityGMl: 1.075, floatsUnderGMl: 1, inradiusMm: 20 };
    expect(densityWithGas(piece, 1, 1e6)).toBeCloseTo(1, 9);
    expect(densityWithGas(piece, 1, 0)).toBe(1.075);
    expect(densityWithGas(piece, 1, 4)).toBeCloseTo(1.075 / (1 + 0.075 * (1 - Math.exp(-1))), 9);
    expect(densityWithGas(piece, 1 / 8, 1e6)).toBeCloseTo(1.075 / 1.15, 9);
  });

  it('lets foam fall to half in five minutes, and coats wear with what of the shell is bare', () => {
    expect(fallingFoam([0, 8, ...Array.from({ length: 10 }, () => 8)], 30).at(-1)).toBeCloseTo(
      4,
      9,
    );
    const layer = (place: Layer['place'], massG: number): Layer => ({
      partId: place,
      name: place,
      place,
      massG,
      portions: [],
      hex: '#ffffff',
    });
    const layers = [layer('shell', 80), layer('coat', 10), layer('embed', 10)];
    expect(wornShares(layers, 20)).toEqual([10 / 80, 1, 0]);
    expect(wornShares(layers, 10)).toEqual([5 / 80, 0.5, 0]);
    expect(wornShares(layers, 90)).toEqual([1, 1, 0]);
    expect(wornShares(layers, 95)).toEqual([1, 1, 0.5]);
  });

  it('says why there is no film', () => {
    const problem = (body: FormulaBody, conditions = WATER) => {
      const film = filmPlan(body, conditions, evaluate(body, conditions));
      return film.ok ? null : film.problem;
    };
    expect(
      problem({ ...bomb(), parts: bomb().parts.map((part) => ({ ...part, lines: [] })) }),
    ).toBe('nothing-there');
    expect(problem(bodyFrom('100 g cornstarch'))).toBe('nothing-fizzes');
    const whole = { ...WATER, pieceG: 960 };
    expect(problem(bomb(), { ...whole, tub: { ...WATER.tub, volumeL: 0.95 } })).toBe(
      'larger-than-the-water',
    );
    expect(problem(bomb(), { ...whole, tub: { ...WATER.tub, volumeL: 150 } })).toBeNull();
  });
});

describe('the water of the film', () => {
  const SIZE = { columns: 24, rows: 12 };
  const total = (grams: Float64Array) => grams.reduce((sum, one) => sum + one, 0);

  it('holds each gram that has left the piece, never less than none, and ends even', () => {
    fc.assert(
      fc.property(anyBody, anyConditions, (body, { pieceG, ...tub }) => {
        const plan = planned(body, {
          ...USUAL_CONDITIONS,
          pieceG,
          tub: { ...USUAL_CONDITIONS.tub, ...tub },
        });
        if (plan.vessel.kind === 'tray') return;
        const grid = new WaterGrid(plan, SIZE);
        const stepS = Math.max(0.5, plan.settledS / 400);
        for (let at = stepS; at < plan.settledS + stepS; at += stepS) {
          grid.step(stepS);
          const { released } = momentAt(plan, at);
          for (const { materialId, grams } of grid.dyes) {
            const outG = released.find((one) => one.materialId === materialId)?.massG ?? 0;
            expect(Math.abs(total(grams) - outG)).toBeLessThan(1e-6);
          }
        }
        for (const { grams } of grid.dyes) expect(Math.min(...grams)).toBeGreaterThanOrEqual(0);
        const swatch = channels(momentAt(plan, plan.settledS).waterHex);
        grid
          .tint()
          .forEach((byte, i) =>
            expect(Math.abs(byte - (swatch[i % 3] ?? 0))).toBeLessThanOrEqual(1),
          );
      }),
      { seed: 14, numRuns: 12 },
    );
  });

  it('is colored near the piece first, moves with the seed, and not at all without a dye', () => {
    const plan = planned(bomb('0.6 g blue 1 dye'));
    const early = (of: FilmPlan) => {
      const grid = new WaterGrid(of, SIZE);
      for (let i = 0; i < 20; i++) grid.step(0.5);
      return grid.tint();
    };
    const tint = early(plan);
    const red = (column: number, row: number) => tint[3 * (row * SIZE.columns + column)] ?? 0;
    expect(red(12, 6)).toBeLessThan(red(1, 1) - 40);
    expect(early(plan)).toEqual(tint);
    expect(early({ ...plan, seed: plan.seed + 1 })).not.toEqual(tint);
    expect(early(planned(bomb())).every((byte) => byte === 255)).toBe(true);
  });
});

describe('what is drawn of it', () => {
  it('draws bubbles as the gas comes: as many up to each moment as there was gas for', () => {
    const plan = planned(bomb());
    const bubbles = bubblesOf(plan);
    expect(bubbles.eachMl).toBeCloseTo(4, 1);
    for (const at of [1, 10, 40, 90, plan.goneS]) {
      const [, end] = bubblesBetween(bubbles, 0, at);
      expect(Math.abs(end * bubbles.eachMl - momentAt(plan, at).gasMl)).toBeLessThan(
        2 * bubbles.eachMl,
      );
    }
    const [first, end] = bubblesBetween(bubbles, 10, 20);
    expect(bubbles.bornS[first]).toBeGreaterThan(10);
    expect(bubbles.bornS[end - 1]).toBeLessThanOrEqual(20);
    expect(bubblesOf({ ...plan, gasMl: 1e6 }).bornS).toHaveLength(12_000);
    expect(bubblesOf({ ...plan, gasMl: 0 }).bornS).toHaveLength(0);
  });

  it('keeps the piece inside its vessel, still on the bottom, and moving once it floats', () => {
    const [dense, light] = [planned(bomb()), planned({ ...bomb(), method: 'silicone' as const })];
    expect([placeAt(dense, 5).xCm, placeAt(dense, 5).up, placeAt(light, 5).up]).toEqual([0, 0, 1]);
    for (let seconds = 0; seconds < light.settledS; seconds += 3) {
      const { xCm, yCm } = placeAt(light, seconds);
      expect(Math.abs(xCm)).toBeLessThan(light.vessel.lengthCm / 2);
      expect(Math.abs(yCm)).toBeLessThan(light.vessel.widthCm / 2);
    }
    expect(placeAt(light, 60).xCm).not.toBe(placeAt(light, 30).xCm);
    expect(radiusMmAt(light, 0)).toBeCloseTo(light.inradiusMm, 9);
    expect(radiusMmAt(light, light.goneS)).toBe(0);
  });

  it('holds its water: a vessel of each kind has the liters it is said to have', () => {
    for (const kind of ['bath', 'sink', 'machine'] as const) {
      const { lengthCm, widthCm, depthCm } = vesselOf(kind, 42);
      expect((lengthCm * widthCm * depthCm) / 1000).toBeCloseTo(42, 9);
    }
    expect(VESSELS_OF['cleaning-fizzy']).toEqual(['sink', 'machine']);
    const salts = planned(
      bodyFrom('300 g baking soda\n150 g citric acid', 'fizzing-salts', 'loose'),
    );
    if (salts.wear.kind !== 'scattered') throw new Error('salts are strewn');
    expect(grainLeftMm(salts.wear, 0.5, 0)).toBe(0.5);
    expect(grainLeftMm(salts.wear, 0.5, salts.goneS)).toBe(0);
  });
});
