import { bracketedRoot } from '@/core/basics/numeric/bracketedRoot';
import {
  balanceAt,
  flatten,
  formsAt,
  tenTo,
  type Balance,
  type FlatSolution,
  type Solution,
} from './flat';

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

/** A solution that is likely near: where to begin. */
export type Near = Pick<SolvedSolution, 'ph' | 'ionicStrengthMolL'>;

const PH_LOW = -4;
const PH_HIGH = 19;
const STRENGTH_TOLERANCE = 1e-8;
const PH_TOLERANCE = 1e-13;
/** Of ln of the proton activity. */
const LOG_TOLERANCE = 1e-11;
const LONGEST_LOG_STEP = 3;
const MAX_STEPS = 60;
const HALVINGS = 6;

/**
 * pH of a solution by charge balance, with Davies activities.
 * Newton's steps on the logarithm of the proton activity, the strength that comes out put in again at each; where
 * that does not settle, by bisection: at a given strength the charge falls steadily with pH, and the strength that
 * comes out falls below the one put in somewhere. It cannot diverge.
 * Source: charge balance; Davies 1962; van 't Hoff.
 * @param near where to begin, when a similar solution was solved before
 * @throws RangeError for an amount below 0 or not finite, or a temperature outside 0 to 100°C
 * @example pure water at 25°C: 7.00
 */
export function solveSolution(solution: Solution, near?: Near): SolvedSolution {
  checkSolution(solution);
  const flat = flatten(solution);
  const { ph, strength, status, iterations } = bySteps(flat, near) ?? byBisection(flat);
  const { net, twiceStrength } = balanceAt(flat, tenTo(-ph), strength, newBalance());
  return {
    status,
    ph,
    ionicStrengthMolL: twiceStrength / 2,
    formsMolL: formsAt(flat, tenTo(-ph), strength),
    residualMolL: net,
    iterations,
  };
}

interface Found {
  readonly ph: number;
  readonly strength: number;
  readonly status: SolvedSolution['status'];
  readonly iterations: number;
}

/** Null where the steps do not settle. */
function bySteps(flat: FlatSolution, near?: Near): Found | null {
  let strength = near?.ionicStrengthMolL ?? 0;
  let log = -(near?.ph ?? roughPh(flat)) * Math.LN10;
  const balance = newBalance();
  for (let iterations = 1; iterations <= MAX_STEPS; iterations++) {
    balanceAt(flat, Math.exp(log), strength, balance);
    const wanted = -balance.net / balance.slope;
    const step = Math.max(-LONGEST_LOG_STEP, Math.min(LONGEST_LOG_STEP, wanted));
    const next = balance.twiceStrength / 2;
    const moved = Math.abs(next - strength);
    log += step;
    strength = next;
    if (!Number.isFinite(log)) return null;
    if (Math.abs(step) <= LOG_TOLERANCE && moved <= STRENGTH_TOLERANCE * Math.max(1e-6, strength))
      return { ph: -log / Math.LN10, strength, status: 'converged', iterations };
  }
  return null;
}

/** Within a few tenths of the pH without activities. */
function roughPh(flat: FlatSolution): number {
  const balance = newBalance();
  let [low, high] = [PH_LOW, PH_HIGH];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (balanceAt(flat, tenTo(-middle), 0, balance).net > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

function byBisection(flat: FlatSolution): Found {
  const balance = newBalance();
  const phFor = (strength: number) => {
    const net = (ph: number) => balanceAt(flat, tenTo(-ph), strength, balance).net;
    return net(PH_LOW) > 0 && net(PH_HIGH) < 0
      ? bracketedRoot(net, PH_LOW, PH_HIGH, PH_TOLERANCE).x
      : PH_HIGH;
  };
  const strengthFor = (strength: number) =>
    balanceAt(flat, tenTo(-phFor(strength)), strength, balance).twiceStrength / 2;
  let high = Math.max(1e-6, strengthFor(0) * 2);
  while (strengthFor(high) > high) high *= 2;
  const root = bracketedRoot(
    (strength) => strengthFor(strength) - strength,
    0,
    high,
    STRENGTH_TOLERANCE * Math.max(1e-6, high),
  );
  return {
    ph: phFor(root.x),
    strength: root.x,
    status: root.status,
    iterations: root.iterations,
  };
}

function newBalance(): Balance {
  return { net: 0, slope: 0, twiceStrength: 0 };
}

function checkSolution({ acids, spectators, tempC }: Solution): void {
  if (!(tempC >= 0 && tempC <= 100)) throw new RangeError(`tempC must be 0 to 100, got ${tempC}`);
  for (const acid of acids) checkAmount('neutralMolL' in acid ? acid.neutralMolL : acid.totalMolL);
  for (const { molL } of spectators) checkAmount(molL);
}

function checkAmount(molL: number): void {
  if (!(molL >= 0 && molL < Infinity))
    throw new RangeError(`amounts must be 0 mol/L or more, got ${molL}`);
}
