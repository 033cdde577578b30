import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { MATERIALS } from '@/core/matter/materials/catalog';
import type { Portion } from '@/core/matter/materials/portion';
import { DECLARABLE, declarableNamed } from '@/core/results/scent/declarable';
import { CONSTITUENTS } from '@/core/results/scent/constituents';
import { shipped } from '../../../../../tests/fixtures/bodies';
import { CAS } from './registry';
import { COMPLEXES } from './complexes';
import { declaredAllergensOf } from './allergens';
import { ingredientText, ingredientsOf } from './ingredients';
import { ingredientsOfBoth } from './ingredients';
import { partsOf } from './parts';
import { SPLITS } from './splits';

const mix = (grams: Readonly<Record<string, number>>): readonly Portion[] =>
  Object.entries(grams).map(([id, massG]) => ({ material: shipped(id), massG }));
const nothingOnFile = () => null;
const names = (grams: Readonly<Record<string, number>>, market: 'eu' | 'us') =>
  ingredientsOf(mix(grams), market, declaredAllergensOf(mix(grams), nothingOnFile).declared).map(
    ({ name }) => name,
  );

describe('ingredients in order (21 CFR 701.3; EU 1223/2009, article 19)', () => {
  it('splits compound materials, sums a name over all of them, and lets colors come last', () => {
    expect(
      names(
        {
          'blue-mica': 30,
          'citric-acid': 300,
          'sodium-bicarbonate': 600,
          'citric-acid-monohydrate': 50,
          'castor-oil': 20,
          'isopropyl-alcohol-70': 10,
          water: 6,
          cornstarch: 40,
          'powdered-sugar': 100,
        },
        'eu',
      ),
    ).toEqual([
      'Sodium Bicarbonate',
      'Citric Acid',
      'Sucrose',
      'Zea Mays Starch',
      'Ricinus Communis Seed Oil',
      // 6 g of water and 3.73 g out of the alcohol.
      'Aqua',
      'Isopropyl Alcohol',
      'Mica',
      'CI 77891',
      'CI 77510',
    ]);
  });

  it('lets one percent and less follow what is more, just inside and just outside', () => {
    const inOrder = (kaolinG: number) =>
      ingredientsOf(
        mix({ 'sodium-bicarbonate': 1000 - kaolinG - 10, kaolin: kaolinG, 'castor-oil': 10 }),
        'eu',
        [],
      );
    const groups = (kaolinG: number) => inOrder(kaolinG).map(({ massPct }) => massPct > 1);
    expect(groups(10)).toEqual([true, false, false]);
    expect(groups(10.1)).toEqual([true, true, false]);
  });

  it('has the names of each market, and both on a label for both', () => {
    const grams = {
      'sodium-bicarbonate': 500,
      cornstarch: 40,
      water: 8,
      'fragrance-oil': 6,
      'red-40-dye': 1,
      'red-iron-oxide': 2,
      'black-iron-oxide': 3,
    };
    expect(names(grams, 'eu')).toEqual([
      'Sodium Bicarbonate',
      'Zea Mays Starch',
      'Aqua',
      'Parfum',
      'CI 77499',
      'CI 77491',
      'CI 16035',
    ]);
    // Both oxides are one color in the US.
    expect(names(grams, 'us')).toEqual([
      'Sodium Bicarbonate',
      'Zea Mays (Corn) Starch',
      'Water',
      'Fragrance',
      'Iron Oxides',
      'Red 40',
    ]);
    expect(ingredientText(ingredientsOfBoth(mix(grams), 'eu', []))).toBe(
      'Sodium Bicarbonate, Zea Mays (Corn) Starch, Aqua (Water), Parfum (Fragrance), CI 77499 (Iron Oxides), CI 77491 (Iron Oxides), CI 16035 (Red 40).',
    );
  });

  it('names a lake as a lake in the US, and the pink one by its own number (21 CFR 82)', () => {
    const pink = { 'sodium-bicarbonate': 98, 'red-27-lake': 1, 'red-28-dye': 0.5 };
    expect(names(pink, 'us')).toEqual(['Sodium Bicarbonate', 'Red 27 Lake', 'Red 28']);
    expect(names(pink, 'eu')).toEqual(['Sodium Bicarbonate', 'CI 45410']);
    expect(ingredientText(ingredientsOfBoth(mix(pink), 'eu', []))).toBe(
      'Sodium Bicarbonate, CI 45410 (Red 27 Lake, Red 28).',
    );
  });

  it('has the European names of milks, and English ones in the US', () => {
    const milks = { 'sodium-bicarbonate': 80, 'goat-milk-powder': 12, 'whole-milk-powder': 8 };
    expect(names(milks, 'eu')).toEqual(['Sodium Bicarbonate', 'Caprae Lac', 'Lac']);
    expect(names(milks, 'us')).toEqual(['Sodium Bicarbonate', 'Goat Milk', 'Milk']);
  });

  it('keeps every gram: shares of all but the allergens inside scents come to a hundred', () => {
    const named = MATERIALS.filter(({ inci }) => inci !== '');
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.nat(named.length - 1), { minLength: 1, maxLength: 30 }),
        fc.double({ min: 0.01, max: 5000, noNaN: true }),
        fc.constantFrom('eu' as const, 'us' as const),
        (picks, first, market) => {
          const contents = picks.flatMap((pick, i) => {
            const material = named[pick];
            return material ? [{ material, massG: first / (i + 1) }] : [];
          });
          const all = ingredientsOf(contents, market, []);
          expect(all.reduce((sum, { massPct }) => sum + massPct, 0)).toBeCloseTo(100, 6);
          expect(new Set(all.map(({ name }) => name)).size).toBe(all.length);
          const big = all.filter(({ massPct, color }) => massPct > 1 && !color);
          expect(all.slice(0, big.length)).toEqual(big);
          expect(big.map(({ massPct }) => massPct)).toEqual(
            big.map(({ massPct }) => massPct).sort((a, b) => b - a),
          );
        },
      ),
      { seed: 20261126, numRuns: 60 },
    );
  });

  it('knows a split for every shipped material of several names, and each comes to one', () => {
    for (const material of MATERIALS) {
      const parts = partsOf(material);
      expect(parts.reduce((sum, { fraction }) => sum + fraction, 0)).toBeCloseTo(1, 9);
      if (material.inci.includes(',') && !/^Aqua, CI(?: \d+)?$/.test(material.inci))
        expect(SPLITS, material.id).toHaveProperty(material.id);
    }
    for (const id of Object.keys(SPLITS)) expect(MATERIALS.some((one) => one.id === id)).toBe(true);
  });
});

