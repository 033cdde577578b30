import { inverseOf } from '@/core/basics/numeric/inverseOf';
import {
  HELD_SHARE,
  askedOf,
  taughtBy,
  type Dated,
  type Learned,
  type Quantity,
} from './quantities';
import { studentQuantile } from './student';
import { RECORD_DEGREES } from './robust';
import type { Belief } from './regression';

/** A record with the batch or the test that left it. */
export interface Sourced extends Dated {
  readonly sourceId: string;
}

/** An estimate with its band. */
export interface Estimate {
  readonly estimate: number;
  readonly low: number;
  readonly high: number;
}

/** How one source pulls: what the estimate would be without it. */
export interface Pull {
  readonly sourceId: string;
  readonly without: Estimate;
  /** Logarithm of the estimate over what it would be without: 0 for no pull. */
  readonly log: number;
}

/** One quantity as it stands, as it moved, and what moves it. */
export interface QuantityRow {
  readonly shipped: Estimate;
  /** Null while no record speaks. */
  readonly yours: Estimate | null;
  readonly records: number;
  readonly sources: number;
  /** As it stood at the end of each month that had a record until then, oldest first, at most twelve and now. */
  readonly moved: ReadonlyArray<Estimate & { readonly atMs: number }>;
  /** Hardest first. */
  readonly pulls: readonly Pull[];
  /** About what would be known with one more record at the place that is asked, if it came out as expected. */
  readonly oneMore: Estimate;
}

/** Sources that are left out one by one: the newest; older ones have faded, and hardly pull. */
const MOST_LEFT_OUT = 80;
const MONTHS = 12;

/**
 * @param records all that speak; the excluded ones are not among them
 * @param nowMs the last month of the year that is shown ends here
 */
export function quantityRow<Record extends Sourced, Question>(
  quantity: Quantity<Record, Question>,
  records: readonly Record[],
  question: Question,
  nowMs: number,
): QuantityRow {
  const ask = (some: readonly Record[]): Learned =>
    askedOf(quantity, taughtBy(quantity, some), question);
  const nothing = askedOf(quantity, { belief: quantity.prior, records: 0 }, question);
  const shipped = bandOf(nothing);
  const features = quantity.features(question);
  const expected = Math.log(records.length > 0 ? ask(records).estimate : shipped.estimate);
  const seen = { features, ...asExpected(quantity, records.at(-1), expected) };
  const oneMore = bandOf(askedOf(quantity, taughtBy(quantity, records, [seen]), question));
  if (records.length === 0)
    return { shipped, yours: null, records: 0, sources: 0, moved: [], pulls: [], oneMore };
  const yours = bandOf(ask(records));
  const sources = newestFirst(records);
  const pulls = sources.slice(0, MOST_LEFT_OUT).map((sourceId): Pull => {
    const others = records.filter((one) => one.sourceId !== sourceId);
    const without = others.length === 0 ? shipped : bandOf(ask(others));
    return { sourceId, without, log: Math.log(yours.estimate / without.estimate) };
  });
  return {
    shipped,
    yours,
    records: records.length,
    sources: sources.length,
    moved: monthEnds(nowMs).flatMap((atMs) => {
      const until = records.filter(({ at }) => Date.parse(at ?? '') <= atMs);
      return until.length === 0 ? [] : [{ atMs, ...bandOf(ask(until)) }];
    }),
    oneMore,
    pulls: pulls.sort((a, b) => Math.abs(b.log) - Math.abs(a.log)),
  };
}

/** A record that comes out as expected: a value, or a range as wide as the last one was. */
function asExpected<Record extends Dated>(
  { observe }: Pick<Quantity<Record, never>, 'observe'>,
  last: Record | undefined,
  expected: number,
): { readonly target: number } | { readonly low: number; readonly high: number } {
  const like = last && observe(last);
  if (!like || 'target' in like) return { target: expected };
  const half = (like.high - like.low) / 2;
  return half === Infinity
    ? { low: expected, high: Infinity }
    : { low: expected - half, high: expected + half };
}

/**
 * By what share one more record would narrow the band, 0 for not at all: its width is that of the logarithm, so that factors and
 * shares are alike.
 */
export function narrowedBy({ shipped, yours, oneMore }: QuantityRow): number {
  const width = ({ low, high }: Estimate) => Math.log(high / low);
  return Math.max(0, 1 - width(oneMore) / width(yours ?? shipped));
}

const bandOf = ({ estimate, low, high }: Estimate): Estimate => ({ estimate, low, high });

function newestFirst(records: readonly Sourced[]): readonly string[] {
  const newest = new Map<string, number>();
  for (const { sourceId, at } of records) {
    const ms = Date.parse(at ?? '') || 0;
    newest.set(sourceId, Math.max(ms, newest.get(sourceId) ?? ms));
  }
  return [...newest].sort(([, a], [, b]) => b - a).map(([id]) => id);
}

/** The last twelve month ends and now. */
function monthEnds(nowMs: number): readonly number[] {
  const now = new Date(nowMs);
  const ends = Array.from({ length: MONTHS }, (_, i) =>
    new Date(now.getFullYear(), now.getMonth() - MONTHS + 1 + i, 1).getTime(),
  );
  return [...ends, nowMs];
}

/**
 * What is known of one coefficient alone, as a factor: not of the next record, so it is narrower than an estimate’s band.
 * Source: marginal of the normal-inverse-gamma, Gelman et al., Bayesian Data Analysis, chapter 14; not looked up.
 * @param index which coefficient, 0 for the first
 */
export function coefficientOf({ mean, precision, shape, rate }: Belief, index: number): Estimate {
  const variance = (inverseOf(precision)[index]?.[index] ?? 0) * (rate / shape);
  const half = studentQuantile((1 + HELD_SHARE) / 2, RECORD_DEGREES) * Math.sqrt(variance);
  const best = mean[index] ?? 0;
  return { estimate: Math.exp(best), low: Math.exp(best - half), high: Math.exp(best + half) };
}
