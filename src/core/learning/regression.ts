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
