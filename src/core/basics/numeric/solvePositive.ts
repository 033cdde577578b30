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
