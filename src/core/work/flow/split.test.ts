import { describe, expect, it } from 'vitest';
import { shipped } from '../../../../tests/fixtures/bodies';
import { emptyBody, newLine, newPart } from '@/core/formula/model/create';
import type { FormulaBody, Line, Part } from '@/core/formula/model/schema';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { bloomsIn, partedBowl, secondColor, splitOf } from './split';
import type { WorkFacts } from './types';

const FACTS: WorkFacts = { catalog: SHIPPED, pieces: 1, weighG: new Map(), counted: new Set() };
const line = (id: string, massG: number): Line => newLine(shipped(id), massG);
const part = (kind: Part['kind'], ...lines: Line[]): Part => ({ ...newPart(kind, kind), lines });
const ids = (lines: Iterable<Line>) => [...lines].map(({ materialId }) => materialId);
const of = (main: Part, second: Part | undefined, facts = FACTS) =>
  splitOf(main, second, facts, bloomsIn(facts));

const powders = (k: number) => [
  line('sodium-bicarbonate', 200 * k),
  line('citric-acid', 100 * k),
  line('cornstarch', 20 * k),
];

describe('a bowl of two colors', () => {
  it('weighs what both have together, and keeps each color for itself', () => {
    const main = part('main', ...powders(1), line('water', 2), line('lake-color', 3));
    const second = part('split', ...powders(0.5), line('titanium-dioxide', 1));
    const split = of(main, second);
    expect(ids(split?.twins.values() ?? [])).toEqual([
      'sodium-bicarbonate',
      'citric-acid',
      'cornstarch',
    ]);
    expect(ids(split?.own ?? [])).toEqual(['titanium-dioxide']);
    expect(split?.late).toEqual([]);
    expect(ids(split?.ownOfMain ?? [])).toEqual(['lake-color']);
    expect(split?.isBeforeAcid).toBe(false);
    expect(split?.share).toBeCloseTo(160 / (322 + 160), 12);
  });

  it('goes by what is weighed, not by what is written', () => {
    const main = part('main', ...powders(1));
    const second = part('split', ...powders(0.5));
    const weighG = new Map(second.lines.map(({ id, massG }) => [id, massG * 3]));
    expect(of(main, second, { ...FACTS, weighG })?.share).toBeCloseTo(480 / (320 + 480), 12);
    const nothing = new Map([...main.lines, ...second.lines].map(({ id }) => [id, 0]));
    expect(of(main, second, { ...FACTS, weighG: nothing })?.share).toBe(0.5);
  });

  it('is parted before the acid where a dye of one of them is bloomed: each takes its own acid', () => {
    const main = part('main', ...powders(1), line('water', 2), line('lake-color', 3));
    const second = part('split', ...powders(0.5), line('red-40-dye', 1));
    const split = of(main, second);
    expect(split?.isBeforeAcid).toBe(true);
    expect(ids(split?.twins.values() ?? [])).toEqual(['sodium-bicarbonate', 'cornstarch']);
    expect(ids(split?.own ?? [])).toEqual(['red-40-dye']);
    expect(ids(split?.late ?? [])).toEqual(['citric-acid']);
    expect(split?.share).toBeCloseTo(110 / (222 + 110), 12);
  });

  it('lets a dye of the main mix wait with the water that it is bloomed in', () => {
    const main = part('main', ...powders(1), line('water', 2), line('red-40-dye', 1));
    const split = of(main, part('split', ...powders(0.5)));
    expect(split?.isBeforeAcid).toBe(true);
    expect(ids(split?.ownOfMain ?? [])).toEqual(['red-40-dye', 'water']);
    expect(split?.share).toBeCloseTo(110 / (220 + 110), 12);
    // Beside a lake that waits too it is still the dye that wants the water.
    const both = part('main', ...main.lines, line('lake-color', 3));
    expect(ids(of(both, part('split', ...powders(0.5)))?.ownOfMain ?? [])).toEqual([
      'red-40-dye',
      'lake-color',
      'water',
    ]);
  });

  it('is not parted early for a dye that both have', () => {
    const main = part('main', ...powders(1), line('red-40-dye', 2));
    const second = part('split', ...powders(0.5), line('red-40-dye', 1), line('lake-color', 1));
    const split = of(main, second);
    expect(split?.isBeforeAcid).toBe(false);
    expect(ids(split?.ownOfMain ?? [])).toEqual([]);
  });

  it('pairs each line once, in its own phase, and none that is counted', () => {
    const main = part('main', ...powders(1), line('sodium-bicarbonate', 50));
    const second = part('split', line('sodium-bicarbonate', 30), line('citric-acid', 10));
    const split = of(main, second);
    expect(ids(split?.twins.values() ?? [])).toEqual(['sodium-bicarbonate', 'citric-acid']);
    const elsewhere = second.lines.map((one) => ({ ...one, phase: 'color' as const }));
    expect(of(main, { ...second, lines: elsewhere })).toBeNull();
    const counted = new Set(second.lines.map(({ id }) => id));
    expect(of(main, second, { ...FACTS, counted })).toBeNull();
    expect(
      of(main, second, { ...FACTS, counted: new Set(main.lines.map(({ id }) => id)) }),
    ).toBeNull();
  });

  it('is one bowl where there is no second part, or one that shares nothing', () => {
    const main = part('main', ...powders(1));
    expect(of(main, undefined)).toBeNull();
    expect(of(main, part('split', line('lake-color', 1)))).toBeNull();
  });
});

describe('the share of the second bowl', () => {
  const body = (method: FormulaBody['method'], ...parts: Part[]): FormulaBody => ({
    ...emptyBody('bath-bomb'),
    method,
    parts,
  });

  it('is what its part weighs, and none where nothing is parted', () => {
    const main = part('main', ...powders(1));
    expect(
      partedBowl(body('press', main, part('split', ...powders(0.5))), FACTS)?.share,
    ).toBeCloseTo(160 / 480, 12);
    expect(partedBowl(body('press', main), FACTS)).toBeNull();
    expect(partedBowl(body('press', main, part('split', line('lake-color', 1))), FACTS)).toBeNull();
    expect(partedBowl(body('press'), FACTS)).toBeNull();
  });

  it('is asked of a split with something in it, never of loose salts', () => {
    const second = part('split', ...powders(0.5));
    const main = part('main', ...powders(1));
    expect(secondColor(body('press', main, part('embed', ...powders(1)), second))).toBe(second);
    expect(secondColor(body('loose', main, second))).toBeUndefined();
    expect(secondColor(body('press', main, part('split')))).toBeUndefined();
  });
});
