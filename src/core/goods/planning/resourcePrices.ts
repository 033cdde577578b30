import type { Shop, ShopStep } from './shop';

/** One scarce thing over time: its price, and what is given and wanted, in each bucket. */
interface Good {
  /** How much of it there is at once. */
  readonly size: number;
  readonly prices: Float64Array;
  /** Price of all time up to each bucket’s beginning. */
  readonly sums: Float64Array;
  /** What there is in each bucket, amount times minutes. */
  readonly given: Float64Array;
  readonly wanted: Float64Array;
  /** Where its prices were going, and the best that are known. */
  readonly trend: Float64Array;
  readonly kept: Float64Array;
}

/** Prices of hands, machines, molds and the loft, by buckets of time. */
export interface Market {
  /** Minutes of a bucket, and how many there are; the last stands for all time after it, and is free. */
  readonly length: number;
  readonly count: number;
  /** Hands first, then the shop’s things. */
  readonly goods: readonly Good[];
}

export function marketOf(shop: Shop, length: number, count: number): Market {
  const good = (size: number, each: number): Good => ({
    size: Math.max(1, size),
    prices: new Float64Array(count),
    sums: new Float64Array(count + 1),
    given: new Float64Array(count).fill(each),
    wanted: new Float64Array(count),
    trend: new Float64Array(count),
    kept: new Float64Array(count),
  });
  const hands = good(shop.people.length, 0);
  for (const { stretches } of shop.people)
    for (const { from, to } of stretches) spread(hands.given, from, to, 1, length);
  return {
    length,
    count,
    goods: [hands, ...shop.things.map(({ capacity }) => good(capacity, capacity * length))],
  };
}

/** Begins a round: prices are summed up, and nothing is wanted yet. */
export function openMarket({ goods, length, count }: Market): void {
  for (const { prices, sums, wanted } of goods) {
    for (let i = 0; i < count; i++) sums[i + 1] = (sums[i] ?? 0) + length * (prices[i] ?? 0);
    wanted.fill(0);
  }
}

/** What all that is given would cost. */
export function worthOf({ goods }: Market): number {
  let sum = 0;
  for (const { prices, given } of goods)
    for (let i = 0; i < prices.length; i++) sum += (prices[i] ?? 0) * (given[i] ?? 0);
  return sum;
}

/**
 * Raises the price of what is wanted too much, and lowers that of what is not, going on a little as it went before.
 * Source: deflected subgradient, Camerini, Fratta and Maffioli 1975.
 * @param rise by how much the bound is hoped to rise
 * @param evenness 0 for every good as it is counted, 1 for every good by the whole of it
 * @returns false when nothing is wanted too much and nothing has a price
 */
export function movePrices({ goods }: Market, rise: number, evenness: number): boolean {
  let norm = 0;
  for (const { prices, given, wanted, trend, size } of goods)
    // The last bucket is free.
    for (let i = 0; i < prices.length - 1; i++) {
      const over = (wanted[i] ?? 0) - (given[i] ?? 0);
      const isStill = over <= 0 && (prices[i] ?? 0) <= 0;
      const way = isStill ? 0 : over + MOMENTUM * (trend[i] ?? 0);
      trend[i] = way;
      norm += way ** 2 / size ** (2 * evenness);
    }
  if (!(norm > 0)) return false;
  for (const { prices, trend, size } of goods) {
    const reach = rise / norm / size ** (2 * evenness);
    for (let i = 0; i < prices.length - 1; i++)
      prices[i] = Math.max(0, (prices[i] ?? 0) + reach * (trend[i] ?? 0));
  }
  return true;
}
const MOMENTUM = 0.6;

export function keepPrices({ goods }: Market): void {
  for (const { prices, kept } of goods) kept.set(prices);
}

/** Back to the best prices, at rest. */
export function restorePrices({ goods }: Market): void {
  for (const { prices, kept, trend } of goods) {
    prices.set(kept);
    trend.fill(0);
  }
}

/** What a step costs that ends then. */
export function costOf(step: ShopStep, end: number, market: Market): number {
  const from = end - step.minutes;
  let cost = step.hands.length > 0 ? over(market, 0, from, end) : 0;
  for (const { thing, much } of step.takes) cost += much * over(market, 1 + thing, from, end);
  return cost;
}

/** Notes what a step wants that ends then. */
export function want(step: ShopStep, end: number, { goods, length }: Market): void {
  const from = end - step.minutes;
  const hands = goods[0];
  if (hands && step.hands.length > 0) spread(hands.wanted, from, end, 1, length);
  for (const { thing, much } of step.takes) {
    const good = goods[1 + thing];
    if (good) spread(good.wanted, from, end, much, length);
  }
}

function over({ goods, length, count }: Market, at: number, from: number, to: number): number {
  const good = goods[at];
  return good ? until(good, to, length, count) - until(good, from, length, count) : 0;
}

function until({ sums, prices }: Good, moment: number, length: number, count: number): number {
  const bucket = Math.min(count - 1, Math.max(0, Math.floor(moment / length)));
  return (sums[bucket] ?? 0) + (moment - bucket * length) * (prices[bucket] ?? 0);
}

/** Adds an amount to every bucket from one moment to another. */
function spread(to: Float64Array, from: number, end: number, amount: number, length: number): void {
  for (let i = Math.max(0, Math.floor(from / length)); i < to.length && i * length < end; i++) {
    const overlap = Math.min(end, (i + 1) * length) - Math.max(from, i * length);
    if (overlap > 0) to[i] = (to[i] ?? 0) + amount * overlap;
  }
}
