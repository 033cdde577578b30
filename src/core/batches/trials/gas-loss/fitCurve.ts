import { wornS } from '@/core/results/fizz/wetting';
import { OWN_LOSS_G_MIN } from './fitTail';
import { solveLines } from '../solveLines';
import type { GasLossReading } from './types';

/** One way the fizz may have gone, with how well it fits among all of them. */
export interface CurveFit {
  readonly goneS: number;
  readonly power: number;
  readonly startG: number;
  readonly startVariance: number;
  readonly gasG: number;
  readonly gasVariance: number;
  readonly ownLossGMin: number;
  /** Weights of all fits come to 1. */
  readonly weight: number;
}

/** Shapes by which a piece wears: a slab's 1, a rod's 2, a ball's 3; crumbs of many sizes end in a longer tail. */
const POWERS = [1.5, 2, 2.5, 3, 4] as const;
const TIMES = 36;
const SHORTEST_S = 10;
const LONGEST_S = 1200;
const SECONDS_A_MIN = 60;
/** A fit is never trusted to more than this share of the gas: no piece wears quite as the model has it. Rovack estimate. */
const MODEL_OFF = 0.01;

/** Share of the gas that has left. @param seconds since it touched the water @param power shape of the wear, over 0 */
export function goneShare(seconds: number, goneS: number, power: number): number {
  return 1 - Math.max(0, 1 - wornS(seconds) / goneS) ** power;
}

/**
 * Every time and shape of wear, weighed by how well the readings fit it.
 * mass = start - gas x (1 - (1 - worn / gone)^power) - own loss x time
 * @param startG jug and sample as weighed before, null when they were not
 */
export function fitCurve(
  readings: readonly GasLossReading[],
  known: { readonly stepG: number; readonly expectedG: number; readonly startG: number | null },
): readonly CurveFit[] {
  const { stepG, expectedG, startG } = known;
  const aboutG = startG ?? readings[0]?.massG ?? 0;
  const ys = readings.map(({ massG }) => massG - aboutG);
  const priors = [
    { mean: 0, sd: startG === null ? 3 * expectedG : stepG },
    { mean: expectedG, sd: 2 * expectedG },
    OWN_LOSS_G_MIN,
  ];
  const solve = (goneS: number, power: number) => {
    const rows = readings.map(({ seconds }) => [
      1,
      -goneShare(seconds, goneS, power),
      -seconds / SECONDS_A_MIN,
    ]);
    return solveLines(rows, ys, priors, {
      leastSd: Math.hypot(stepG / Math.sqrt(12), MODEL_OFF * expectedG),
      rounds: 1,
    });
  };
  const fits = POWERS.flatMap((power) =>
    Array.from({ length: TIMES }, (_, i) => {
      const goneS = SHORTEST_S * (LONGEST_S / SHORTEST_S) ** (i / (TIMES - 1));
      return { goneS, power, ...solve(goneS, power) };
    }),
  );
  const highest = Math.max(...fits.map(({ logEvidence }) => logEvidence));
  const weights = fits.map(({ logEvidence }) => Math.exp(logEvidence - highest));
  const sum = weights.reduce((all, one) => all + one, 0);
  return fits.map(({ goneS, power, mean, variance }, i) => ({
    goneS,
    power,
    startG: aboutG + (mean[0] ?? 0),
    startVariance: variance[0] ?? 0,
    gasG: mean[1] ?? 0,
    gasVariance: variance[1] ?? 0,
    ownLossGMin: mean[2] ?? 0,
    weight: (weights[i] ?? 0) / sum,
  }));
}

/** Mean and variance of something over all fits. */
export function goneMean(
  fits: readonly CurveFit[],
  of: (fit: CurveFit) => number,
  within: (fit: CurveFit) => number = () => 0,
): { readonly mean: number; readonly variance: number } {
  const mean = fits.reduce((sum, fit) => sum + fit.weight * of(fit), 0);
  const variance = fits.reduce(
    (sum, fit) => sum + fit.weight * (within(fit) + (of(fit) - mean) ** 2),
    0,
  );
  return { mean, variance };
}
