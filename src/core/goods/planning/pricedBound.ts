import { endsOf, type Ends } from './ends';
import {
  costOf,
  keepPrices,
  marketOf,
  movePrices,
  restorePrices,
  openMarket,
  want,
  worthOf,
  type Market,
} from './resourcePrices';
import type { Shop, ShopJob, ShopStep } from './shop';

/** Buckets of time, about; and their length, minutes. */
const BUCKETS = 350;
const LENGTHS = { least: 15, most: 720 };
/**
 * The rise that is hoped for, as a share of the known lateness; what share of it is enough to go on, how often it may fail
 * before it is shortened, and when it is too short. Source: variable target value, Sherali, Choi and Tuncbilek 2000.
 */
const MOVE = { first: 0.3, enough: 0.05, patience: 10, shorter: 0.6, least: 0.001 };

/**
 * A number that no plan can be less late than: every minute of a scarce thing gets a price, each job by itself takes the
 * cheapest moments for its steps, and what all of it costs over what there is to give is a bound whatever the prices are;
 * they are raised where too much is wanted, and lowered where nothing is.
 * Source: Lagrangian bound of the time-indexed formulation; Fisher 1981; Christofides, Alvarez-Valdes and Tamarit 1987.
 * @param late weighted lateness of a plan that is known, minutes, over 0
 * @param horizon a while after that plan ends, minutes
 * @param mayGoOn asked with a share of the whole, 0 to 1: false when the time for it is over
 */
export function pricedBound(
  shop: Shop,
  late: number,
  horizon: number,
  mayGoOn: (share: number) => boolean,
): number {
  // Where the loft is short its places want small prices, where hands are, their minutes great ones: both are tried.
  const bounds = [0, 1].map((evenness, half) =>
    risen(shop, late, horizon, evenness, () => mayGoOn((half + 1) / 2)),
  );
  return Math.min(late, Math.max(...bounds));
}

function risen(
  shop: Shop,
  late: number,
  horizon: number,
  evenness: number,
  mayGoOn: () => boolean,
): number {
  const length = Math.min(LENGTHS.most, Math.max(LENGTHS.least, horizon / BUCKETS));
  const count = Math.ceil(horizon / length) + 1;
  const market = marketOf(shop, length, count);
  const runs = shop.jobs.map((job) => runOf(shop, job, length, count));
  const ask = () => {
    openMarket(market);
    return runs.reduce((sum, run) => sum + cheapest(run, market), -worthOf(market));
  };
  let best = 0;
  let rise = MOVE.first * late;
  let failed = 0;
  for (let round = 0; rise > MOVE.least * late && (round === 0 || mayGoOn()); round++) {
    let bound = ask();
    if (bound > best) {
      if (bound > best + MOVE.enough * rise) failed = 0;
      best = bound;
      keepPrices(market);
    } else failed++;
    if (failed >= MOVE.patience) {
      rise *= MOVE.shorter;
      failed = 0;
      restorePrices(market);
      bound = ask();
    }
    if (!movePrices(market, best + rise - bound, evenness)) break;
  }
  return best;
}

/** A job ready to be gone through again and again. */
interface Run {
  readonly job: ShopJob;
  readonly steps: readonly (ShopStep & {
    readonly ends: Ends;
    /** Buckets between the end of the step before and its own, at least. */
    readonly lag: number;
    /** By bucket: where the cheapest end up to it lies, and which moment that is. */
    readonly cameBy: Int32Array;
    readonly chosen: Float64Array;
    readonly costs: Float64Array;
  })[];
}

function runOf(shop: Shop, job: ShopJob, length: number, count: number): Run {
  const steps = job.blocks.flat();
  return {
    job,
    steps: steps.map((step, k) => ({
      ...step,
      ends: endsOf(shop, step, k === steps.length - 1 ? job.due : null, length, count),
      lag: k === 0 ? 0 : Math.floor((step.minutes + step.waitMin) / length),
      cameBy: new Int32Array(count),
      chosen: new Float64Array(count),
      costs: new Float64Array(count),
    })),
  };
}

/** The cheapest way of a job through the days, prices and lateness together; what it takes is noted in the market. */
function cheapest({ job, steps }: Run, market: Market): number {
  const { count, length } = market;
  for (const [k, step] of steps.entries()) {
    const before = k === 0 ? null : (steps[k - 1] ?? null);
    const isLast = k === steps.length - 1;
    const { ends, cameBy, chosen, costs } = step;
    let best = Infinity;
    let bestAt = -1;
    for (let bucket = 0; bucket < count; bucket++) {
      const soFar =
        before === null
          ? 0
          : bucket < step.lag
            ? Infinity
            : (before.costs[bucket - step.lag] ?? Infinity);
      if (soFar < best)
        for (let i = ends.first[bucket] ?? 0; i < (ends.first[bucket + 1] ?? 0); i++) {
          const end = ends.moments[i] ?? 0;
          const late = isLast
            ? job.weight * Math.max(0, Math.min(end, (bucket + 1) * length) - job.due)
            : 0;
          const cost = soFar + late + costOf(step, end, market);
          if (cost < best) {
            best = cost;
            bestAt = bucket;
            chosen[bucket] = end;
          }
        }
      costs[bucket] = best;
      cameBy[bucket] = bestAt;
    }
  }
  const total = steps.at(-1)?.costs[count - 1] ?? 0;
  // What cannot be placed before the horizon says nothing.
  if (total === Infinity) return 0;
  let bucket = count - 1;
  for (let k = steps.length - 1; k >= 0; k--) {
    const step = steps[k];
    const at = step?.cameBy[bucket] ?? -1;
    if (!step || at < 0) break;
    want(step, step.chosen[at] ?? 0, market);
    bucket = at - step.lag;
  }
  return total;
}
