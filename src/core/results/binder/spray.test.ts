import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHODS } from '@/core/formula/model/kinds';
import type { Method } from '@/core/formula/model/schema';
import type { Portion } from '@/core/matter/materials/portion';
import { shipped } from '../../../../tests/fixtures/bodies';
import { dampReading } from './damp';
import { dampWindow } from './windows';

const mix = (grams: Readonly<Record<string, number>>): readonly Portion[] =>
  Object.entries(grams).map(([id, massG]) => ({ material: shipped(id), massG }));
const TWO_TO_ONE = { 'sodium-bicarbonate': 600, 'citric-acid': 300 };

type Verdict = 'dry' | 'right' | 'wet';
function verdict(contents: readonly Portion[], method: Method = 'hand'): Verdict {
  const reading = dampReading(contents);
  const { lowPct, highPct } = dampWindow(method, 45, reading);
  const index = reading.dampIndexPct ?? 0;
  return index < lowPct ? 'dry' : index > highPct ? 'wet' : 'right';
}

const USUAL = {
  cornstarch: 167,
  'magnesium-sulfate-heptahydrate': 313,
  'coconut-oil': 70,
  water: 28,
};

describe('a mix bound by spray', () => {
  it.each<readonly [string, Record<string, number>, Verdict]>([
    ['a beginner’s spritz', { water: 8 }, 'right'],
    ['half a percent of water', { water: 5 }, 'right'],
    ['a fifth of a percent', { water: 2 }, 'dry'],
    ['two percent', { water: 18 }, 'right'],
    ['over three percent', { water: 30 }, 'wet'],
    ['witch hazel', { 'witch-hazel': 15 }, 'right'],
    ['alcohol', { 'isopropyl-alcohol-91': 15 }, 'right'],
    ['a little oil and nothing else', { 'sweet-almond-oil': 27 }, 'dry'],
    ['the same with a few squirts', { 'sweet-almond-oil': 27, water: 4 }, 'right'],
    ['starch that drinks slowly', { cornstarch: 300, water: 10 }, 'right'],
    ['a usual mix with salt, starch and oil', USUAL, 'right'],
  ])('%s (common practice)', (_name, more, wanted) => {
    expect(verdict(mix({ ...TWO_TO_ONE, ...more }))).toBe(wanted);
  });

  it('a third each of washing soda, borax and Epsom salt packs with vinegar by the spoon (common practice)', () => {
    const vinegar = (massG: number) =>
      verdict(
        mix({
          'sodium-carbonate': 200,
          borax: 200,
          'magnesium-sulfate-heptahydrate': 200,
          'vinegar-5': massG,
        }),
      );
    expect([40, 60, 80, 100, 130].map(vinegar)).toEqual(['dry', 'right', 'right', 'right', 'wet']);
  });

  it('no drop of a liquid makes any mix drier, and no gram of soda makes one wetter', () => {
    const grams = fc.double({ min: 0, max: 60, noNaN: true });
    const powders = fc.record({
      cornstarch: grams,
      kaolin: grams,
      'sodium-carbonate': fc.constantFrom(0, 40, 300),
    });
    const liquids = [
      'water',
      'witch-hazel',
      'isopropyl-alcohol-91',
      'sweet-almond-oil',
      'cocoa-butter',
      'glycerin',
    ];
    const wet = fc.record(Object.fromEntries(liquids.map((id) => [id, grams])));
    const RANK = { dry: 0, right: 1, wet: 2 } as const;
    fc.assert(
      fc.property(
        powders,
        wet,
        fc.constantFrom(...METHODS),
        fc.constantFrom(...liquids),
        grams,
        (dry, bound, method, id, moreG) => {
          const now: Readonly<Record<string, number>> = { ...TWO_TO_ONE, ...dry, ...bound };
          const before = RANK[verdict(mix(now), method)];
          const after = RANK[verdict(mix({ ...now, [id]: (now[id] ?? 0) + moreG }), method)];
          // A butter that sets opens the range as more of it comes: it may make a wet mix one that holds.
          if (id !== 'cocoa-butter') expect(after).toBeGreaterThanOrEqual(before);
          else expect(Math.min(after, 1)).toBeGreaterThanOrEqual(Math.min(before, 1));
        },
      ),
      { seed: 20261130, numRuns: 400 },
    );
  });

  it('one percent of cocoa butter as the only liquid opens nothing; six do (no jump between)', () => {
    const highAt = (massG: number) =>
      dampWindow('press', 45, dampReading(mix({ ...TWO_TO_ONE, 'cocoa-butter': massG }))).highPct;
    expect(highAt(9)).toBe(17);
    expect(highAt(18)).toBe(17);
    expect(highAt(60)).toBe(26);
    for (let massG = 1; massG < 80; massG++)
      expect(highAt(massG) - highAt(massG - 1)).toBeLessThan(0.5);
  });
});
