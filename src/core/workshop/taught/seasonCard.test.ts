import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';
import { dampReading } from '@/core/results/binder/damp';
import { dampWindow } from '@/core/results/binder/windows';
import { freeWaterLimitsPct, gasShare } from '@/core/results/binder/freeWater';
import { totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { SAMPLE, SAMPLE_CATALOG } from '../../../../tests/fixtures/sample';
import { CARD_HUMIDITIES, monthlyHumidity, seasonRows, type SeasonQuestion } from './seasonCard';

const question = (body: FormulaBody, part: Partial<SeasonQuestion> = {}): SeasonQuestion => ({
  body,
  catalog: SHIPPED,
  batches: [],
  drying: [],
  mold: { shape: 'sphere', diameterMm: 70 } as SeasonQuestion['mold'],
  tempC: 20,
  squirtG: () => 0.7,
  ...part,
});
const PLAIN = bodyFrom(
  '1000 g baking soda\n500 g citric acid\n80 g cornstarch\n60 g sweet almond oil\n5 g water, sprayed',
);
const spareOf = (row: { readonly body: FormulaBody; readonly humidityPct: number }) => {
  const mix = portionsOf(SHIPPED, row.body.parts[0]?.lines ?? []);
  return freeWaterLimitsPct(row.humidityPct, gasShare(mix)).easyPct - dampReading(mix).freeWaterPct;
};

describe('the season card', () => {
  it('asks for no more liquid the damper the air', () => {
    const rows = seasonRows(question(PLAIN));
    expect(rows.map(({ humidityPct }) => humidityPct)).toEqual([...CARD_HUMIDITIES]);
    rows.slice(1).forEach((row, i) => {
      const drier = rows[i];
      expect(row.oilG + row.sprayG).toBeLessThanOrEqual((drier?.oilG ?? 0) + (drier?.sprayG ?? 0));
      expect(row.aimPct).toBeLessThan(drier?.aimPct ?? 0);
    });
  });

  it('comes to its target wherever nothing holds it back, to what a scale shows', () => {
    for (const row of seasonRows(question(PLAIN)))
      if (row.limit === null) expect(Math.abs(row.dampPct - row.aimPct)).toBeLessThan(0.1);
  });

  it('is what a plain walk through all amounts finds, at each humidity', () => {
    const kept = portionsOf(SHIPPED, PLAIN.parts[0]?.lines ?? []).filter(
      ({ material }) => !material.isLiquid,
    );
    const [oil, water] = ['sweet-almond-oil', 'water'].map((id) => materialById(SHIPPED, id));
    if (!oil || !water) throw new Error('both are shipped');
    expect(kept).toHaveLength(3);
    for (const row of seasonRows(question(PLAIN))) {
      /** Grams of spray and of oil: spray first, within the easy water, then oil; each in steps of a tenth. */
      let found: readonly [number, number] | null = null;
      const at = (sprayG: number, oilG: number) => {
        const mix = [...kept, { material: oil, massG: oilG }, { material: water, massG: sprayG }];
        const reading = dampReading(mix);
        const { aimPct } = dampWindow('press', row.humidityPct, reading);
        const { easyPct } = freeWaterLimitsPct(row.humidityPct, gasShare(mix));
        return {
          isDamp: (reading.dampIndexPct ?? 0) >= aimPct,
          isEasy: reading.freeWaterPct <= easyPct,
        };
      };
      let tenth = 0;
      while (!found && tenth <= 656 && at(tenth / 10, 60).isEasy) {
        if (at(tenth / 10, 60).isDamp) found = [tenth / 10, 60];
        tenth += 1;
      }
      const most = Math.max(0, tenth - 1) / 10;
      for (let oilG = 60; !found && oilG <= 90; oilG += 0.1)
        if (at(most, oilG).isDamp) found = [most, oilG];
      if (at(0, 60).isDamp) {
        found = null;
        for (let oilG = 60; !found && oilG >= 30; oilG -= 0.1)
          if (!at(0, oilG).isDamp) found = [0, oilG];
      }
      const [sprayG, oilG] = found ?? [most, 90];
      expect(Math.abs(row.sprayG - sprayG)).toBeLessThan(0.16);
      expect(Math.abs(row.oilG - oilG)).toBeLessThan(0.4);
      expect(row.squirts).toBe(Math.round(row.sprayG / 0.7));
    }
  });

  it('changes nothing but oil and spray, and never leaves more loose water than is easy', () => {
    fc.assert(
      fc.property(
        fc.record({
          soda: fc.integer({ min: 200, max: 1500 }),
          ratio: fc.double({ min: 1.4, max: 2.4, noNaN: true }),
          starch: fc.integer({ min: 0, max: 150 }),
          oil: fc.integer({ min: 5, max: 120 }),
          humidityPct: fc.integer({ min: 20, max: 75 }),
        }),
        ({ soda, ratio, starch, oil, humidityPct }) => {
          const body = bodyFrom(
            `${soda} g baking soda\n${Math.round(soda / ratio)} g citric acid\n${starch + 1} g cornstarch\n${oil} g sweet almond oil`,
          );
          const [row] = seasonRows(question(body), [humidityPct]);
          if (!row) throw new Error('a mix with solids has a row');
          const grams = (of: FormulaBody, name: string) =>
            (of.parts[0]?.lines ?? []).reduce(
              (sum, line) => sum + (line.materialId === name ? line.massG : 0),
              0,
            );
          for (const id of ['sodium-bicarbonate', 'baking-soda', 'citric-acid', 'cornstarch'])
            expect(grams(row.body, id)).toBe(grams(body, id));
          expect(row.oilG).toBeGreaterThanOrEqual(oil * 0.5 - 0.06);
          expect(row.oilG).toBeLessThanOrEqual(oil * 1.5 + 0.06);
          expect(row.sprayG).toBeLessThanOrEqual(totalMassG(body) * 0.04 + 0.06);
          // A tenth of a gram is rounded at most.
          if (row.sprayG > 0) expect(spareOf(row)).toBeGreaterThan(-0.05);
        },
      ),
      { seed: 35, numRuns: 60 },
    );
  });

  it('says what holds it back: oil at its least in a mix of oil, no water where water is barred', () => {
    const oily = bodyFrom('200 g baking soda\n100 g citric acid\n90 g sweet almond oil');
    expect(seasonRows(question(oily), [68])[0]).toMatchObject({ limit: 'oil-least', oilG: 45 });
    const bleaching = bodyFrom(
      '400 g washing soda\n300 g sodium percarbonate\n2 g sweet almond oil',
      'cleaning-fizzy',
    );
    const [row] = seasonRows(question(bleaching), [30]);
    expect(row).toMatchObject({ limit: 'no-water', sprayG: 0, squirts: 0 });
  });

  it('leaves a locked oil and a locked spray as they are', () => {
    const locked = (id: string): FormulaBody => ({
      ...PLAIN,
      parts: PLAIN.parts.map((part) => ({
        ...part,
        lines: part.lines.map((line) => ({ ...line, locked: line.materialId === id })),
      })),
    });
    const massOf = (body: FormulaBody, id: string) =>
      body.parts[0]?.lines.find((line) => line.materialId === id && line.locked)?.massG;
    for (const id of ['sweet-almond-oil', 'water'])
      for (const row of seasonRows(question(locked(id))))
        expect(massOf(row.body, id)).toBe(massOf(locked(id), id));
  });

  it('moves with what own batches taught', () => {
    const body = SAMPLE.formulas.find(({ name }) => name === 'Quince Lantern')?.body;
    if (!body) throw new Error('the sample has it');
    const own = { catalog: SAMPLE_CATALOG, batches: SAMPLE.batches };
    const aim = (part: Partial<SeasonQuestion>) =>
      seasonRows(question(body, { catalog: SAMPLE_CATALOG, ...part }), [45])[0]?.aimPct ?? 0;
    expect(aim(own)).not.toBeCloseTo(aim({}), 1);
  });

  it('has nothing for loose salts, and nothing of nothing', () => {
    expect(seasonRows(question({ ...PLAIN, method: 'loose' }))).toEqual([]);
    expect(seasonRows(question(bodyFrom('5 g water')))).toEqual([]);
  });

  it('dries slower the damper the air', () => {
    const hours = seasonRows(question(PLAIN)).map(({ dryH }) => dryH?.best ?? Infinity);
    expect([...hours].sort((a, b) => a - b)).toEqual(hours);
  });
});

it('knows the room by month as the mean of its readings', () => {
  const at = (at: string, humidityPct: number) => ({ at, humidityPct });
  expect(
    monthlyHumidity([
      at('2026-02-03T10:00:00Z', 40),
      at('2026-02-04T10:00:00Z', 50),
      at('2025-02-10T10:00:00Z', 30),
      at('2026-01-03T10:00:00Z', 38),
    ]),
  ).toEqual([
    { month: 1, humidityPct: 38 },
    { month: 2, humidityPct: 40 },
  ]);
});
