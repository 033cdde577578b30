import { describe, expect, it } from 'vitest';
import { ingredientOrder, tolerableErrorG } from '.';

describe('tolerableErrorG (Council Directive 76/211/EEC)', () => {
  it.each([
    [10, 0.9],
    [50, 4.5],
    [75, 4.5],
    [120, 5.4],
    [123, 5.6],
    [200, 9],
    [250, 9],
    [400, 12],
    [800, 15],
    [2000, 30],
  ])('a nominal %d g may be %d g short', (nominalG, errorG) => {
    expect(tolerableErrorG(nominalG)).toBeCloseTo(errorG, 9);
  });

  it('refuses a pack the directive does not know', () => {
    expect(() => tolerableErrorG(2)).toThrow(/nominalG must be 5 to 10000, got 2/);
  });
});

describe('ingredientOrder (21 CFR 701.3)', () => {
  it('falls by mass, small ones after, colors last, one name once', () => {
    expect(
      ingredientOrder([
        { materialId: 'blue-mica', massG: 30 },
        { materialId: 'citric-acid', massG: 300 },
        { materialId: 'sodium-bicarbonate', massG: 600 },
        { materialId: 'citric-acid-monohydrate', massG: 50 },
        { materialId: 'polysorbate-80', massG: 4 },
        { materialId: 'castor-oil', massG: 20 },
        { materialId: 'water', massG: 6 },
      ]),
    ).toEqual([
      'Sodium Bicarbonate',
      'Citric Acid',
      'Ricinus Communis Seed Oil',
      'Aqua',
      'Polysorbate 80',
      'Mica, CI 77510',
    ]);
  });
});
