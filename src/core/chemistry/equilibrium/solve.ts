import { bracketedRoot } from '../../numeric';
import { log10Activity } from './activity';
import type { AcidSystem } from './acidSystems';
import { pKAt, waterPk } from './temperature';

/** How much of an acid is in solution: a total, or, for a gas held by the air, its neutral form. */
export type AcidAmount =
  | { readonly system: AcidSystem; readonly totalMolL: number }
  | { readonly system: AcidSystem; readonly neutralMolL: number };

export interface Solution {
  readonly acids: readonly AcidAmount[];
  /** Ions that take no part, such as sodium: charge and mol/L. */
  readonly spectators: readonly { readonly charge: number; readonly molL: number }[];
  /** 0 to 100 °C. */
  readonly tempC: number;
}

export interface SolvedSolution {
  readonly status: 'converged' | 'maxIterations';
  /** -log10 of the activity of H+. */
  readonly ph: number;
  readonly ionicStrengthMolL: number;
  /** Each acid's forms in mol/L, most protons first, in the order of the input. */
  readonly formsMolL: readonly (readonly number[])[];
  /** Charge left over, mol/L: how well the balance is met. */
  readonly residualMolL: number;
  readonly iterations: number;
}

const PH_LOW = -4;
const PH_HIGH = 19;
const STRENGTH_TOLERANCE = 1e-8;
const PH_TOLERANCE = 1e-13;
const COARSE_PH = 0.05;
const NEAR_PH = 0.2;

/**
 * pH of a solution by charge balance, with Davies activities.
 * At a given ionic strength the charge falls steadily with pH, so bisection finds its one zero;
 * the strength that comes out falls below the strength put in somewhere: stepping from one to the other
 * usually settles in a few steps, and bisection finds the place where it does not. It cannot diverge.
 * Source: charge balance; Davies 1962; van 't Hoff.
 * @throws RangeError for an amount below 0 or not finite, or a temperature outside 0 to 100 °C
 * @example pure water at 25 °C: 7.00
 */
export function solveSolution(solution: Solution): SolvedSolution {
  checkSolution(solution);
  const stepped = byStepping(solution);
  const { strength, status, iterations } = stepped ?? byBisection(solution);
  const { ph, ionicStrengthMolL, acids, netMolL } = phAt(solution, strength);
  const protons = tenTo(-ph);
  return {
    status,
    ph,
    ionicStrengthMolL,
    formsMolL: acids.map((acid) => formsOf(acid, protons)),
    residualMolL: netMolL(ph),
    iterations,
  };
}

interface FoundStrength {
  readonly strength: number;
  readonly status: SolvedSolution['status'];
  readonly iterations: number;
}

const MAX_STEPS = 12;

/** The strength that comes out, put in again until it stays; null where it does not settle soon. */
function byStepping(solution: Solution): FoundStrength | null {
  let strength = 0;
  let hint: number | undefined;
  for (let step = 1; step <= MAX_STEPS; step++) {
    const { ph, ionicStrengthMolL } = phAt(solution, strength, hint);
    if (Math.abs(ionicStrengthMolL - strength) <= STRENGTH_TOLERANCE * Math.max(1e-6, strength))
      return { strength: ionicStrengthMolL, status: 'converged', iterations: step };
    strength = ionicStrengthMolL;
    hint = ph;
  }
  return null;
}

function byBisection(solution: Solution): FoundStrength {
  const strengthFor = (strength: number) => phAt(solution, strength).ionicStrengthMolL;
  let high = Math.max(1e-6, strengthFor(0) * 2);
  while (strengthFor(high) > high) high *= 2;
  const root = bracketedRoot(
    (strength) => strengthFor(strength) - strength,
    0,
    high,
    STRENGTH_TOLERANCE * Math.max(1e-6, high),
  );
  return { strength: root.x, status: root.status, iterations: root.iterations };
}

/** An acid with its constants for one temperature and one strength: K' of each step, activities taken in. */
interface ReadyAcid {
  readonly amount: AcidAmount;
  readonly stepKs: readonly number[];
}

