import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SPECIES, speciesById } from './species';
import { fizzBalance, type ReactantG } from './stoichiometry';

const SEED = { seed: 20260418, numRuns: 300 };
const massG = fc.oneof(fc.constant(0), fc.double({ min: 0.001, max: 5000, noNaN: true }));
const mix = fc.array(
  fc.record({ speciesId: fc.constantFrom(...SPECIES.map(({ id }) => id)), massG }),
  { maxLength: 8 },
);

function carbonMol(reactants: readonly ReactantG[]): number {
  return reactants.reduce((sum, { speciesId, massG: grams }) => {
    const species = speciesById(speciesId);
    return sum + (grams / species.molarMassGMol) * species.carbonDioxidePerMol;
  }, 0);
}

describe('fizzBalance', () => {
  it('has nothing to say of an empty mix', () => {
    expect(fizzBalance([], 38)).toMatchObject({
      sodaToAcidByMass: null,
      balanceSodaToAcidByMass: null,
      limiting: 'none',
      co2Mol: 0,
    });
  });

  it('names the side that runs out and what is left of the other', () => {
    const classic = fizzBalance(
      [
        { speciesId: 'sodium-bicarbonate', massG: 200 },
        { speciesId: 'citric-acid', massG: 100 },
      ],
      38,
    );
    expect(classic.limiting).toBe('acid');
    expect(classic.sodaToAcidByMass).toBe(2);
    // 200 - 131.2 g
    expect(classic.leftoverSodaG).toBeCloseTo(68.8, 1);
    expect(classic.leftoverAcidG).toBe(0);
  });

  it('lets washing soda and borax take acid before any gas is made', () => {
    const acid = {
      speciesId: 'acetic-acid',
      massG: speciesById('acetic-acid').molarMassGMol,
    } as const;
    const carbonate = {
      speciesId: 'sodium-carbonate',
      massG: speciesById('sodium-carbonate').molarMassGMol,
    } as const;
    // One mole of acid on one of carbonate: all of it ends as bicarbonate, no bubble.
    expect(fizzBalance([acid, carbonate], 25).co2Mol).toBeCloseTo(0, 9);
    const twice = { ...acid, massG: acid.massG * 2 };
    expect(fizzBalance([twice, carbonate], 25).co2Mol).toBeCloseTo(1, 9);
  });

  it('keeps ratio over balance equal to base over acid for a blend', () => {
    const balance = fizzBalance(
      [
        { speciesId: 'sodium-bicarbonate', massG: 150 },
        { speciesId: 'sodium-carbonate', massG: 30 },
        { speciesId: 'citric-acid', massG: 90 },
        { speciesId: 'malic-acid', massG: 20 },
      ],
      25,
    );
    const share = (balance.sodaToAcidByMass ?? 0) / (balance.balanceSodaToAcidByMass ?? 1);
    expect(share).toBeCloseTo(balance.baseEquivalentsMol / balance.acidEquivalentsMol, 9);
  });

  it('refuses a negative mass by name', () => {
    expect(() => fizzBalance([{ speciesId: 'borax', massG: -1 }], 25)).toThrow(
      /massG of borax must be 0 or more, got -1/,
    );
  });

  it('never makes more gas than there is carbon, nor than there is acid', () => {
    fc.assert(
      fc.property(mix, (reactants) => {
        const balance = fizzBalance(reactants, 25);
        expect(balance.co2Mol).toBeLessThanOrEqual(carbonMol(reactants) + 1e-9);
        expect(balance.co2Mol).toBeLessThanOrEqual(balance.acidEquivalentsMol + 1e-9);
      }),
      SEED,
    );
  });

  it('closes the equivalents: what reacts and what is left is what was there', () => {
    fc.assert(
      fc.property(mix, (reactants) => {
        const balance = fizzBalance(reactants, 25);
        const { baseEquivalentsMol: base, acidEquivalentsMol: acid } = balance;
        const soda = speciesById('sodium-bicarbonate').molarMassGMol;
        expect(balance.leftoverSodaG / soda + Math.min(acid, base)).toBeCloseTo(base, 9);
      }),
      SEED,
    );
  });

  it('never makes less gas for more acid, and scales as a whole', () => {
    fc.assert(
      fc.property(
        mix,
        massG,
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        (reactants, more, k) => {
          const before = fizzBalance(reactants, 25);
          const sourer = fizzBalance([...reactants, { speciesId: 'citric-acid', massG: more }], 25);
          expect(sourer.co2Mol).toBeGreaterThanOrEqual(before.co2Mol - 1e-9);
          const scaled = fizzBalance(
            reactants.map((entry) => ({ ...entry, massG: entry.massG * k })),
            25,
          );
          expect(scaled.co2L).toBeCloseTo(before.co2L * k, 5);
          if (before.sodaToAcidByMass !== null && before.sodaToAcidByMass > 0)
            expect((scaled.sodaToAcidByMass ?? 0) / before.sodaToAcidByMass).toBeCloseTo(1, 9);
        },
      ),
      SEED,
    );
  });
});

