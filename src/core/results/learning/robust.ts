import { inverseOf } from '@/core/basics/numeric/inverseOf';
import { solvePositive } from '@/core/basics/numeric/solvePositive';
import { normalCdf, normalPdf } from './normal';
import { dot, multiply, type Belief, type Forecast, type Observation } from './regression';
import { studentQuantile } from './student';

/** What is known of a target only as a range, as a squeeze tells it; a side without an end is endless. */
export interface IntervalObservation {
  readonly features: readonly number[];
  readonly low: number;
  readonly high: number;
}
export type Seen = (Observation | IntervalObservation) & {
  /** How much of a record it still is, over 0 to 1; 1 when left out. Old ones fade. */
  readonly trust?: number;
};

/** Degrees of freedom of single records: tails this heavy take a slip of the hand for what it is. Rovack estimate. */
export const RECORD_DEGREES = 3;
/** A record that weighs less than this is a blunder: it says nothing of how records scatter. Rovack estimate. */
const BLUNDER_UNDER = 0.12;
const ROUNDS = 40;
const STILL = 1e-5;
/** A start belief is doubted by so much once records speak, so that a maker far from it is believed. Rovack estimate. */
const PRIOR_SD_TIMES = 2.5;

/**
 * Takes records into a belief with a Student likelihood of three degrees and ranges as ranges: each round weighs a record
 * by how near it lies to the line, fills a range in by what the line expects of it, and learns again. One blunder in ten
 * hardly moves it, and does not hold its weight.
 * Source: Lange, Little and Taylor 1989, J. Am. Stat. Assoc. 84 (t likelihood by EM); Gelman et al., Bayesian Data
 * Analysis, chapters 14 and 17; truncated normal moments; the fading as a power of the likelihood: Ibrahim and Chen 2000,
 * Stat. Sci. 15; none looked up.
 * @throws RangeError when a record has the wrong number of features, is not finite, or its low end is over its high one
 */
export function learnRobustly(prior: Belief, seen: readonly Seen[]): Belief {
  if (seen.length === 0) return prior;
  const records = seen.map((record) => checked(record, prior.mean.length));
  const wide = doubted(prior);
  let belief = wide;
  let weights: readonly number[] = records.map(() => 1);
  let filled: readonly Filled[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    filled = records.map((record, i) => fillIn(belief, record, weights[i] ?? 1));
    const next = weighted(wide, records, filled, weights);
    const moved = next.mean.reduce(
      (most, value, i) => Math.max(most, Math.abs(value - (belief.mean[i] ?? 0))),
      0,
    );
    belief = next;
    const spread = inverseOf(belief.precision);
    weights = records.map((record, i) => weightOf(belief, spread, record, filled[i]));
    if (round > 2 && moved < STILL) break;
  }
  const precision = observed(wide, belief, records, filled, weights);
  return { ...belief, precision, records: prior.records + records.length };
}

/**
 * What the records really tell of the coefficients: a range tells as much less than a value as it leaves open.
 * Source: Louis 1982, J. R. Stat. Soc. B 44 (what is known is what a whole record would tell, less what is missing),
 * not looked up.
 */
function observed(
  prior: Belief,
  belief: Belief,
  records: readonly Range[],
  filled: readonly Filled[],
  weights: readonly number[],
): readonly (readonly number[])[] {
  const scatter = belief.rate / belief.shape;
  const precision = prior.precision.map((row) => [...row]);
  records.forEach(({ features, trust }, n) => {
    const weight = weights[n] ?? 1;
    const open = Math.min(1, ((filled[n]?.variance ?? 0) * weight) / scatter);
    addOuter(precision, features, trust * weight * (1 - open));
  });
  return precision;
}

function addOuter(matrix: number[][], features: readonly number[], weight: number): void {
  matrix.forEach((row, i) => {
    for (let j = 0; j < row.length; j++)
      row[j] = (row[j] ?? 0) + weight * (features[i] ?? 0) * (features[j] ?? 0);
  });
}

/**
 * What the belief expects of a new record made with care, with the interval that should hold it.
 * @param share of such records the interval should hold, 0.5 to 0.99
 */
export function forecastRecord(
  belief: Belief,
  features: readonly number[],
  share: number,
): Forecast {
  const best = dot(features, belief.mean);
  const leverage = dot(features, solvePositive(belief.precision, features));
  const scale = Math.sqrt((belief.rate / belief.shape) * (1 + leverage));
  const half = studentQuantile((1 + share) / 2, RECORD_DEGREES) * scale;
  return { best, low: best - half, high: best + half, records: belief.records };
}

