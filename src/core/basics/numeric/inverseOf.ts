/**
 * Inverse of a small symmetric positive definite matrix, by elimination; no pivot is needed for such a matrix.
 * @throws RangeError when it is not positive definite
 */
export function inverseOf(matrix: readonly (readonly number[])[]): number[][] {
  const size = matrix.length;
  const rows = matrix.map((row, i) => [
    ...row,
    ...Array.from({ length: size }, (_, j) => (i === j ? 1 : 0)),
  ]);
  for (let i = 0; i < size; i++) {
    const pivotRow = rows[i] ?? [];
    const pivot = pivotRow[i] ?? 0;
    if (!(pivot > 0)) throw new RangeError('matrix must be positive definite');
    for (let j = 0; j < 2 * size; j++) pivotRow[j] = (pivotRow[j] ?? 0) / pivot;
    for (let k = 0; k < size; k++) {
      if (k === i) continue;
      const row = rows[k] ?? [];
      const factor = row[i] ?? 0;
      if (factor !== 0)
        for (let j = 0; j < 2 * size; j++) row[j] = (row[j] ?? 0) - factor * (pivotRow[j] ?? 0);
    }
  }
  return rows.map((row) => row.slice(size));
}
