import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { METRIC_HABITS, useHabits } from '@/core/basics/format/habits';
import { shownUnit, toShown, type StoredUnit } from '@/core/basics/format/quantities';
import { roundToStep } from '@/core/work/weighing/rounding';
import { readoutOf } from '@/core/work/weighing/readout';
import { parseQuantity, rangeProblem, type QuantityUnit } from './parseQuantity';

const US = { units: 'us', isTwelveHour: true } as const;
afterEach(() => useHabits(METRIC_HABITS));

function read(typed: string, unit: QuantityUnit | null): number {
  const one = parseQuantity(typed, unit);
  if (!one.ok) throw new Error(one.problem);
  return one.value;
}
function problem(typed: string, unit: QuantityUnit | null): string {
  const one = parseQuantity(typed, unit);
  if (one.ok) throw new Error(`${typed} was read as ${one.value}`);
  return one.problem;
}

describe('a typed quantity', () => {
  // Factors: NIST Handbook 44, appendix C: a gallon is 4 quarts, 16 cups, 256 tablespoons, 768 teaspoons; ounce 28.349523125 g, pound 453.59237 g, US gallon 3.785411784 L, inch 25.4 mm.
  it.each([
    ['3 oz', 'g', 85.048569375],
    ['3oz.', 'g', 85.048569375],
    ['85 g', 'g', 85],
    ['1 lb 4 oz', 'g', 566.9904625],
    ['1.2 kg', 'g', 1200],
    ['72 F', '°C', 22.2222222222],
    ['72°F', '°C', 22.2222222222],
    ['−40 F', '°C', -40],
    ['22 c', '°C', 22],
    ['40 gal', 'L', 151.41647136],
    ['4 fl oz', 'mL', 118.29411825],
    ['2.5 in', 'mm', 63.5],
    ['2.5"', 'mm', 63.5],
    ['1 h 30 min', 'min', 90],
    ['45%', '%', 45],
    ['2 gpm', 'L/min', 7.570823568],
    ['8 L/min', 'L/min', 8],
    ['250 mg', 'g', 0.25],
    ['2 pounds', 'g', 907.18474],
    ['250 mL', 'mL', 250],
    ['1.5 L', 'mL', 1500],
    ['1 cup', 'mL', 236.5882365],
    ['2 tbsp', 'mL', 29.5735295625],
    ['3 tsp', 'mL', 14.78676478125],
    ['1 qt', 'mL', 946.352946],
    ['500 mL', 'L', 0.5],
    ['2 cups', 'L', 0.473176473],
    ['64 mm', 'mm', 64],
    ['6.4 cm', 'mm', 64],
    ['90 s', 'min', 1.5],
    ['2 hours', 'min', 120],
    ['90 seconds', 's', 90],
    ['1.5 min', 's', 90],
    ['100 ppm', 'mg/L', 100],
    ['0.92 g/mL', 'g/mL', 0.92],
  ] as const)('“%s” in a field of %s is %d in either habit', (typed, unit, stored) => {
    for (const habit of [METRIC_HABITS, US]) {
      useHabits(habit);
      expect(read(typed, unit)).toBeCloseTo(stored, 9);
    }
  });

  it('without a unit is in the person’s own, or in the scale’s', () => {
    expect(read('85', 'g')).toBe(85);
    expect(read('1,250', 'g')).toBe(1250);
    useHabits(US);
    expect(read('3', 'g')).toBeCloseTo(85.048569375, 9);
    expect(read('72', '°C')).toBeCloseTo(22.2222222222, 9);
    expect(read('12', null)).toBe(12);
    const grams = readoutOf(0.1).shown;
    expect(parseQuantity('85', 'g', grams)).toEqual({ ok: true, value: 85 });
  });

  it.each([
    ['3 miles', 'g', '“miles” doesn’t fit here. Type a weight, such as 85 g or 3 oz.'],
    ['72 F', 'g', '“F” doesn’t fit here. Type a weight, such as 85 g or 3 oz.'],
    ['3 oz', '°C', '“oz” doesn’t fit here. Type a temperature, such as 22 C or 72 F.'],
    ['1 lb 4 miles', 'g', '“miles” doesn’t fit here. Type a weight, such as 85 g or 3 oz.'],
    ['a handful', 'g', 'Type a weight, such as 85 g or 3 oz.'],
    ['', '°C', 'Type a temperature, such as 22 C or 72 F.'],
    ['some', null, 'Type a number.'],
    ['1.2.3', 'g', 'Type a weight, such as 85 g or 3 oz.'],
  ] as const)('“%s” in a field of %s asks in one sentence', (typed, unit, said) => {
    expect(problem(typed, unit)).toBe(said);
  });

  it('with a comma is asked about only where a comma parts thousands', () => {
    expect(read('1,5', 'g')).toBe(1.5);
    useHabits(US);
    expect(problem('1,5', 'g')).toBe('Use a period for decimals: 1.5.');
    expect(problem('1,25 oz', 'g')).toBe('Use a period for decimals: 1.25.');
    expect(read('1,250 g', 'g')).toBe(1250);
  });

  it('out of range is told in the person’s unit', () => {
    expect(rangeProblem(-10, 50, '°C', 0)).toBe('Type a number from −10 to 50°C.');
    useHabits(US);
    expect(rangeProblem(-10, 50, '°C', 0)).toBe('Type a number from 14 to 122°F.');
    expect(rangeProblem(1, 2000, null, 0)).toBe('Type a number from 1 to 2,000.');
  });
});

