import { describe, expect, it } from 'vitest';
import {
  claimsIn,
  ingredientOrder,
  labelCautions,
  labelFigure,
  netWeightText,
  tolerableErrorG,
} from '.';
import { shipped } from '../../../tests/fixtures/bodies';

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
        { material: shipped('blue-mica'), massG: 30 },
        { material: shipped('citric-acid'), massG: 300 },
        { material: shipped('sodium-bicarbonate'), massG: 600 },
        { material: shipped('citric-acid-monohydrate'), massG: 50 },
        { material: shipped('polysorbate-80'), massG: 4 },
        { material: shipped('castor-oil'), massG: 20 },
        { material: shipped('water'), massG: 6 },
      ]),
    ).toEqual([
      'Sodium Bicarbonate',
      'Citric Acid',
      'Ricinus Communis Seed Oil',
      'Aqua',
      'Polysorbate 80',
      'Mica, CI 77891, CI 77510',
    ]);
  });
});

describe('netWeightText', () => {
  it.each([
    [120, 'Net wt 4.2 oz (120 g)'],
    [56.7, 'Net wt 2 oz (56 g)'],
    [7.25, 'Net wt 0.2 oz (7.2 g)'],
    [500, 'Net wt 17.6 oz (1.1 lb) 500 g'],
  ])('%d g is "%s", never rounded up', (nominalG, text) => {
    expect(netWeightText(nominalG)).toBe(text);
  });
});

describe('labelFigure (Council Directive 76/211/EEC)', () => {
  it('is held by the mean when the fills are even', () => {
    expect(labelFigure([120.4, 121, 120.9, 120.2]).nominalG).toBe(120);
  });

  it('is pulled down by one piece that is far too light', () => {
    // 120 g may be 5.4 g short, and no piece twice that.
    const fills = [...Array.from({ length: 19 }, () => 122), 108];
    const { nominalG } = labelFigure(fills);
    expect(nominalG).toBeLessThan(115);
    expect(108).toBeGreaterThanOrEqual((nominalG ?? 0) - tolerableErrorG(nominalG ?? 0));
  });

  it('asks for at least one fill', () => {
    expect(() => labelFigure([])).toThrow(/at least one mass/);
    expect(() => labelFigure([NaN])).toThrow(/each over 0/);
  });
});

describe('claimsIn', () => {
  it.each([
    'Heals tired skin',
    'relieves muscle pain',
    'A detox for the evening',
    'clears your sinuses',
    'Treats eczema',
    'stress-relief soak',
    'kills 99 germs',
  ])('marks "%s" with why', (text) => {
    const [claim] = claimsIn(text);
    expect(claim?.why).toMatch(/cosmetic a drug|registration/);
    expect(text.slice(claim?.start, claim?.end)).toBe(claim?.word);
  });

  it.each(['Smells of quince and harbor fog', 'Treat yourself after the ferry', 'A calm evening'])(
    'lets "%s" stand',
    (text) => {
      expect(claimsIn(text)).toEqual([]);
    },
  );
});

describe('labelCautions', () => {
  const texts = (...args: Parameters<typeof labelCautions>) =>
    labelCautions(...args)
      .map(({ text }) => text)
      .join(' ');

  it('puts the foaming caution first where there is a foamer (21 CFR 740.17)', () => {
    const [first] = labelCautions('bath-bomb', [
      { material: shipped('sodium-lauryl-sulfoacetate'), massG: 5 },
    ]);
    expect(first?.text).toMatch(/urinary tract/);
    expect(first?.source).toMatch(/740\.17/);
    expect(texts('bath-bomb', [{ material: shipped('castor-oil'), massG: 5 }])).not.toMatch(
      /urinary/,
    );
  });

  it('speaks of bleach and never of bathing for a cleaning piece', () => {
    const said = texts('cleaning-fizzy', [{ material: shipped('sodium-carbonate'), massG: 100 }]);
    expect(said).toMatch(/bleach/);
    expect(said).toMatch(/gloves/);
    expect(said).not.toMatch(/skin reddens|tub|pregnancy/);
  });
});
