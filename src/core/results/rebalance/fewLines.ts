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
  const polished = solve({ ...problem, free: [...free, ...problem.computed] }, undefined, few.x);
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
  const may = mayReach(problem);
  let found: Found | null = null;
  for (const free of sets) {
    if (!may(free)) continue;
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

/**
 * Can these lines alone meet every straight row, each moved as far as is sober? What cannot needs no search; what passes may
 * still fail.
 */
function mayReach({ start, scale, linear }: Problem): (free: readonly number[]) => boolean {
  const rows = linear
    .filter(({ group }) => group !== 'sum')
    .map(({ weights, atLeast, isExact }) => {
      const here = start.reduce((sum, massG, i) => sum + (weights[i] ?? 0) * massG, 0);
      const reach = start.map((massG, i) => {
        const weight = weights[i] ?? 0;
        const up = weight * (mostOf(massG, scale[i] ?? 1) - massG);
        const down = weight * (massG / MOST_TIMES - massG);
        return { most: Math.max(up, down, 0), least: Math.min(up, down, 0) };
      });
      return { missing: atLeast - here, reach, isExact: isExact === true };
    })
    // What holds however far a line goes asks nothing.
    .filter(({ missing, reach, isExact }) => isExact || reach.some(({ least }) => least < missing));
  return (free) =>
    rows.every(({ missing, reach, isExact }) => {
      const most = free.reduce((sum, i) => sum + (reach[i]?.most ?? 0), 0);
      if (most < missing - SAME) return false;
      return !isExact || free.reduce((sum, i) => sum + (reach[i]?.least ?? 0), 0) <= missing + SAME;
    });
}
const SAME = 1e-9;

/** As much as a line may become. */
function mostOf(massG: number, scaleG: number): number {
  return massG === 0 ? MOST_NEW_SCALES * scaleG : MOST_TIMES * massG;
}

/** Still the same formula, seen line by line. */
function isSober({ start, scale }: Problem, { x }: Found): boolean {
  return start.every((massG, i) => {
    const toG = x[i] ?? 0;
    return toG <= mostOf(massG, scale[i] ?? 1) && toG >= massG / MOST_TIMES;
  });
}

/**
 * Lines frozen, those first that move least, as long as the change stays under twice the least. Many at once where that holds:
 * freezing fewer of them costs no more, but where the windows bend much.
 */
function leftOut(problem: Problem, whole: Found): Found {
  const most = 2 * whole.cost;
  const moved = (i: number) =>
    Math.abs((whole.x[i] ?? 0) - (problem.start[i] ?? 0)) / (problem.scale[i] ?? 1);
  let free = linesIn(problem).filter((i) =>
    isMoved(problem, i, problem.start[i] ?? 0, whole.x[i] ?? 0),
  );
  let waiting = [...free].sort((a, b) => moved(a) - moved(b));
  let found = whole;
  let size = waiting.length;
  while (waiting.length > 0) {
    const some = waiting.slice(0, Math.max(1, size));
    const without = free.filter((i) => !some.includes(i));
    const solved = solve({ ...problem, free: [...without, ...problem.computed] }, QUICK, found.x);
    const holds = solved.status === 'solved' && solved.cost <= most;
    if (holds) {
      found = solved;
      free = without;
    }
    // One that has to move stays; of several, half are tried.
    if (holds || some.length === 1) waiting = waiting.slice(some.length);
    if (!holds) size = Math.floor(some.length / 2);
  }
  return found;
}
