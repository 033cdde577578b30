import { QUICK, solve, type Problem, type Solved } from './solve';

type Found = Extract<Solved, { status: 'solved' }>;

/** Pairs are tried among this many lines at most, those first that the whole solution moves. Rovack estimate. */
const TRIED_AT_MOST = 14;
/** One line more has to save this factor of the change. Rovack estimate. */
const WORTH_A_LINE = 6;
/** A line may become so many times as much or as little by itself before it is another formula. Rovack estimate. */
const MOST_TIMES = 3;
const MOST_NEW_SCALES = 3;

/** The few lines that were found, solved to the last digit. */
export function fewLines(problem: Problem, whole: Found): Found {
  const few = fewestLines(problem, whole);
  const free = linesIn(problem).filter((i) =>
    isMoved(problem, i, problem.start[i] ?? 0, few.x[i] ?? 0),
  );
  const polished = solve({ ...problem, free: [...free, ...problem.computed] });
  return polished.status === 'solved' ? polished : few;
}

/**
 * The change in as few lines as may be: every single line and every pair is solved for itself, more lines by leaving
 * out of the whole solution what costs least. One line more is taken only where it spares most of the change.
 * @param whole the least change over all lines
 */
function fewestLines(problem: Problem, whole: Found): Found {
  const moved = (i: number) =>
    Math.abs((whole.x[i] ?? 0) - (problem.start[i] ?? 0)) / (problem.scale[i] ?? 1);
  const tried = linesIn(problem)
    .sort((a, b) => moved(b) - moved(a))
    .slice(0, TRIED_AT_MOST);
  const single = best(
    tried.map((i) => [i]),
    problem,
  );
  // No set of lines can beat the whole solution: where one line is near it, more are not worth the search.
  if (single && single.cost <= WORTH_A_LINE * whole.cost) return single;
  const pair = best(
    tried.flatMap((a, i) => tried.slice(i + 1).map((b) => [a, b])),
    problem,
  );
  const few = pair && single && single.cost <= WORTH_A_LINE * pair.cost ? single : (pair ?? single);
  if (few && few.cost <= WORTH_A_LINE * whole.cost) return few;
  const more = leftOut(problem, whole);
  return few && few.cost <= WORTH_A_LINE * more.cost ? few : more;
}

function linesIn({ free, computed }: Problem): number[] {
  return free.filter((i) => !computed.includes(i));
}

function isMoved({ scale }: Problem, i: number, wasG: number, isG: number): boolean {
  return Math.abs(isG - wasG) > 1e-6 * (scale[i] ?? 1);
}

function best(sets: readonly (readonly number[])[], problem: Problem): Found | null {
  let found: Found | null = null;
  for (const free of sets) {
    const solved = solve({ ...problem, free: [...free, ...problem.computed] }, QUICK);
    if (
      solved.status === 'solved' &&
      isSober(problem, solved) &&
      solved.cost < (found?.cost ?? Infinity)
    )
      found = solved;
  }
  return found;
}

/** Still the same formula, seen line by line. */
function isSober({ start, scale }: Problem, { x }: Found): boolean {
  return start.every((massG, i) => {
    const toG = x[i] ?? 0;
    if (massG === 0) return toG <= MOST_NEW_SCALES * (scale[i] ?? 1);
    return toG <= MOST_TIMES * massG && toG >= massG / MOST_TIMES;
  });
}

/** Lines frozen one after the other, those first that move least, as long as the change stays under twice the least. */
function leftOut(problem: Problem, whole: Found): Found {
  const most = 2 * whole.cost;
  const moved = (i: number) =>
    Math.abs((whole.x[i] ?? 0) - (problem.start[i] ?? 0)) / (problem.scale[i] ?? 1);
  let free = linesIn(problem)
    .filter((i) => isMoved(problem, i, problem.start[i] ?? 0, whole.x[i] ?? 0))
    .sort((a, b) => moved(a) - moved(b));
  let found = whole;
  for (const i of [...free]) {
    const without = free.filter((other) => other !== i);
    const solved = solve({ ...problem, free: [...without, ...problem.computed] }, QUICK);
    if (solved.status !== 'solved' || solved.cost > most) continue;
    found = solved;
    free = without;
  }
  return found;
}