describe('numbers of the CAS registry', () => {
  it('bear their own check digit (CAS registry: weighted sum of the digits, modulo 10)', () => {
    for (const [name, number] of Object.entries(CAS)) {
      const digits = [...number.replaceAll('-', '')].map(Number);
      const check = digits.pop();
      const sum = digits.reverse().reduce((all, digit, i) => all + digit * (i + 1), 0);
      expect(sum % 10, name).toBe(check);
    }
  });
});

describe('declarable allergens (EU 1223/2009, annex III, with 2023/1545, not looked up)', () => {
  it('are the fifty-two substances and twenty-nine plant oils of the list, each once', () => {
    expect(new Set(DECLARABLE).size).toBe(52);
    expect(new Set(COMPLEXES.map(({ name }) => name)).size).toBe(29);
    // The older list without the two that are forbidden by now, and some of those that came in 2023.
    for (const name of [
      'Linalool',
      'Hexyl Cinnamal',
      'Alpha-Isomethyl Ionone',
      'Methyl 2-Octynoate',
    ])
      expect(DECLARABLE).toContain(name);
    for (const name of ['Linalyl Acetate', 'Menthol', 'Vanillin', 'Salicylaldehyde', 'Santalol'])
      expect(DECLARABLE).toContain(name);
    for (const { name, isDeclared } of CONSTITUENTS)
      expect(declarableNamed(name) !== null, name).toBe(isDeclared);
  });

  it('are named from over 0.01% of what is rinsed off', () => {
    const declared = (orangeG: number) =>
      declaredAllergensOf(
        mix({ 'sodium-bicarbonate': 1000 - orangeG, 'sweet-orange-essential-oil': orangeG }),
        nothingOnFile,
      ).declared.map(({ name }) => name);
    // 0.1 g in a kilogram is 0.01%: the whole oil is not over it, its limonene is under it.
    expect(declared(0.1)).toEqual([]);
    expect(declared(0.104)).toEqual(['Citrus Aurantium Peel Oil']);
    expect(declared(0.106)).toEqual(['Citrus Aurantium Peel Oil', 'Limonene']);
  });

  it('stand in the order of how much there is', () => {
    const { declared } = declaredAllergensOf(
      mix({
        'sodium-bicarbonate': 970,
        'lavender-essential-oil': 10,
        'sweet-orange-essential-oil': 20,
      }),
      nothingOnFile,
    );
    expect(declared.length).toBeGreaterThan(3);
    const shares = declared.map(({ pct }) => pct);
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
    expect(new Set(shares).size).toBeGreaterThan(2);
  });

  it('are as the lot’s own document says, under the names suppliers write', () => {
    const contents = mix({ 'sodium-bicarbonate': 990, 'fragrance-oil': 10 });
    expect(declaredAllergensOf(contents, nothingOnFile)).toEqual({
      declared: [],
      unknown: [shipped('fragrance-oil').name],
      typical: [],
    });
    const read = declaredAllergensOf(contents, () => ({
      allergens: [
        { name: 'd-Limonene', pct: 2 },
        { name: 'Cinnamaldehyde', pct: 0.5 },
        { name: 'alpha-Pinene', pct: 0.6 },
        { name: 'beta-pinene', pct: 0.6 },
        { name: 'Iso E', pct: 20 },
      ],
    }));
    expect(read.unknown).toEqual([]);
    expect(read.declared.map(({ name, pct }) => [name, Number(pct.toFixed(6))])).toEqual([
      ['Limonene', 0.02],
      ['Pinene', 0.012],
    ]);
  });
});