describe('there and back', () => {
  it('any stored figure comes back from the unit it is shown in, metric or US', () => {
    const UNITS: readonly StoredUnit[] = ['g', 'mL', 'L', 'L/min', '°C', 'mm'];
    fc.assert(
      fc.property(
        fc.constantFrom(...UNITS),
        fc.constantFrom(METRIC_HABITS, US),
        fc.double({ min: 0, max: 100_000, noNaN: true }),
        (unit, habit, stored) => {
          useHabits(habit);
          const shown = toShown(stored, shownUnit(unit));
          const typed = `${shown.toFixed(12)} ${shownUnit(unit).unit}`;
          expect(Math.abs(read(typed, unit) - stored)).toBeLessThan(1e-9 * (1 + stored));
        },
      ),
      { seed: 30, numRuns: 500 },
    );
  });

  it('a weight that a scale shows is that weight again when it is typed, to the last step', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(0.001, 0.01, 0.1, 0.5, 1, 2, 5, 0.005 * 28.349523125, 0.1 * 28.349523125),
        fc.integer({ min: 1, max: 60_000 }),
        fc.constantFrom(METRIC_HABITS, US),
        (stepG, steps, habit) => {
          useHabits(habit);
          const readout = readoutOf(stepG);
          const massG = steps * stepG;
          for (const typed of [readout.say(massG), readout.figure(massG)]) {
            const one = parseQuantity(typed, 'g', readout.shown);
            if (!one.ok) throw new Error(one.problem);
            expect(Math.abs(roundToStep(one.value, stepG) - massG)).toBeLessThan(
              1e-6 * stepG * steps,
            );
          }
        },
      ),
      { seed: 31, numRuns: 500 },
    );
  });
});

describe('the readout of a scale', () => {
  it('is in the unit in which its step is a round number', () => {
    expect(readoutOf(0.1).say(2.449)).toBe('2.4 g');
    expect(readoutOf(0.05 * 28.349523125).say(85.048569375)).toBe('3.00 oz');
    expect(readoutOf(1, 0.4).say(0.4)).toBe('0.400 g');
  });

  it('has the person’s unit beside it where that is another one', () => {
    expect(readoutOf(0.1).beside(85.05)).toBe('');
    expect(readoutOf(0.05 * 28.349523125).beside(85.05)).toBe('85.1 g');
    useHabits(US);
    expect(readoutOf(0.1).beside(85.05)).toBe('3 oz');
  });
});
