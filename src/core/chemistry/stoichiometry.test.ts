import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SPECIES, fizzBalance, speciesById, type ReactantG } from '.';

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
