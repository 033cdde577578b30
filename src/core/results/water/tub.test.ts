import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SPECIES } from '@/core/matter/chemistry/species';
import { fizzBalance, type ReactantG } from '@/core/matter/chemistry/stoichiometry';
import { tubReading, type Tub } from './tub';

const TUB: Tub = { volumeL: 150, alkalinityMgL: 100, tempC: 38 };

function twoToOne(massG: number): readonly ReactantG[] {
  return [
    { speciesId: 'sodium-bicarbonate', massG: (massG * 2) / 3 },
    { speciesId: 'citric-acid', massG: massG / 3 },
  ];
}

describe('tubReading', () => {
  // Reference values of the model's own description: 6.4, 6.7, above 8.
  it('has a 100 g piece of two to one at about 6.4 fresh, 6.7 half vented, above 8 settled', () => {
    const { phFresh, phHalfVented, phAir, co2LeftAsGasMol } = tubReading(twoToOne(100), TUB);
    expect(phFresh).toBeCloseTo(6.4, 1);
    expect(phHalfVented).toBeCloseTo(6.7, 1);
    expect(phAir).toBeGreaterThan(8);
    expect(co2LeftAsGasMol).toBe(0);
  });

  it('is full of gas only after about 800 g in a tub', () => {
    const leftOf = (massG: number) => tubReading(twoToOne(massG), TUB).co2LeftAsGasMol;
    expect(leftOf(600)).toBe(0);
    expect(leftOf(1100)).toBeGreaterThan(0);
  });

  it('lets about a third of the gas of 10 g leave one liter', () => {
    const mix = twoToOne(10);
    const left = tubReading(mix, { volumeL: 1, alkalinityMgL: 0, tempC: 38 }).co2LeftAsGasMol;
    const made = fizzBalance(mix, 38).co2Mol;
    expect(left / made).toBeGreaterThan(0.2);
    expect(left / made).toBeLessThan(0.6);
  });

  it('has hard tap water settled alkaline and plain water a little acid from the air', () => {
    expect(tubReading([], TUB).phAir).toBeGreaterThan(8);
    // Pure water against 400-odd ppm of CO2 stands at about 5.6 (textbook value for rain).
    expect(tubReading([], { volumeL: 1, alkalinityMgL: 0, tempC: 25 }).phAir).toBeCloseTo(5.6, 1);
  });

  it('puts washing soda far up and vinegar far down', () => {
    const basin: Tub = { volumeL: 5, alkalinityMgL: 100, tempC: 40 };
    expect(
      tubReading([{ speciesId: 'sodium-carbonate', massG: 30 }], basin).phFresh,
    ).toBeGreaterThan(10);
    expect(tubReading([{ speciesId: 'acetic-acid', massG: 30 }], basin).phFresh).toBeLessThan(4);
  });

  it('always gives finite readings, ordered while the water is losing gas', () => {
    const mix = fc.array(
      fc.record({
        speciesId: fc.constantFrom(...SPECIES.map(({ id }) => id)),
        massG: fc.double({ min: 0, max: 500, noNaN: true }),
      }),
      { maxLength: 6 },
    );
    fc.assert(
      fc.property(mix, fc.double({ min: 1, max: 300, noNaN: true }), (reactants, volumeL) => {
        const reading = tubReading(reactants, { ...TUB, volumeL });
        for (const value of Object.values(reading))
          expect(typeof value === 'boolean' || Number.isFinite(value)).toBe(true);
        const [low, high] = [reading.phFresh, reading.phAir].sort((a, b) => a - b) as [
          number,
          number,
        ];
        expect(reading.phHalfVented).toBeGreaterThanOrEqual(low - 1e-6);
        expect(reading.phHalfVented).toBeLessThanOrEqual(high + 1e-6);
      }),
      { seed: 43, numRuns: 100 },
    );
  });

  it('counts the peroxide of percarbonate as the weak acid it is, and sulfate as a base', () => {
    const basin: Tub = { volumeL: 5, alkalinityMgL: 0, tempC: 25 };
    const percarbonate = tubReading([{ speciesId: 'sodium-percarbonate', massG: 50 }], basin);
    // The same soda without the peroxide stands some tenths higher.
    const soda = tubReading(
      [{ speciesId: 'sodium-carbonate', massG: (50 * 2 * 105.99) / 314.02 }],
      basin,
    );
    expect(percarbonate.phFresh).toBeLessThan(soda.phFresh - 0.3);
    const acid = { speciesId: 'sodium-bisulfate', massG: 50 } as const;
    const salted = [acid, { speciesId: 'sodium-sulfate', massG: 300 } as const];
    expect(tubReading(salted, basin).phFresh).toBeGreaterThan(
      tubReading([acid], basin).phFresh + 0.2,
    );
  });

  it('says that it is an estimate above an ionic strength of 0.5', () => {
    const salt = (massG: number) =>
      tubReading([{ speciesId: 'sodium-chloride', massG }], {
        volumeL: 1,
        alkalinityMgL: 0,
        tempC: 25,
      }).isEstimate;
    // 58.44 g/mol: 29.2 g in a liter is 0.5 mol/L.
    expect(salt(29.2)).toBe(false);
    expect(salt(29.3)).toBe(true);
  });

  it('refuses a tub without water', () => {
    expect(() => tubReading([], { ...TUB, volumeL: 0 })).toThrow(/volumeL must be over 0/);
  });
});
