import { entryAt } from '@/core/basics/entryAt';
import { solvePositive } from '@/core/basics/numeric/solvePositive';
import { deltaE2000, labOfLinear, type Lab } from '../difference';
import type { Triple } from '../spectrum';

/** What a few colorants can make together. */
export interface ColorSpace {
  /** Most grams of each colorant, over 0. */
  readonly mostG: readonly number[];
  /** Linear sRGB with so many grams of some of them. */
  readonly colorOf: (which: readonly number[], grams: readonly number[]) => Triple;
  /** Three equations, linear in grams, whose solution is near the wanted color: what is missing and what each brings by the gram. */
  readonly missing: Triple;
  readonly perG: readonly Triple[];
}

/** Some colorants, by their place, with their grams. */
export interface Mixture {
  readonly which: readonly number[];
  readonly grams: readonly number[];
  /** To the wanted color. */
  readonly deltaE: number;
}

export const MOST_COLORANTS = 3;
/** So many of the sets of each size whose equations fit best are looked at, and so many of these followed. */
const LOOKED_AT = 200;
const FOLLOWED = 16;
/** So many of those that came nearest are followed to the end. */
const FINISHED = 4;
const ROUNDS = 14;
/** A step of a slope, as a share of the most grams. */
const STEP = 1e-4;
/** A search by steps ends at this share of the most grams. */
const LEAST_STEP = 1e-6;
/** Nearer than this nobody wants, ΔE2000. */
const REACHED = 0.02;

/**
 * The nearest mixture of one, of two and of three colorants, each within its grams. Every set is begun where its linear
 * equations put it; the nearest of them are followed by damped Gauss-Newton on CIELAB (Marquardt 1963, not looked up) and
 * ended by steps on ΔE2000 itself.
 * @returns one entry a size, smallest first; fewer where there are fewer colorants
 */
export function nearestMixtures(space: ColorSpace, wanted: Lab): readonly Mixture[] {
  const equations = equationsOf(space);
  const found: Mixture[] = [];
  for (let size = 1; size <= Math.min(MOST_COLORANTS, space.mostG.length); size++) {
    const begun = nearest(
      beginnings(equations, size).map(({ which, shares }) =>
        judged(space, wanted, which, gramsOf(space, which, shares)),
      ),
      FOLLOWED,
    );
    const followed = nearest(
      begun.map((one) => follow(space, wanted, one)),
      FINISHED,
    );
    const [best] = nearest(
      followed.map((one) => finish(space, wanted, one)),
      1,
    );
    if (best) found.push(best);
    if (best && best.deltaE < REACHED) break;
  }
  return found;
}

/** The equations by shares of the most grams, as products of their columns. */
interface Equations {
  /** Of each two columns. */
  readonly products: readonly Float64Array[];
  /** Of each column with what is missing. */
  readonly right: Float64Array;
}

function equationsOf({ missing, perG, mostG }: ColorSpace): Equations {
  const columns = perG.map((column, i) => column.map((one) => one * entryAt(mostG, i)));
  return {
    products: columns.map((a) => Float64Array.from(columns, (b) => dot(a, b))),
    right: Float64Array.from(columns, (a) => dot(a, missing)),
  };
}

interface Beginning {
  readonly which: readonly number[];
  readonly shares: readonly number[];
  /** How much of the miss the equations say it takes away, squared. */
  readonly gain: number;
}

/** The sets of one size whose equations fit best, each solved within its grams. */
function beginnings(equations: Equations, size: number): readonly Beginning[] {
  const best = new Foremost<Beginning>(LOOKED_AT, ({ gain }) => gain);
  const count = equations.right.length;
  const which: number[] = [];
  const shares: number[] = [];
  const grow = (from: number): void => {
    if (which.length === size) {
      const gain = solveWithin(equations, which, shares);
      if (best.wants(gain)) best.add({ which: [...which], shares: [...shares], gain });
      return;
    }
    for (let i = from; i < count; i++) {
      which.push(i);
      grow(i + 1);
      which.pop();
    }
  };
  grow(0);
  return best.all();
}

/** The foremost of many, without keeping all. */
class Foremost<T> {
  private kept: T[] = [];
  private least = -Infinity;
  constructor(
    private readonly most: number,
    private readonly rank: (one: T) => number,
  ) {}

  wants(rank: number): boolean {
    return rank > this.least;
  }

  add(one: T): void {
    this.kept.push(one);
    if (this.kept.length >= 2 * this.most) this.trim();
  }

  all(): readonly T[] {
    this.trim();
    return this.kept;
  }

  private trim(): void {
    this.kept = this.kept.sort((a, b) => this.rank(b) - this.rank(a)).slice(0, this.most);
    const last = this.kept.at(-1);
    if (last !== undefined && this.kept.length === this.most) this.least = this.rank(last);
  }
}

const SWEEPS = 8;

