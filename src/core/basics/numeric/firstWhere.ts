const STEPS = 44;

/**
 * The least x in a range at which a statement that stays true once it is true holds, by bisection.
 * @returns x, at most (high - low) / 2^44 above the true place; undefined when it does not hold even at `high`
 * @example firstWhere((x) => x * x >= 2, 0, 2) // 1.41421356…
 */
export function firstWhere(
  holds: (x: number) => boolean,
  low: number,
  high: number,
): number | undefined {
  if (!(low <= high)) throw new RangeError(`low must be at most high, got ${low} and ${high}`);
  if (!holds(high)) return undefined;
  let [under, over] = [low, high];
  for (let i = 0; i < STEPS; i++) {
    const middle = (under + over) / 2;
    if (holds(middle)) over = middle;
    else under = middle;
  }
  return over;
}