describe('what is left, worked by hand', () => {
  const SODA_MOL = 84.0066;
  const of = (...reactants: readonly (readonly [ReactantG['speciesId'], number])[]) =>
    fizzBalance(
      reactants.map(([speciesId, massG]) => ({ speciesId, massG })),
      38,
    );

  it('of acid is its share over the base; the water is a mol for each of gas', () => {
    // 100 g of soda is 1.19038 mol, 100 g of citric acid 1.56149 equivalents.
    const sour = of(['sodium-bicarbonate', 100], ['citric-acid', 100]);
    expect(sour.leftoverAcidG).toBeCloseTo(100 * (1 - 1.19038 / 1.56149), 2);
    expect(sour.leftoverSodaG).toBe(0);
    expect(sour.limiting).toBe('base');
    expect(sour.waterFormedG).toBeCloseTo(1.19038 * 18.015, 2);
    const alone = of(['citric-acid', 100]);
    expect(alone).toMatchObject({ leftoverAcidG: 100, limiting: 'base' });
    expect(of(['sodium-bicarbonate', 100])).toMatchObject({ leftoverAcidG: 0, limiting: 'acid' });
  });

  it('light magnesium carbonate is the basic salt: a third less gas than MgCO3', () => {
    // 4 MgCO3 · Mg(OH)2 · 5 H2O: 485.65 g/mol, ten protons and four gas.
    const species = speciesById('magnesium-carbonate');
    expect(species.molarMassGMol).toBeCloseTo(485.65, 1);
    expect(species.equivalentsPerMol / species.molarMassGMol).toBeCloseTo(0.0206, 4);
    const { co2Mol } = of(['magnesium-carbonate', 100], ['citric-acid', 500]);
    expect(co2Mol).toBeCloseTo(100 * (4 / 485.65), 3);
    expect(co2Mol / (100 / 84.31)).toBeCloseTo(0.69, 2);
  });

  it('within half a percent of the greater side is balanced, beyond it is not', () => {
    const acid = of(['citric-acid', 100]).acidEquivalentsMol;
    const soda = (equivalents: number) => equivalents * SODA_MOL;
    const limiting = (massG: number) =>
      of(['sodium-bicarbonate', massG], ['citric-acid', 100]).limiting;
    expect(limiting(soda(acid * 0.9951))).toBe('balanced');
    expect(limiting(soda(acid * 0.9949))).toBe('base');
    expect(limiting(soda(acid / 0.9951))).toBe('balanced');
    expect(limiting(soda(acid / 0.9949))).toBe('acid');
    // Ten times as much is balanced by as much of a share.
    const ten = (massG: number) =>
      of(['sodium-bicarbonate', massG], ['citric-acid', 1000]).limiting;
    expect(ten(soda(acid * 9.951))).toBe('balanced');
    expect(ten(soda(acid * 9.949))).toBe('base');
  });

  it('a base that gives no gas counts in no ratio, and moves the balance of the one that does', () => {
    const borax = of(['borax', 50], ['citric-acid', 100]);
    expect(borax).toMatchObject({ sodaToAcidByMass: 0, balanceSodaToAcidByMass: null });
    const both = of(['sodium-bicarbonate', 200], ['borax', 50], ['citric-acid', 100]);
    expect(both.sodaToAcidByMass).toBe(2);
    // What borax takes up is not there for soda.
    expect(both.balanceSodaToAcidByMass).toBeCloseTo(
      ((both.acidEquivalentsMol - borax.baseEquivalentsMol) * SODA_MOL) / 100,
      3,
    );
    expect(of(['sodium-bicarbonate', 100]).balanceSodaToAcidByMass).toBeNull();
    expect(of(['citric-acid', 100]).balanceSodaToAcidByMass).toBeNull();
  });

  it('salts take no part', () => {
    const salt = SPECIES.find(({ side }) => side === 'salt');
    if (!salt) throw new Error('there are salts');
    const bomb = [['sodium-bicarbonate', 200] as const, ['citric-acid', 100] as const];
    expect(of(...bomb, [salt.id, 300])).toEqual(of(...bomb));
  });
});
