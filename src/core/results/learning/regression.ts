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

export interface Forecast {
  readonly best: number;
  readonly low: number;
  readonly high: number;
  readonly records: number;
}

export function multiply(
  matrix: readonly (readonly number[])[],
  vector: readonly number[],
): number[] {
  return matrix.map((row) => dot(row, vector));
}

export function dot(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] ?? 0) * (b[i] ?? 0);
  return sum;
}
