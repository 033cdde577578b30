import { curvedWishes } from './curved';
import type { Problem } from './solve';
import type { Variable } from './variables';
import { linearWishes, type Question } from './windows';

/** A question as a program: the grams now, what may move, and all that has to hold. */
export function problemOf(question: Question): Problem {
  const { variables, totalG, wishes } = question;
  const start = startOf(variables, totalG, wishes.totalG);
  const aimG = wishes.totalG ?? totalG;
  const free = variables.flatMap(({ isLocked }, i) => (isLocked ? [] : [i]));
  return {
    start: [...start, sumOf(start)],
    scale: [...variables.map(({ scaleG }) => scaleG), TOTAL_SCALE * aimG],
    linear: [
      ...linearWishes(question).map((row) => ({ ...row, weights: [...row.weights, 0] })),
      { ...SUM, weights: [...variables.map(() => 1), -1] },
    ],
    curved: curvedWishes(question),
    free: [...free, variables.length],
    computed: [variables.length],
  };
}

/** The total is free, yet a change of it counts: a tenth of it as much as doubling a line. Rovack estimate. */
const TOTAL_SCALE = 0.1;
/** The total is the sum of the lines. */
const SUM = {
  group: 'sum',
  clash: { code: 'sum' },
  atLeast: 0,
  isExact: true,
} as const;

function sumOf(x: readonly number[]): number {
  return x.reduce((sum, massG) => sum + massG, 0);
}

/** A wish for another total first scales everything: that alone is no change of the formula. */
function startOf(
  variables: readonly Variable[],
  totalG: number,
  wantedG: number | null,
): readonly number[] {
  const factor = (wantedG ?? totalG) / totalG;
  return variables.map(({ massG, isLocked }) => (isLocked ? massG : massG * factor));
}
