import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ACID_SYSTEMS } from './acidSystems';
import { log10Activity } from './activity';
import { balanceAt, flatten, formsAt, type AcidAmount, type Solution } from './flat';
import { pKAt, waterPk } from './temperature';

/** Written out form by form, the long way: what the quick sums have to come to. */
function longWay({ acids, spectators, tempC }: Solution, protons: number, strengthMolL: number) {
  const gammaOf = (charge: number) => 10 ** log10Activity(charge, strengthMolL);
  const ions = [
    ...spectators.map(({ charge, molL }) => ({ charge, molL })),
    { charge: 1, molL: protons / gammaOf(1) },
    { charge: -1, molL: 10 ** -waterPk(tempC) / protons / gammaOf(1) },
  ];
  const forms = acids.map((amount) => {
    const { pKas, pKasAt, enthalpiesKJMol, fullCharge } = amount.system;
    const shares = [1];
    pKas.forEach((pKa, i) => {
      const constant = 10 ** -(pKasAt?.(tempC)[i] ?? pKAt(pKa, enthalpiesKJMol[i] ?? 0, tempC));
      const [before, after] = [fullCharge - i, fullCharge - i - 1];
      // [A] = [HA] K gammaHA / (aH gammaA)
      const last = shares[i] ?? 0;
      shares.push((last * constant * gammaOf(before)) / (protons * gammaOf(after)));
    });
    const all = shares.reduce((sum, share) => sum + share, 0);
    const first = 'neutralMolL' in amount ? amount.neutralMolL : amount.totalMolL / all;
    return shares.map((share) => share * first);
  });
  forms.forEach((own, at) =>
    own.forEach((molL, i) => ions.push({ charge: (acids[at]?.system.fullCharge ?? 0) - i, molL })),
  );
  const sum = (of: (charge: number) => number) =>
    ions.reduce((total, { charge, molL }) => total + of(charge) * molL, 0);
  return {
    forms,
    net: sum((charge) => charge),
    twiceStrength: sum((charge) => charge * charge),
    /** Of the size of its addends: what is left of them after they cancel is no measure. */
    size: sum(Math.abs),
  };
}

const molL = fc.double({ min: 1e-6, max: 0.5, noNaN: true });
const amounts: fc.Arbitrary<AcidAmount> = fc
  .tuple(fc.constantFrom(...ACID_SYSTEMS), molL)
  .map(([system, amount]): AcidAmount =>
    system.id === 'carbonic'
      ? { system, neutralMolL: amount / 100 }
      : { system, totalMolL: amount },
  );
const solutions = fc.record({
  acids: fc.array(amounts, { minLength: 1, maxLength: 3 }),
  spectators: fc.array(fc.record({ charge: fc.constantFrom(-2, -1, 1, 2), molL }), {
    maxLength: 2,
  }),
  tempC: fc.double({ min: 5, max: 80, noNaN: true }),
});
const pH = fc.double({ min: 2, max: 9, noNaN: true });
const strength = fc.double({ min: 0, max: 0.4, noNaN: true });
const RUNS = { seed: 11, numRuns: 300 };
const at = (solution: Solution, protons: number, strengthMolL: number) =>
  balanceAt(flatten(solution), protons, strengthMolL, { net: 0, slope: 0, twiceStrength: 0 });

describe('the charge balance', () => {
  it('is what its ions come to, written out one by one', () => {
    fc.assert(
      fc.property(solutions, pH, strength, (solution, ph, strengthMolL) => {
        const protons = 10 ** -ph;
        const quick = at(solution, protons, strengthMolL);
        const long = longWay(solution, protons, strengthMolL);
        expect(Math.abs(quick.net - long.net)).toBeLessThan(1e-9 * long.size);
        expect(quick.twiceStrength / long.twiceStrength).toBeCloseTo(1, 9);
        formsAt(flatten(solution), protons, strengthMolL).forEach((forms, acid) =>
          forms.forEach((molLHere, i) =>
            expect(molLHere / (long.forms[acid]?.[i] ?? NaN)).toBeCloseTo(1, 9),
          ),
        );
      }),
      RUNS,
    );
  });

  it('has the slope that a small step of pH shows', () => {
    const STEP = 1e-5;
    fc.assert(
      fc.property(solutions, pH, strength, (solution, ph, strengthMolL) => {
        const net = (by: number) => at(solution, 10 ** -ph * Math.exp(by), strengthMolL).net;
        const { slope, twiceStrength } = at(solution, 10 ** -ph, strengthMolL);
        const shown = (net(STEP) - net(-STEP)) / (2 * STEP);
        expect(Math.abs(slope - shown)).toBeLessThan(1e-6 * twiceStrength);
      }),
      RUNS,
    );
  });
});
