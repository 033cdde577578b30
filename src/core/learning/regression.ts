import { studentQuantile } from './student';

/** A normal-inverse-gamma belief about a straight line: coefficients and how far records scatter about it. */
export interface Belief {
  /** Expected coefficients. */
  readonly mean: readonly number[];
  /** Precision of the coefficients in units of the scatter: symmetric, positive definite, n x n. */
  readonly precision: readonly (readonly number[])[];
  /** Shape and rate of the inverse-gamma belief about the scatter's variance, both over 0. */
  readonly shape: number;
  readonly rate: number;
  /** Records that speak in it. */
  readonly records: number;
}

export interface Observation {
  /** What was known before: as many numbers as there are coefficients. */
  readonly features: readonly number[];
  /** What came out (usually the logarithm of it). */
  readonly target: number;
}

/**
 * Takes records into a belief: conjugate Bayesian linear regression.
 * precision' = precision + X'X; mean' = precision'^-1 (precision mean + X'y);
 * shape' = shape + n / 2; rate' = rate + (y'y + mean' P mean - mean'' P' mean') / 2.
 * Source: Gelman et al., Bayesian Data Analysis, chapter 14, from memory.
 * @throws RangeError when an observation has the wrong number of features or is not finite
 */
export function learn(prior: Belief, observations: readonly Observation[]): Belief {
  return observations.reduce(learnOne, prior);
}

function learnOne(belief: Belief, { features, target }: Observation): Belief {
  const size = belief.mean.length;
  if (features.length !== size || ![...features, target].every(Number.isFinite))
    throw new RangeError(`an observation must have ${size} finite features and a finite target`);
  const precision = belief.precision.map((row, i) =>
    row.map((value, j) => value + (features[i] ?? 0) * (features[j] ?? 0)),
  );
  const pull = multiply(belief.precision, belief.mean).map(
    (value, i) => value + (features[i] ?? 0) * target,
  );
  const mean = solvePositive(precision, pull);
  const before = dot(belief.mean, multiply(belief.precision, belief.mean));
  const after = dot(mean, multiply(precision, mean));
  return {
    mean,
    precision,
    shape: belief.shape + 0.5,
    // Rounding may leave a hair below the old rate where a record falls exactly on the line.
    rate: Math.max(belief.rate, belief.rate + (target * target + before - after) / 2),
    records: belief.records + 1,
  };
}

export interface Forecast {
  readonly best: number;
  readonly low: number;
  readonly high: number;
  readonly records: number;
}

/**
 * What the belief expects of a new record, with the interval that should hold it.
 * The predictive distribution is Student's t with 2 x shape degrees of freedom.
 * @param share of such records the interval should hold, 0.5 to 0.99
 */
export function forecast(belief: Belief, features: readonly number[], share: number): Forecast {
  return around(belief, features, share, 1);
}

/** The same for the line itself, without the scatter of a single record. */
export function forecastMean(belief: Belief, features: readonly number[], share: number): Forecast {
  return around(belief, features, share, 0);
}

function around(
  belief: Belief,
  features: readonly number[],
  share: number,
  ownScatter: 0 | 1,
): Forecast {
  if (!(share >= 0.5 && share <= 0.99))
    throw new RangeError(`share must be 0.5 to 0.99, got ${share}`);
  const best = dot(features, belief.mean);
  const leverage = dot(features, solvePositive(belief.precision, features));
  const scale = Math.sqrt((belief.rate / belief.shape) * (ownScatter + leverage));
  const half = studentQuantile((1 + share) / 2, 2 * belief.shape) * scale;
  return { best, low: best - half, high: best + half, records: belief.records };
}

export function multiply(
  matrix: readonly (readonly number[])[],
  vector: readonly number[],
): number[] {
  return matrix.map((row) => dot(row, vector));
}

export function dot(a: readonly number[], b: readonly number[]): number {
  return a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0);
}

/** Solves a small symmetric positive definite system by elimination; no pivot is needed for such a matrix. */
export function solvePositive(
  matrix: readonly (readonly number[])[],
  right: readonly number[],
): number[] {
  const rows = matrix.map((row, i) => [...row, right[i] ?? 0]);
  rows.forEach((pivotRow, i) => {
    const pivot = pivotRow[i] ?? 0;
    if (!(pivot > 0)) throw new RangeError('precision must be positive definite');
    for (const row of rows.slice(i + 1)) {
      const factor = (row[i] ?? 0) / pivot;
      row.forEach((value, j) => {
        row[j] = value - factor * (pivotRow[j] ?? 0);
      });
    }
  });
  const x = right.map(() => 0);
  for (let i = rows.length - 1; i >= 0; i--) {
    const row = rows[i] ?? [];
    const known = x.reduce((sum, value, j) => (j > i ? sum + (row[j] ?? 0) * value : sum), 0);
    x[i] = ((row[rows.length] ?? 0) - known) / (row[i] ?? 1);
  }
  return x;
}
