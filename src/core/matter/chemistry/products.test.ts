import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SPECIES, speciesById } from './species';
import { earlyReaction } from './earlyReaction';
import { elementMassesG, reactionProducts } from './products';
import { fizzBalance, type ReactantG } from './stoichiometry';

const mix = fc.array(
  fc.record({
    speciesId: fc.constantFrom(...SPECIES.map(({ id }) => id)),
    massG: fc.double({ min: 0, max: 5000, noNaN: true }),
  }),
  { maxLength: 9 },
);

/** What must hold to nine digits of the whole. */
function closes(before: number, after: number, whole: number): void {
  expect(Math.abs(before - after)).toBeLessThanOrEqual(1e-9 * Math.max(1, whole));
}

function asMoles(reactants: readonly ReactantG[]) {
  return reactants.map(({ speciesId, massG }) => {
    const { formula, molarMassGMol } = speciesById(speciesId);
    return { formula, mol: massG / molarMassGMol };
  });
}

describe('reactionProducts', () => {
  it('keeps the mass, and every element, of any mix', () => {
    fc.assert(
      fc.property(mix, (reactants) => {
        const products = reactionProducts(reactants);
        const massG = reactants.reduce((sum, entry) => sum + entry.massG, 0);
        closes(
          massG,
          products.reduce((sum, entry) => sum + entry.massG, 0),
          massG,
        );
        const [before, after] = [asMoles(reactants), products].map(elementMassesG);
        for (const [element, grams] of before ?? []) closes(grams, after?.get(element) ?? 0, massG);
      }),
      { seed: 20260601, numRuns: 400 },
    );
  });

  it('gives the gas that the balance gives', () => {
    fc.assert(
      fc.property(mix, (reactants) => {
        const gas = reactionProducts(reactants).find(({ formula }) => formula === 'CO2')?.mol ?? 0;
        const { co2Mol } = fizzBalance(reactants, 25);
        closes(co2Mol, gas, co2Mol);
      }),
      { seed: 20260602, numRuns: 200 },
    );
  });

  it('makes sodium citrate, water and gas of a balanced bomb, worked by hand', () => {
    const products = reactionProducts([
      { speciesId: 'sodium-bicarbonate', massG: 3 * 84.006 },
      { speciesId: 'citric-acid', massG: 192.123 },
    ]);
    const found = new Map(products.map(({ formula, mol }) => [formula, mol]));
    expect(found.get('Na3C6H5O7')).toBeCloseTo(1, 3);
    expect(found.get('CO2')).toBeCloseTo(3, 3);
    expect(found.get('H2O')).toBeCloseTo(3, 3);
    expect(found.get('NaHCO3') ?? 0).toBeCloseTo(0, 3);
  });
});

describe('earlyReaction', () => {
  it('frees 18.0 g of water for each mole of gas', () => {
    const balance = fizzBalance(
      [
        { speciesId: 'sodium-bicarbonate', massG: 840.06 },
        { speciesId: 'citric-acid', massG: 700 },
      ],
      38,
    );
    const early = earlyReaction(balance, 10, 20);
    expect(early.co2Mol).toBeCloseTo(1, 3);
    expect(early.waterG).toBeCloseTo(18.015, 2);
    expect(early.co2L).toBeCloseTo(24.06, 1);
    expect(() => earlyReaction(balance, 120, 20)).toThrow(/reactedPct must be 0 to 100/);
  });
});
