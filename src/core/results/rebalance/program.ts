import quadprog from 'quadprog';
import { byActiveRows, type NearestPoint } from './activeRows';

/** One linear wish: sum of weights x grams is at least (or exactly) `atLeast`. */
export interface LinearWish {
  /** Wishes of one group stand or fall together, and are named by it. */
  readonly group: string;
  readonly weights: readonly number[];
  readonly atLeast: number;
  readonly isExact?: boolean;
}

export interface ProgramResult {
  readonly status: 'solved' | 'infeasible';
  readonly x: readonly number[];
  /** Rows that hold it, to begin with in a problem much like it. */
  readonly held: readonly number[];
}

/**
 * Least weighted squared change from a start that meets every linear wish and keeps all grams 0 or more:
 * minimize sum(((x - start) / scale)^2). A strictly convex quadratic program, so the answer is the only one.
 * Source: Goldfarb and Idnani 1983, Mathematical Programming 27 (the package quadprog).
 * @param start grams now, 0 or more
 * @param scale what a change of each line is measured by, grams, over 0
 */
export function leastChange(
  start: readonly number[],
  scale: readonly number[],
  wishes: readonly LinearWish[],
  guess: readonly number[] = [],
): ProgramResult {
  const size = start.length;
  if (size === 0) return { status: 'infeasible', x: [], held: [] };
  const ordered = [
    ...wishes.filter(({ isExact }) => isExact),
    ...wishes.filter(({ isExact }) => !isExact),
  ];
  const exact = ordered.filter(({ isExact }) => isExact).length;
  // In units of the scale all variables are alike, and each wish is brought to length one.
  const rows = ordered.map(({ weights, atLeast }) => {
    const scaled = weights.map((weight, i) => weight * (scale[i] ?? 1));
    const length = Math.hypot(...scaled) || 1;
    return { weights: scaled.map((weight) => weight / length), atLeast: atLeast / length };
  });
  const columns = [...rows.map(({ weights }) => weights), ...start.map((_, i) => unit(size, i))];
  const bounds = [...rows.map(({ atLeast }) => atLeast), ...start.map(() => 0)];
  const from = start.map((massG, i) => massG / (scale[i] ?? 1));
  const found =
    (guess.length > 0 ? byActiveRows(columns, bounds, from, exact, guess) : null) ??
    byActiveRows(columns, bounds, from, exact) ??
    byDualSteps(columns, bounds, from, exact);
  return found
    ? {
        status: 'solved',
        x: found.x.map((y, i) => Math.max(0, y * (scale[i] ?? 1))),
        held: found.held,
      }
    : { status: 'infeasible', x: [], held: [] };
}

/** The program by the package, which also knows that there is no answer. */
function byDualSteps(
  columns: readonly (readonly number[])[],
  bounds: readonly number[],
  from: readonly number[],
  exact: number,
): NearestPoint | null {
  const identity = fromOne(from.map((_, i) => fromOne(from.map((__, j) => (i === j ? 1 : 0)))));
  const amat = fromOne(from.map((_, i) => fromOne(columns.map((column) => column[i] ?? 0))));
  const { solution, message } = quadprog.solveQP(
    identity,
    fromOne(from),
    amat,
    fromOne(bounds),
    exact,
  );
  const x = from.map((_, i) => solution[i + 1] ?? NaN);
  return message === '' && x.every(Number.isFinite) ? { x, held: [] } : null;
}

/**
 * The smallest set of groups that cannot hold together: drop one at a time, first ones first, and keep those
 * whose leaving helps.
 * @returns groups, none of which can be left out of the clash; empty when all hold together
 */
export function smallestClash(
  start: readonly number[],
  scale: readonly number[],
  wishes: readonly LinearWish[],
): readonly string[] {
  const solvable = (groups: ReadonlySet<string>) =>
    leastChange(
      start,
      scale,
      wishes.filter(({ group }) => groups.has(group)),
    ).status === 'solved';
  const groups = new Set(wishes.map(({ group }) => group));
  if (solvable(groups)) return [];
  for (const group of [...groups]) {
    groups.delete(group);
    if (solvable(groups)) groups.add(group);
  }
  return [...groups];
}

function fromOne<T>(values: readonly T[]): T[] {
  return [undefined as T, ...values];
}

function unit(size: number, at: number): readonly number[] {
  return Array.from({ length: size }, (_, i) => (i === at ? 1 : 0));
}
