/** Slips that may still be the same word: none in a short one. @param name a comparable name */
export function slipsAllowed(name: string): number {
  return name.length >= 9 ? 2 : name.length >= 6 ? 1 : 0;
}

/**
 * Optimal string alignment distance: insertions, deletions, substitutions and swaps of neighbors.
 * @returns the number of edits, or `limit + 1` as soon as it must exceed the limit
 * @example editDistance('citirc', 'citric', 2) // 1
 */
export function editDistance(a: string, b: string, limit: number): number {
  if (Math.abs(a.length - b.length) > limit) return limit + 1;
  let beforeLast: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const swap =
        i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]
          ? at(beforeLast, j - 2) + 1
          : Infinity;
      const substitute = at(last, j - 1) + (a[i - 1] === b[j - 1] ? 0 : 1);
      row.push(Math.min(at(last, j) + 1, at(row, j - 1) + 1, substitute, swap));
    }
    if (Math.min(...row) > limit) return limit + 1;
    beforeLast = last;
    last = row;
  }
  return at(last, b.length);
}

function at(row: readonly number[], index: number): number {
  return row[index] ?? Infinity;
}
