import { inverseOf } from '@/core/basics/numeric/inverseOf';
import { solvePositive } from '@/core/basics/numeric/solvePositive';

export interface Prior {
  readonly mean: number;
  readonly sd: number;
}

export interface Fitted {
  readonly mean: readonly number[];
  readonly variance: readonly number[];
  readonly covariance: readonly (readonly number[])[];
  /** Of a single reading. */
  readonly noiseVariance: number;
  /** How well it explains the readings, up to a constant: log. */
  readonly logEvidence: number;
}

/** Degrees of freedom of single readings: a hand on the jug is taken for what it is. Rovack estimate. */
const DEGREES = 4;
const ROUNDS = 5;
/** Variance of normal readings over the square of the scale that these degrees find in them. Reckoned by quadrature. */
const NORMAL_OVER_SCALE = 1.448;

/**
 * A straight problem with normal priors and Student's t for single readings, by weights that are learned again each round.
 * Source: Gelman et al., Bayesian Data Analysis, chapters 14 and 17, not looked up.
 * @param rows one a reading, of as many numbers as there are priors
 * @param options leastSd of a reading, over 0: the scale's step is the least it can tell
 */
export function solveLines(
  rows: readonly (readonly number[])[],
  ys: readonly number[],
  priors: readonly Prior[],
  { leastSd, rounds = ROUNDS }: { readonly leastSd: number; readonly rounds?: number },
): Fitted {
  let weights: readonly number[] = ys.map(() => 1);
  const leastScale = leastSd ** 2 / NORMAL_OVER_SCALE;
  let noise = leastScale;
  let solved = solveOnce(rows, ys, priors, weights, noise);
  let rests = restsOf(rows, ys, solved.mean);
  for (let round = 0; round < rounds; round++) {
    const squares = rests.reduce((sum, rest, i) => sum + (weights[i] ?? 1) * rest * rest, 0);
    noise = Math.max(leastScale, squares / Math.max(1, ys.length - priors.length));
    weights = rests.map((rest) => (DEGREES + 1) / (DEGREES + (rest * rest) / noise));
    solved = solveOnce(rows, ys, priors, weights, noise);
    rests = restsOf(rows, ys, solved.mean);
  }
  const fit = rests.reduce(
    (sum, rest) => sum - ((DEGREES + 1) / 2) * Math.log(1 + (rest * rest) / (noise * DEGREES)),
    0,
  );
  const scatter = noise * NORMAL_OVER_SCALE;
  const covariance = inverseOf(informationOf(rows, ys, priors, weights, scatter).precision);
  const variance = covariance.map((row, i) => row[i] ?? 0);
  const prior = priors.reduce(
    (sum, { mean, sd }, j) => sum - (((solved.mean[j] ?? 0) - mean) / sd) ** 2 / 2,
    0,
  );
  // Laplace: what the data leave open counts for a shape.
  const open = variance.reduce((sum, one) => sum + Math.log(one) / 2, 0);
  return {
    mean: solved.mean,
    variance,
    covariance,
    noiseVariance: scatter,
    logEvidence: fit - (ys.length / 2) * Math.log(noise) + prior + open,
  };
}

function restsOf(
  rows: readonly (readonly number[])[],
  ys: readonly number[],
  mean: readonly number[],
): readonly number[] {
  return rows.map((row, i) => {
    let rest = ys[i] ?? 0;
    for (let j = 0; j < row.length; j++) rest -= (row[j] ?? 0) * (mean[j] ?? 0);
    return rest;
  });
}

function solveOnce(...problem: Parameters<typeof informationOf>): {
  readonly mean: readonly number[];
} {
  const { precision, pull } = informationOf(...problem);
  return { mean: solvePositive(precision, pull) };
}

function informationOf(
  rows: readonly (readonly number[])[],
  ys: readonly number[],
  priors: readonly Prior[],
  weights: readonly number[],
  noise: number,
): { readonly precision: readonly (readonly number[])[]; readonly pull: readonly number[] } {
  const size = priors.length;
  const precision = priors.map(({ sd }, i) => priors.map((_, j) => (i === j ? sd ** -2 : 0)));
  const pull = priors.map(({ mean, sd }) => mean * sd ** -2);
  for (let n = 0; n < rows.length; n++) {
    const row = rows[n] ?? [];
    const weight = (weights[n] ?? 1) / noise;
    for (let i = 0; i < size; i++) {
      const x = weight * (row[i] ?? 0);
      pull[i] = (pull[i] ?? 0) + x * (ys[n] ?? 0);
      const line = precision[i] ?? [];
      for (let j = 0; j <= i; j++) line[j] = (line[j] ?? 0) + x * (row[j] ?? 0);
    }
  }
  // Alike on both sides of its diagonal.
  for (let i = 0; i < size; i++)
    for (let j = i + 1; j < size; j++) (precision[i] ?? [])[j] = precision[j]?.[i] ?? 0;
  return { precision, pull };
}
