import quadprog from 'quadprog';

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
): ProgramResult {
  const size = start.length;
  if (size === 0) return { status: 'infeasible', x: [] };
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
  const identity = fromOne(start.map((_, i) => fromOne(start.map((_, j) => (i === j ? 1 : 0)))));
  const columns = [...rows.map(({ weights }) => weights), ...start.map((_, i) => unit(size, i))];
  const amat = fromOne(start.map((_, i) => fromOne(columns.map((column) => column[i] ?? 0))));
  const bvec = fromOne([...rows.map(({ atLeast }) => atLeast), ...start.map(() => 0)]);
  const dvec = fromOne(start.map((massG, i) => massG / (scale[i] ?? 1)));
  const { solution, message } = quadprog.solveQP(identity, dvec, amat, bvec, exact);
  const x = start.map((_, i) => (solution[i + 1] ?? NaN) * (scale[i] ?? 1));
  return message === '' && x.every(Number.isFinite)
    ? { status: 'solved', x: x.map((massG) => Math.max(0, massG)) }
    : { status: 'infeasible', x: [] };
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
