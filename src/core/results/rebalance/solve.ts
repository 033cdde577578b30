import type { Curved } from './curved';
import { leastChange, type LinearWish } from './program';
import type { NamedWish } from './windows';

/** What is to be solved: from where, measured how, within what. */
export interface Problem {
  /** Grams now, 0 or more. */
  readonly start: readonly number[];
  /** What a change of each is measured by, grams, over 0. */
  readonly scale: readonly number[];
  readonly linear: readonly NamedWish[];
  readonly curved: readonly Curved[];
  /** Which of them may move, by index. */
  readonly free: readonly number[];
  /** Of these, what is no line but computed from the lines, as the total. */
  readonly computed: readonly number[];
}

export type Solved =
  | { readonly status: 'solved'; readonly x: readonly number[]; readonly cost: number }
  /** No grams meet the straightened rows; where it was given up, so that the clash can be named there. */
  | { readonly status: 'infeasible'; readonly at: readonly number[] };

/** How long a solution is looked for. */
interface Effort {
  readonly passes: number;
  /** Passes that may miss a curved row on their way. */
  readonly slackPasses: number;
  /** Nothing moves any more: of a line's own scale. */
  readonly still: number;
}
const THOROUGH: Effort = { passes: 60, slackPasses: 60, still: 1e-9 };
/** For one of many sets of lines. */
export const QUICK: Effort = { passes: 8, slackPasses: 1, still: 1e-3 };
/** Curved windows are met to so many points of their own. */
const MET = 1e-6;
/** From this pass on steps are halved, against running in a circle round a bend. */
const HALVED_FROM = 10;
const DIFFERENCE = 1e-5;
/** What a curved row may be missed by for a while costs so much less than nothing that it is soon made good. */
const SLACK_SCALE = 1e-3;

/**
 * The least weighted squared change that meets linear rows and curved windows: the curved ones straightened by their
 * own slopes at each pass, until nothing moves (sequential quadratic programming). Where a straightened pass has no
 * answer, the curved rows may be missed at a price and the next pass goes on from there.
 * Source: Nocedal and Wright, Numerical Optimization, chapter 18, not looked up.
 * @param near where the bends are straightened first: at a solution of a problem much like it, where there is one
 */
export function solve(
  problem: Problem,
  effort: Effort = THOROUGH,
  near: readonly number[] = problem.start,
): Solved {
  const { start, scale, linear, free } = problem;
  const all = linear.map((row) => within(row, start, free));
  if (all.some(({ weights, atLeast, isExact }) => isHopeless(weights, atLeast, isExact)))
    return { status: 'infeasible', at: start };
  const rows = all.filter(({ weights }) => weights.some((weight) => weight !== 0));
  const from = free.map((i) => start[i] ?? 0);
  const scales = free.map((i) => scale[i] ?? 1);
  // What may not move stands where it stood.
  let x = [...start];
  for (const i of free) x[i] = near[i] ?? 0;
  let slackPasses = 0;
  let held: readonly number[] = [];
  /** What a bend keeps eating up is asked for on top. */
  const extra = problem.curved.map(() => 0);
  for (let pass = 0; pass < effort.passes; pass++) {
    if (pass >= HALVED_FROM)
      problem.curved.forEach(({ at }, j) => {
        extra[j] = (extra[j] ?? 0) + Math.max(0, -at(x));
      });
    const bent = straightened(problem, x).map((row, j) => ({
      ...row,
      atLeast: row.atLeast + (extra[j] ?? 0),
    }));
    const strict = leastChange(from, scales, [...rows, ...bent], held);
    held = strict.held;
    if (strict.status !== 'solved' && ++slackPasses > effort.slackPasses)
      return { status: 'infeasible', at: x };
    const next = strict.status === 'solved' ? strict.x : withSlack(from, scales, rows, bent);
    if (!next) return { status: 'infeasible', at: x };
    const step = pass < HALVED_FROM ? 1 : 0.5;
    let moved = 0;
    const after = [...x];
    free.forEach((i, j) => {
      const was = x[i] ?? 0;
      const is = was + step * ((next[j] ?? was) - was);
      moved = Math.max(moved, Math.abs(is - was) / (scale[i] ?? 1));
      after[i] = is;
    });
    x = after;
    if (moved < effort.still && problem.curved.every(({ at }) => at(x) >= -MET)) break;
  }
  return problem.curved.every(({ at }) => at(x) >= -MET)
    ? { status: 'solved', x, cost: costOf(problem, x) }
    : { status: 'infeasible', at: x };
}

/** Squared relative change, summed. */
export function costOf({ start, scale }: Problem, x: readonly number[]): number {
  return start.reduce((sum, massG, i) => sum + (((x[i] ?? 0) - massG) / (scale[i] ?? 1)) ** 2, 0);
}

/** A row over what may move, with what stands brought to the other side. */
function within(row: LinearWish, start: readonly number[], free: readonly number[]): LinearWish {
  const fixed = start.reduce((sum, massG, i) => sum + (row.weights[i] ?? 0) * massG, 0);
  const moving = free.reduce((sum, i) => sum + (row.weights[i] ?? 0) * (start[i] ?? 0), 0);
  return {
    ...row,
    weights: free.map((i) => row.weights[i] ?? 0),
    atLeast: row.atLeast - (fixed - moving),
  };
}

function isHopeless(weights: readonly number[], atLeast: number, isExact = false): boolean {
  if (weights.some((weight) => weight !== 0)) return false;
  return isExact ? Math.abs(atLeast) > 1e-9 : atLeast > 1e-9;
}

/** Each curved window as a plane through where it stands now, by forward differences. */
export function straightened(
  { curved, free, scale }: Pick<Problem, 'curved' | 'free' | 'scale'>,
  x: readonly number[],
): readonly LinearWish[] {
  return curved.map(({ group, at }) => {
    const here = at(x);
    const moved = [...x];
    const weights = free.map((i) => {
      const was = x[i] ?? 0;
      const step = DIFFERENCE * (scale[i] ?? 1);
      moved[i] = was + step;
      const slope = (at(moved) - here) / step;
      moved[i] = was;
      return slope;
    });
    const level = free.reduce((sum, i, j) => sum + (weights[j] ?? 0) * (x[i] ?? 0), 0);
    return { group, weights, atLeast: level - here };
  });
}

/** The same pass with curved rows that may be missed at a price. */
function withSlack(
  from: readonly number[],
  scales: readonly number[],
  rows: readonly LinearWish[],
  bent: readonly LinearWish[],
): readonly number[] | null {
  const none = bent.map(() => 0);
  const solved = leastChange(
    [...from, ...none],
    [...scales, ...bent.map(() => SLACK_SCALE)],
    [
      ...rows.map((row) => ({ ...row, weights: [...row.weights, ...none] })),
      ...bent.map((row, i) => ({
        ...row,
        weights: [...row.weights, ...none.map((_, j) => (i === j ? 1 : 0))],
      })),
    ],
  );
  return solved.status === 'solved' ? solved.x.slice(0, from.length) : null;
}
