import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ACID_SYSTEMS,
  acidSystemById,
  type AcidSystem,
} from '@/core/matter/chemistry/equilibrium/acidSystems';
import { carbonicPks } from '@/core/matter/chemistry/equilibrium/temperature';
import { solveSolution } from '@/core/matter/chemistry/equilibrium/solve';

// Only here: acids of the buffers that no bath has. pKa: CRC Handbook / NIST, not looked up.
const PHTHALIC: AcidSystem = {
  id: 'phthalic',
  fullCharge: 0,
  pKas: [2.95, 5.408],
  enthalpiesKJMol: [-2.7, -2.17],
  source: 'test',
};
const PHOSPHORIC: AcidSystem = {
  id: 'phosphoric',
  fullCharge: 0,
  pKas: [2.148, 7.198, 12.35],
  enthalpiesKJMol: [-8, 3.6, 16],
  source: 'test',
};

/** pH of acids with sodium or potassium at 25 °C. */
function phOf(acids: readonly (readonly [AcidSystem, number])[], alkaliMolL: number): number {
  return solveSolution({
    acids: acids.map(([system, totalMolL]) => ({ system, totalMolL })),
    spectators: [{ charge: 1, molL: alkaliMolL }],
    tempC: 25,
  }).ph;
}

describe('NIST standard buffers at 25 °C (NIST SP 260-53)', () => {
  it.each([
    ['potassium hydrogen phthalate 0.05', PHTHALIC, 0.05, 0.05, 4.005],
    ['potassium dihydrogen citrate 0.05', acidSystemById('citric'), 0.05, 0.05, 3.776],
    ['potassium hydrogen tartrate, saturated', acidSystemById('tartaric'), 0.0341, 0.0341, 3.557],
    ['phosphate 0.025 + 0.025', PHOSPHORIC, 0.05, 0.075, 6.865],
    ['borax 0.01', acidSystemById('boric'), 0.04, 0.02, 9.18],
    ['carbonate 0.025 + 0.025', acidSystemById('carbonic'), 0.05, 0.075, 10.012],
  ] as const)('%s', (_name, system, acidMolL, alkaliMolL, ph) => {
    expect(Math.abs(phOf([[system, acidMolL]], alkaliMolL) - ph)).toBeLessThan(0.06);
  });
});

describe('closed forms', () => {
  it('has pure water at 7.00', () => {
    expect(phOf([], 0)).toBeCloseTo(6.9975, 3);
  });

  it('has pure bicarbonate at the root of K1 (K2 c + Kw) / (K1 + c)', () => {
    const [c, k1, k2, kw] = [0.001, 10 ** -6.352, 10 ** -10.329, 10 ** -13.995];
    const ph = -Math.log10((k1 * (k2 * c + kw)) / (k1 + c)) / 2;
    expect(Math.abs(phOf([[acidSystemById('carbonic'), c]], c) - ph)).toBeLessThan(0.05);
  });

  it('has dilute citric acid at the root of its first step, x^2 / (c - x) = K1', () => {
    const [c, k] = [0.01, 10 ** -3.128];
    const x = (-k + Math.sqrt(k * k + 4 * k * c)) / 2;
    // The ions draw each other: the first step is a little stronger than the bare constant has it.
    expect(Math.abs(phOf([[acidSystemById('citric'), c]], 0) + Math.log10(x))).toBeLessThan(0.05);
  });
});

describe('solveSolution', () => {
  const amount = fc.double({ min: -9, max: 1, noNaN: true }).map((exponent) => 10 ** exponent);
  const solution = fc.record({
    acids: fc.array(
      fc.record({ system: fc.constantFrom<AcidSystem>(...ACID_SYSTEMS), totalMolL: amount }),
      { maxLength: 9 },
    ),
    spectators: fc.array(fc.record({ charge: fc.constantFrom(-2, -1, 1, 2), molL: amount }), {
      maxLength: 4,
    }),
    tempC: fc.double({ min: 0, max: 100, noNaN: true }),
  });

  it('converges for every mix from a billionth to ten mol/L, never to NaN', () => {
    fc.assert(
      fc.property(solution, (mix) => {
        const { status, ph, ionicStrengthMolL, residualMolL } = solveSolution(mix);
        expect(status).toBe('converged');
        expect(Number.isFinite(ph)).toBe(true);
        expect(Math.abs(residualMolL)).toBeLessThan(1e-9 * Math.max(1, ionicStrengthMolL));
      }),
      { seed: 29, numRuns: 400 },
    );
  });

  it('keeps every acid whole: its forms add up to what was put in', () => {
    fc.assert(
      fc.property(solution, (mix) => {
        solveSolution(mix).formsMolL.forEach((forms, i) => {
          const total = forms.reduce((sum, molL) => sum + molL, 0);
          expect(total / (mix.acids[i]?.totalMolL ?? 1)).toBeCloseTo(1, 9);
        });
      }),
      { seed: 31, numRuns: 200 },
    );
  });

  it('never raises pH with more acid', () => {
    fc.assert(
      fc.property(
        solution,
        fc.constantFrom<AcidSystem>(...ACID_SYSTEMS),
        amount,
        (mix, system, more) => {
          // A bisulfate brings its own negative charge along; neutral acids only.
          fc.pre(system.fullCharge === 0);
          const before = solveSolution(mix).ph;
          const after = solveSolution({
            ...mix,
            acids: [...mix.acids, { system, totalMolL: more }],
          }).ph;
          expect(after).toBeLessThanOrEqual(before + 1e-9);
        },
      ),
      { seed: 37, numRuns: 200 },
    );
  });

  it('refuses what is no solution', () => {
    const carbonic = acidSystemById('carbonic');
    expect(() =>
      solveSolution({ acids: [{ system: carbonic, totalMolL: -1 }], spectators: [], tempC: 25 }),
    ).toThrow(/0 mol\/L or more, got -1/);
    expect(() => solveSolution({ acids: [], spectators: [], tempC: NaN })).toThrow(/tempC must be/);
  });
});

describe('carbonic acid over temperature (Plummer and Busenberg 1982, table of log K, not looked up)', () => {
  it.each([
    [0, 6.579, 10.629],
    [25, 6.352, 10.329],
    [60, 6.29, 10.144],
  ])('at %d °C', (tempC, first, second) => {
    expect(carbonicPks(tempC)[0]).toBeCloseTo(first, 3);
    expect(carbonicPks(tempC)[1]).toBeCloseTo(second, 3);
  });
});
