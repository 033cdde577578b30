import { describe, expect, it } from 'vitest';
import { fizzBalance } from '@/core/matter/chemistry/stoichiometry';
import { gasVolumeL } from '@/core/matter/chemistry/gasVolume';
import { readRecipe } from '@/core/formula/reading/readRecipe';
import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from '@/core/basics/units/mass';
import {
  ML_PER_US_CUP,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_TABLESPOON,
  ML_PER_US_TEASPOON,
} from '@/core/basics/units/volume';
import { shipped } from '../fixtures/bodies';
import { SHIPPED } from '@/core/matter/materials/catalog';

function gramsOf(line: string): number {
  const read = readRecipe(line, SHIPPED);
  if (!read.ok) throw new Error(read.problem.message);
  return read.recipe.parts[0]?.lines[0]?.massG ?? NaN;
}

describe('unit definitions (NIST Handbook 44, appendix C)', () => {
  it('has the exact avoirdupois masses', () => {
    expect(GRAMS_PER_OUNCE).toBe(28.349523125);
    expect(GRAMS_PER_POUND / GRAMS_PER_OUNCE).toBeCloseTo(16, 12);
  });

  it('has the US cup as a sixteenth of 231 cubic inches, and its parts', () => {
    expect(ML_PER_US_CUP).toBeCloseTo((231 * 2.54 ** 3) / 16, 10);
    expect(ML_PER_US_TABLESPOON).toBeCloseTo(14.78676478125, 11);
    expect(ML_PER_US_TEASPOON).toBeCloseTo(4.92892159375, 11);
    expect(ML_PER_US_FLUID_OUNCE).toBeCloseTo(29.5735295625, 10);
  });
});

// USDA FoodData Central portions, not looked up.
describe('household portions', () => {
  it.each([
    ['1 tsp baking soda', 4.6],
    ['1 cup cornstarch', 128],
    ['1 tsp table salt', 6],
    ['1 tsp cream of tartar', 3],
    ['1/4 cup dry whole milk', 32],
    ['1 tbsp coconut oil', 13.6],
    ['1 cup sunflower oil', 218],
  ])('%s is %d g', (line, grams) => {
    expect(gramsOf(line) / grams).toBeGreaterThan(0.995);
    expect(gramsOf(line) / grams).toBeLessThan(1.005);
  });

  it('counts twenty drops of water to the milliliter (a pharmacopoeia’s standard dropper)', () => {
    expect(gramsOf('20 drops water')).toBeCloseTo(shipped('water').trueDensityGMl.value, 9);
  });
});

// Worked from IUPAC 2021 abridged weights: 3 x 84.006 / 192.123 and 3 x 84.006 / 210.138.
describe('balance of soda and citric acid', () => {
  it.each([
    ['citric-acid', 1.312],
    ['citric-acid-monohydrate', 1.199],
  ] as const)('is met by %s at %d to 1 by mass', (speciesId, ratio) => {
    const balance = fizzBalance(
      [
        { speciesId: 'sodium-bicarbonate', massG: ratio * 100 },
        { speciesId, massG: 100 },
      ],
      25,
    );
    expect(balance.limiting).toBe('balanced');
    expect(balance.balanceSodaToAcidByMass).toBeCloseTo(ratio, 3);
  });

  it('gives 1.56 mol of gas from 100 g of citric acid, 68.7 g', () => {
    const { co2Mol, co2G } = fizzBalance(
      [
        { speciesId: 'sodium-bicarbonate', massG: 200 },
        { speciesId: 'citric-acid', massG: 100 },
      ],
      25,
    );
    expect(co2Mol).toBeCloseTo(3 * (100 / 192.123), 4);
    expect(co2G).toBeCloseTo(68.72, 1);
  });
});

describe('molar volume of the ideal gas (SI 2019)', () => {
  it('is 22.414 L at 0 °C and one atmosphere', () => {
    expect(gasVolumeL(1, 0)).toBeCloseTo(22.41397, 4);
  });

  it('refuses a temperature no bath has', () => {
    expect(() => gasVolumeL(1, 300)).toThrow(/tempC must be -20 to 100/);
  });
});