/**
 * Least squares with each share from 0 to 1: a convex problem, one share at a time (projected Gauss-Seidel).
 * @param shares written to
 * @returns how much of the miss it takes away, squared
 */
function solveWithin(
  { products, right }: Equations,
  which: readonly number[],
  shares: number[],
): number {
  const size = which.length;
  shares.length = size;
  shares.fill(0);
  const slopeAt = (j: number): number => {
    const i = which[j] ?? 0;
    const row = products[i];
    let slope = right[i] ?? 0;
    for (let k = 0; k < size; k++) slope -= (row?.[which[k] ?? 0] ?? 0) * (shares[k] ?? 0);
    return slope;
  };
  for (let sweep = 0; sweep < SWEEPS; sweep++)
    for (let j = 0; j < size; j++) {
      const i = which[j] ?? 0;
      const own = products[i]?.[i] ?? 0;
      if (own > 0) shares[j] = Math.min(1, Math.max(0, (shares[j] ?? 0) + slopeAt(j) / own));
    }
  let gain = 0;
  for (let j = 0; j < size; j++)
    gain += (shares[j] ?? 0) * ((right[which[j] ?? 0] ?? 0) + slopeAt(j));
  return gain;
}

/** None begins at nothing, where a slope may say nothing. */
const LEAST_BEGUN = 1e-3;

function gramsOf({ mostG }: ColorSpace, which: readonly number[], shares: readonly number[]) {
  return which.map((i, j) => Math.max(LEAST_BEGUN, entryAt(shares, j)) * entryAt(mostG, i));
}

function nearest(mixtures: readonly Mixture[], count: number): readonly Mixture[] {
  return [...mixtures].sort((a, b) => a.deltaE - b.deltaE).slice(0, count);
}

function judged(
  space: ColorSpace,
  wanted: Lab,
  which: readonly number[],
  grams: readonly number[],
): Mixture {
  const lab = labOfLinear(space.colorOf(which, grams));
  return { which, grams, deltaE: deltaE2000(wanted, lab) };
}

function dot(a: readonly number[], b: readonly number[]): number {
  return a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0);
}

/** Damped least squares of columns to a right side. @param damping share of the diagonal that is added, over 0 */
function leastSquares(
  columns: readonly (readonly number[])[],
  right: readonly number[],
  damping: number,
): number[] {
  const normal = columns.map((a, i) =>
    columns.map((b, j) => dot(a, b) * (i === j ? 1 + damping : 1) + (i === j ? 1e-12 : 0)),
  );
  return solvePositive(
    normal,
    columns.map((a) => dot(a, right)),
  );
}

function follow(space: ColorSpace, wanted: Lab, from: Mixture): Mixture {
  const { which } = from;
  const most = which.map((i) => entryAt(space.mostG, i));
  const labAt = (shares: readonly number[]) =>
    labOfLinear(
      space.colorOf(
        which,
        shares.map((share, j) => share * entryAt(most, j)),
      ),
    );
  const missOf = (lab: Lab): Lab => [wanted[0] - lab[0], wanted[1] - lab[1], wanted[2] - lab[2]];
  let shares = from.grams.map((grams, j) => grams / entryAt(most, j));
  let lab = labAt(shares);
  let damping = 1e-2;
  for (let round = 0; round < ROUNDS && damping < 1e6; round++) {
    const columns = shares.map((share, j) => {
      const step = share + STEP > 1 ? -STEP : STEP;
      const moved = labAt(shares.map((one, k) => (k === j ? one + step : one)));
      return moved.map((value, c) => (value - entryAt(lab, c)) / step);
    });
    const miss = missOf(lab);
    const move = leastSquares(columns, miss, damping);
    const next = shares.map((share, j) => Math.min(1, Math.max(0, share + entryAt(move, j))));
    const nextLab = labAt(next);
    if (Math.hypot(...missOf(nextLab)) < Math.hypot(...miss)) {
      [shares, lab] = [next, nextLab];
      damping /= 8;
    } else damping *= 8;
  }
  const grams = shares.map((share, j) => share * entryAt(most, j));
  return { which, grams, deltaE: deltaE2000(wanted, lab) };
}

/** Steps up and down each colorant by ever smaller shares, as long as ΔE2000 falls. */
function finish(space: ColorSpace, wanted: Lab, from: Mixture): Mixture {
  let best = from;
  for (let step = 0.05; step > LEAST_STEP && best.deltaE > REACHED;) {
    const before = best;
    for (const j of best.which.keys())
      for (const sign of [1, -1]) {
        const most = entryAt(space.mostG, entryAt(best.which, j));
        const grams = best.grams.map((one, k) =>
          k === j ? Math.min(most, Math.max(0, one + sign * step * most)) : one,
        );
        const tried = judged(space, wanted, best.which, grams);
        if (tried.deltaE < best.deltaE) best = tried;
      }
    if (best === before) step /= 3;
  }
  return best;
}