/** @param hint a pH that the zero is likely near */
function phAt(solution: Solution, strength: number, hint?: number) {
  const log1 = log10Activity(1, strength);
  const inverseActivity = tenTo(-log1);
  const ionK = tenTo(-waterPk(solution.tempC));
  const acids = solution.acids.map((amount) => ready(amount, strength, solution.tempC));
  let spectatorMolL = 0;
  let spectatorSquaredMolL = 0;
  for (const { charge, molL } of solution.spectators) {
    spectatorMolL += charge * molL;
    spectatorSquaredMolL += charge * charge * molL;
  }
  const netMolL = (ph: number) => {
    const protons = tenTo(-ph);
    let net = spectatorMolL + (protons - ionK / protons) * inverseActivity;
    for (const acid of acids) net += chargeOf(acid, protons, false);
    return net;
  };
  const ph = neutralPh(netMolL, hint);
  const protons = tenTo(-ph);
  let twiceStrength = spectatorSquaredMolL + (protons + ionK / protons) * inverseActivity;
  for (const acid of acids) twiceStrength += chargeOf(acid, protons, true);
  return {
    ph,
    netMolL,
    ionicStrengthMolL: twiceStrength / 2,
    acids,
  };
}

/** The charge falls steadily from plenty of protons to plenty of hydroxide: near its zero by halving, then onto it. */
function neutralPh(netMolL: (ph: number) => number, hint?: number): number {
  if (hint !== undefined && netMolL(hint - NEAR_PH) > 0 && netMolL(hint + NEAR_PH) < 0)
    return bracketedRoot(netMolL, hint - NEAR_PH, hint + NEAR_PH, PH_TOLERANCE).x;
  let low = PH_LOW;
  let high = PH_HIGH;
  while (high - low > COARSE_PH) {
    const middle = (low + high) / 2;
    if (netMolL(middle) > 0) low = middle;
    else high = middle;
  }
  return netMolL(low) > 0 && netMolL(high) < 0
    ? bracketedRoot(netMolL, low, high, PH_TOLERANCE).x
    : high;
}

function ready(amount: AcidAmount, strength: number, tempC: number): ReadyAcid {
  const { pKas, enthalpiesKJMol, fullCharge } = amount.system;
  return {
    amount,
    stepKs: pKas.map((pKa, given) =>
      tenTo(
        log10Activity(fullCharge - given, strength) -
          log10Activity(fullCharge - given - 1, strength) -
          pKAt(pKa, enthalpiesKJMol[given] ?? 0, tempC),
      ),
    ),
  };
}

/**
 * Sum of charge (or its square) x mol/L over the forms of an acid, each form by its thermodynamic constant:
 * [A] = [HA] K gammaHA / (aH gammaA). Three steps over 23 units of pH stay far from overflow.
 * @param protons activity of H+
 */
function chargeOf({ amount, stepKs }: ReadyAcid, protons: number, isSquared: boolean): number {
  let charge = amount.system.fullCharge;
  let weight = 1;
  let weights = 1;
  let charged = isSquared ? charge * charge : charge;
  for (const k of stepKs) {
    weight *= k / protons;
    charge -= 1;
    weights += weight;
    charged += weight * (isSquared ? charge * charge : charge);
  }
  return 'neutralMolL' in amount
    ? amount.neutralMolL * charged
    : (amount.totalMolL * charged) / weights;
}

function formsOf({ amount, stepKs }: ReadyAcid, protons: number): readonly number[] {
  const weights = [1];
  for (const k of stepKs) weights.push(((weights.at(-1) ?? 1) * k) / protons);
  if ('neutralMolL' in amount) return weights.map((weight) => amount.neutralMolL * weight);
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => (amount.totalMolL * weight) / sum);
}

function tenTo(power: number): number {
  return Math.exp(power * Math.LN10);
}

function checkSolution({ acids, spectators, tempC }: Solution): void {
  if (!(tempC >= 0 && tempC <= 100)) throw new RangeError(`tempC must be 0 to 100, got ${tempC}`);
  const amounts = [
    ...acids.map((acid) => ('neutralMolL' in acid ? acid.neutralMolL : acid.totalMolL)),
    ...spectators.map(({ molL }) => molL),
  ];
  for (const molL of amounts)
    if (!(molL >= 0 && molL < Infinity))
      throw new RangeError(`amounts must be 0 mol/L or more, got ${molL}`);
}
