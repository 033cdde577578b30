const ROUNDS = 60;
/** In units in which every row has length one. */
const BROKEN = 1e-10;
const PULLS_BACK = 1e-12;
/** A row this near to those before it says nothing new. */
const NEW_DIRECTION = 1e-9;

export interface NearestPoint {
  readonly x: readonly number[];
  /** Rows beside the exact ones that hold it. */
  readonly held: readonly number[];
}

/**
 * The point nearest to `from` that meets every row: the rows that hold it are guessed, the nearest point on them is computed, and
 * a row that pulls it back goes out or the row that it breaks most comes in, one by one, until neither is left. Then it is the answer, by the
 * conditions of Karush, Kuhn and Tucker, which have one answer here; where the guessing does not settle, none is given.
 * Source: Nocedal and Wright, Numerical Optimization, chapter 16, not looked up.
 * @param rows each of length one @param bounds what each row times the point is at least @param exact so many of the first are equal
 * @param guess rows beside these that held the answer of a problem much like it
 */
export function byActiveRows(
  rows: readonly (readonly number[])[],
  bounds: readonly number[],
  from: readonly number[],
  exact: number,
  guess: readonly number[] = [],
): NearestPoint | null {
  const all = rows.map((_, row) => row);
  let active = [...Array.from({ length: exact }, (_, i) => i), ...guess];
  for (let round = 0; round < ROUNDS; round++) {
    const pulls = pullsOf(active, rows, bounds, from);
    if (pulls === null) return null;
    const x = [...from];
    active.forEach((row, k) => {
      const weights = rows[row] as readonly number[];
      const pull = pulls[k] as number;
      for (let i = 0; i < x.length; i++) x[i] = (x[i] as number) + pull * (weights[i] as number);
    });
    const back = worst(
      active,
      (_row, k) => (active[k] ?? 0) >= exact,
      (_row, k) => -(pulls[k] as number),
    );
    if (back !== null && back.by > PULLS_BACK) {
      active = active.filter((row) => row !== back.row);
      continue;
    }
    const inside = new Set(active);
    const broken = worst(
      all,
      (row) => !inside.has(row),
      (row) => (bounds[row] as number) - dot(rows[row] as readonly number[], x),
    );
    if (broken === null || broken.by <= BROKEN) return { x, held: active.slice(exact) };
    active = [...active, broken.row];
  }
  return null;
}

interface Worst {
  readonly row: number;
  readonly by: number;
}

/** The row of these that is worst off. */
function worst(
  of: readonly number[],
  counts: (row: number, k: number) => boolean,
  by: (row: number, k: number) => number,
): Worst | null {
  let found: Worst | null = null;
  for (const [k, row] of of.entries()) {
    if (!counts(row, k)) continue;
    const here = by(row, k);
    if (found === null || here > found.by) found = { row, by: here };
  }
  return found;
}

/** How hard each of these rows pulls; null where one of them follows from the others. */
function pullsOf(
  active: readonly number[],
  rows: readonly (readonly number[])[],
  bounds: readonly number[],
  from: readonly number[],
): readonly number[] | null {
  const size = active.length;
  const lower: number[][] = [];
  const solution: number[] = [];
  for (let i = 0; i < size; i++) {
    const own = rows[active[i] as number] as readonly number[];
    const line: number[] = [];
    let known = (bounds[active[i] as number] as number) - dot(own, from);
    for (let j = 0; j < i; j++) {
      const other = lower[j] as number[];
      let sum = dot(own, rows[active[j] as number] as readonly number[]);
      for (let k = 0; k < j; k++) sum -= (line[k] as number) * (other[k] as number);
      const value = sum / (other[j] as number);
      line.push(value);
      known -= value * (solution[j] as number);
    }
    const rest = dot(own, own) - line.reduce((sum, value) => sum + value * value, 0);
    if (!(rest > NEW_DIRECTION)) return null;
    const pivot = Math.sqrt(rest);
    line.push(pivot);
    lower.push(line);
    solution.push(known / pivot);
  }
  for (let i = size - 1; i >= 0; i--) {
    let value = solution[i] as number;
    for (let k = i + 1; k < size; k++)
      value -= ((lower[k] as number[])[i] as number) * (solution[k] as number);
    solution[i] = value / ((lower[i] as number[])[i] as number);
  }
  return solution;
}

function dot(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < b.length; i++) sum += (a[i] as number) * (b[i] as number);
  return sum;
}
