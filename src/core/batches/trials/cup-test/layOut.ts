import { inverseOf } from '@/core/basics/numeric/inverseOf';
import { featuresOf } from './features';

export interface LayoutQuestion {
  /** Where a cup may stand, each factor from -1 to 1; at least one. */
  readonly places: readonly (readonly number[])[];
  /** Cups to lay out, 2 to 8. */
  readonly cups: number;
  readonly bends: boolean;
  /** What is believed already: precision of each feature in units of a cup's scatter; 0 for nothing. */
  readonly priorPrecision: readonly number[];
  /** Where the answer is wanted; all places when left out. */
  readonly wanted?: readonly (readonly number[])[];
}

export interface Layout {
  /** The places of the cups, in the order of the places given. */
  readonly chosen: readonly (readonly number[])[];
  /** Mean variance of the answer over what is wanted, in units of a cup's. */
  readonly meanVariance: number;
}

const STARTS = 80;
const ROUNDS = 40;
/** So little is believed of a feature of which nothing is: keeps a layout of too few cups in bounds. */
const NEXT_TO_NOTHING = 1e-6;

/**
 * Cups laid out so that the answer is as sure as can be on the mean over what is wanted (I-optimal), with what is
 * believed already: exchange of one cup after the other from several starts, until none gets better.
 * mean variance = trace((X'X + R)^-1 M), M the mean of f f' over what is wanted
 * Source: Atkinson, Donev and Tobias, Optimum Experimental Designs, chapters 10 to 12, not looked up.
 * @throws RangeError for fewer than two cups, or no place
 */
export function layOut(question: LayoutQuestion): Layout {
  const { places, cups, bends, wanted = places } = question;
  if (!(cups >= 2)) throw new RangeError(`cups must be 2 or more, got ${cups}`);
  if (places.length === 0) throw new RangeError('there must be a place for a cup');
  const features = places.map((place) => featuresOf(place, bends));
  const moments = momentsOf(wanted.map((place) => featuresOf(place, bends)));
  const prior = question.priorPrecision.map((value) => Math.max(value, NEXT_TO_NOTHING));
  let best: { chosen: number[]; value: number } | null = null;
  for (let start = 0; start < STARTS; start++) {
    const chosen = startAt(start, cups, places.length);
    const value = exchanged(chosen, features, prior, moments);
    if (best === null || value < best.value - 1e-12) best = { chosen, value };
  }
  const order = [...(best?.chosen ?? [])].sort((a, b) => a - b);
  const laid = order.map((i) => places[i] ?? []);
  return { chosen: laid, meanVariance: meanVarianceOf(laid, question) };
}

/** Mean variance of the answer that these cups give, as {@link layOut} weighs them. */
export function meanVarianceOf(
  cups: readonly (readonly number[])[],
  question: Pick<LayoutQuestion, 'places' | 'bends' | 'priorPrecision' | 'wanted'>,
): number {
  const { places, bends, wanted = places, priorPrecision } = question;
  return traceOf(
    cups.map((place) => featuresOf(place, bends)),
    priorPrecision.map((value) => Math.max(value, NEXT_TO_NOTHING)),
    momentsOf(wanted.map((place) => featuresOf(place, bends))),
  );
}

/** Starts by chance, the same from one run to the next (a linear congruence, Numerical Recipes, not looked up). */
function startAt(start: number, cups: number, places: number): number[] {
  let state = (start + 1) * 2_654_435_761;
  return Array.from({ length: cups }, () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((state / 2 ** 32) * places);
  });
}

/**
 * Each cup in turn where it does most, the others held; until none moves.
 * One more cup of features f takes f' A M A f / (1 + f' A f) off the trace, A the inverse without it (Sherman and
 * Morrison).
 */
function exchanged(
  chosen: number[],
  features: readonly (readonly number[])[],
  prior: readonly number[],
  moments: readonly (readonly number[])[],
): number {
  let value = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const before = value;
    for (let cup = 0; cup < chosen.length; cup++) {
      const others = chosen.flatMap((i, k) => (k === cup ? [] : [features[i] ?? []]));
      const inverse = inverseOf(informationOf(others, prior));
      const turned = multiplied(multiplied(inverse, moments), inverse);
      const rest = traceOfProduct(inverse, moments);
      let best = -1;
      features.forEach((f, place) => {
        const takes = quadratic(turned, f) / (1 + quadratic(inverse, f));
        if (takes > best * (1 + 1e-10)) {
          best = takes;
          chosen[cup] = place;
        }
      });
      value = rest - best;
    }
    if (value > before * (1 - 1e-9)) break;
  }
  return value;
}

function quadratic(matrix: readonly (readonly number[])[], f: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < f.length; i++) {
    const row = matrix[i] ?? [];
    let dot = 0;
    for (let j = 0; j < f.length; j++) dot += (row[j] ?? 0) * (f[j] ?? 0);
    sum += (f[i] ?? 0) * dot;
  }
  return sum;
}

function multiplied(
  a: readonly (readonly number[])[],
  b: readonly (readonly number[])[],
): readonly (readonly number[])[] {
  return a.map((row) =>
    row.map((_, j) => row.reduce((sum, value, k) => sum + value * (b[k]?.[j] ?? 0), 0)),
  );
}

function traceOfProduct(
  a: readonly (readonly number[])[],
  b: readonly (readonly number[])[],
): number {
  return a.reduce(
    (sum, row, i) => sum + row.reduce((all, value, j) => all + value * (b[j]?.[i] ?? 0), 0),
    0,
  );
}

function momentsOf(features: readonly (readonly number[])[]): readonly (readonly number[])[] {
  const size = features[0]?.length ?? 0;
  return Array.from({ length: size }, (_, i) =>
    Array.from(
      { length: size },
      (__, j) => features.reduce((sum, f) => sum + (f[i] ?? 0) * (f[j] ?? 0), 0) / features.length,
    ),
  );
}

/** X'X + R */
function informationOf(
  cups: readonly (readonly number[])[],
  prior: readonly number[],
): readonly (readonly number[])[] {
  const information = prior.map((value, i) => prior.map((_, j) => (i === j ? value : 0)));
  for (const f of cups)
    information.forEach((row, i) => {
      for (let j = 0; j < row.length; j++) row[j] = (row[j] ?? 0) + (f[i] ?? 0) * (f[j] ?? 0);
    });
  return information;
}

function traceOf(
  cups: readonly (readonly number[])[],
  prior: readonly number[],
  moments: readonly (readonly number[])[],
): number {
  return traceOfProduct(inverseOf(informationOf(cups, prior)), moments);
}