interface Range {
  readonly features: readonly number[];
  readonly low: number;
  readonly high: number;
  readonly trust: number;
}

function checked(record: Seen, size: number): Range {
  const { features, trust = 1 } = record;
  const [low, high] =
    'target' in record ? [record.target, record.target] : [record.low, record.high];
  if (features.length !== size || !features.every(Number.isFinite))
    throw new RangeError(`an observation must have ${size} finite features and a finite target`);
  if (!(low <= high) || (low === high && !Number.isFinite(low)))
    throw new RangeError(`an observation must reach from low to high, got ${low} and ${high}`);
  if (!(trust > 0 && trust <= 1))
    throw new RangeError(`trust must lie over 0 and up to 1, got ${trust}`);
  return { features, low, high, trust };
}

function doubted(prior: Belief): Belief {
  return {
    ...prior,
    precision: prior.precision.map((row) => row.map((value) => value / PRIOR_SD_TIMES ** 2)),
  };
}

interface Filled {
  readonly target: number;
  /** Variance that a range leaves open; 0 for a value. */
  readonly variance: number;
}

/** What the line expects inside a record's range. */
function fillIn(belief: Belief, { features, low, high }: Range, weight: number): Filled {
  if (low === high) return { target: low, variance: 0 };
  const center = dot(features, belief.mean);
  const sd = Math.sqrt(belief.rate / belief.shape / weight);
  return truncated(center, sd, low, high);
}

/** Mean and variance of a normal that is known to lie between two ends. */
function truncated(center: number, sd: number, low: number, high: number): Filled {
  const a = (low - center) / sd;
  const b = (high - center) / sd;
  const mass = a > 0 ? normalCdf(-a) - normalCdf(-b) : normalCdf(b) - normalCdf(a);
  // So far out that nothing of the normal is left: the near end.
  if (mass < 1e-12) return { target: a > 0 ? low : high, variance: 0 };
  const [pa, pb] = [normalPdf(a), normalPdf(b)];
  const shift = (pa - pb) / mass;
  const bend = ((Number.isFinite(a) ? a * pa : 0) - (Number.isFinite(b) ? b * pb : 0)) / mass;
  return {
    target: center + sd * shift,
    variance: Math.max(0, sd * sd * (1 + bend - shift * shift)),
  };
}

/** @param spread the inverse of the belief’s precision: one for all records of a round */
function weightOf(
  belief: Belief,
  spread: readonly (readonly number[])[],
  { features }: Range,
  filled: Filled | undefined,
): number {
  const variance = belief.rate / belief.shape;
  const leverage = dot(features, multiply(spread, features));
  const off = (filled?.target ?? 0) - dot(features, belief.mean);
  const square = (off * off + (filled?.variance ?? 0)) / variance + leverage;
  return (RECORD_DEGREES + 1) / (RECORD_DEGREES + square);
}

/** The conjugate update of all records at once, each with its weight. */
function weighted(
  prior: Belief,
  records: readonly Range[],
  filled: readonly Filled[],
  weights: readonly number[],
): Belief {
  const precision = prior.precision.map((row) => [...row]);
  const pull = [...multiply(prior.precision, prior.mean)];
  records.forEach(({ features, trust }, n) => {
    const weight = trust * (weights[n] ?? 1);
    const target = filled[n]?.target ?? 0;
    addOuter(precision, features, weight);
    features.forEach((x, i) => {
      pull[i] = (pull[i] ?? 0) + weight * x * target;
    });
  });
  const mean = solvePositive(precision, pull);
  const off = mean.map((value, i) => value - (prior.mean[i] ?? 0));
  const isSound = (n: number) => (weights[n] ?? 1) >= BLUNDER_UNDER;
  const squares = records.reduce((sum, { features, trust }, n) => {
    if (!isSound(n)) return sum;
    const rest = (filled[n]?.target ?? 0) - dot(features, mean);
    return sum + trust * (weights[n] ?? 1) * (rest * rest + (filled[n]?.variance ?? 0));
  }, 0);
  return {
    mean,
    precision,
    shape:
      prior.shape + records.reduce((sum, { trust }, n) => (isSound(n) ? sum + trust : sum), 0) / 2,
    rate: prior.rate + (squares + dot(off, multiply(prior.precision, off))) / 2,
    records: prior.records,
  };
}
