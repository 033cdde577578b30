import type { ScentReading } from './load';
import type { ScentLimits } from './limits';

/** Most scent a mix may have: what the family is usually given, or what its constituents allow where that is less, %. */
export function mostLoadPct({
  usualHighPct,
  limit,
}: Pick<ScentReading, 'usualHighPct'> & Pick<ScentLimits, 'limit'>): number {
  return Math.min(usualHighPct, limit?.loadPct ?? Infinity);
}

/**
 * By what factor this very blend may grow (or must shrink) so that its load comes to the most that its limit and
 * the family's usual range allow, everything else staying as it is; null without scent or without any bound.
 * With m grams of scent in a whole of T, the factor f solves f m / (T - m + f m) = load.
 * @param totalG of the whole mix, over 0
 */
export function fillUpFactor(scent: ScentReading & ScentLimits, totalG: number): number | null {
  const mostPct = mostLoadPct(scent);
  if (!(scent.scentG > 0 && mostPct < 100)) return null;
  const load = mostPct / 100;
  return (load * (totalG - scent.scentG)) / ((1 - load) * scent.scentG);
}
