import type { Shop, ShopStep } from './shop';

/** Moments at which a step may end where its price can be least, by buckets of time. */
export interface Ends {
  readonly moments: Float64Array;
  /** Of each bucket, the first of its moments; one more at the end. */
  readonly first: Int32Array;
}

/**
 * Between a bucket’s edges the price of a step is made of straight pieces: the least is where one of its ends meets an edge
 * of a bucket or of somebody’s hours. The last bucket stands for all time after it.
 * @param due of the job, where the step is its last: lateness begins there; null for another step
 */
export function endsOf(
  shop: Shop,
  step: ShopStep,
  due: number | null,
  length: number,
  count: number,
): Ends {
  const buckets: number[][] = Array.from({ length: count }, () => []);
  const add = (low: number, high: number) => {
    for (let bucket = Math.max(0, Math.floor(low / length)); bucket < count; bucket++) {
      if (bucket * length > high) break;
      const from = Math.max(low, bucket * length);
      const to = Math.min(high, (bucket + 1) * length);
      if (from > to) continue;
      const aligned = bucket * length + (step.minutes % length);
      for (const moment of [from, to, aligned, due ?? from])
        if (moment >= from && moment <= to) buckets[bucket]?.push(moment);
    }
  };
  if (step.at !== null) add(step.at + step.minutes, step.at + step.minutes);
  else if (step.hands.length === 0) add(step.minutes, count * length);
  else
    for (const person of step.hands)
      for (const { from, to } of shop.people[person]?.stretches ?? [])
        if (to - from >= step.minutes) add(from + step.minutes, to);
  // All that ends later ends here, and costs nothing.
  buckets[count - 1]?.push((count - 1) * length + step.minutes);
  const own = buckets.map((moments) => [...new Set(moments)]);
  const first = new Int32Array(count + 1);
  for (const [bucket, moments] of own.entries())
    first[bucket + 1] = (first[bucket] ?? 0) + moments.length;
  return { moments: Float64Array.from(own.flat()), first };
}
