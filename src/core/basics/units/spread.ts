/** A best value with the lowest and highest that are honestly possible. `low <= best <= high`. */
export interface Spread {
  readonly low: number;
  readonly best: number;
  readonly high: number;
}

/** A spread without doubt, for an amount that was weighed. */
export function exactly(value: number): Spread {
  return { low: value, best: value, high: value };
}

/** Sum of two spreads, end to end (the cautious sum: both may err the same way). */
export function addSpreads(a: Spread, b: Spread): Spread {
  return { low: a.low + b.low, best: a.best + b.best, high: a.high + b.high };
}

/** Product of a spread with a spread of positive factors, end to end. */
export function multiplySpreads(a: Spread, b: Spread): Spread {
  return { low: a.low * b.low, best: a.best * b.best, high: a.high * b.high };
}
