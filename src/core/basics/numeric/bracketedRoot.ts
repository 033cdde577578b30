export interface Root {
  readonly status: 'converged' | 'maxIterations';
  readonly x: number;
  readonly iterations: number;
}

const MAX_STEPS = 200;

/**
 * A zero of a continuous function between two places of opposite sign: regula falsi with the Illinois
 * halving, and a bisection whenever three steps have not halved the bracket, so that it cannot stall.
 * Source: Dowell and Jarratt 1971, BIT 11, not looked up; the safeguard is ours.
 * @param tolerance width of the bracket at which it stops, over 0
 * @throws RangeError when the signs at the ends are the same or the tolerance is not over 0
 */
export function bracketedRoot(
  f: (x: number) => number,
  low: number,
  high: number,
  tolerance: number,
): Root {
  if (!(tolerance > 0)) throw new RangeError(`tolerance must be over 0, got ${tolerance}`);
  let [a, b] = [low, high];
  let [fa, fb] = [f(a), f(b)];
  if (fa === 0) return { status: 'converged', x: a, iterations: 0 };
  if (fb === 0) return { status: 'converged', x: b, iterations: 0 };
  if (Math.sign(fa) === Math.sign(fb) || Number.isNaN(fa + fb))
    throw new RangeError(`f must change sign between ${low} and ${high}`);
  let widthBefore = Math.abs(b - a);
  for (let step = 1; step <= MAX_STEPS; step++) {
    const isStalled = step % 3 === 0 && Math.abs(b - a) > widthBefore / 2;
    if (step % 3 === 0) widthBefore = Math.abs(b - a);
    const guess = isStalled ? (a + b) / 2 : (a * fb - b * fa) / (fb - fa);
    const x = guess > Math.min(a, b) && guess < Math.max(a, b) ? guess : (a + b) / 2;
    const fx = f(x);
    if (fx === 0 || Math.abs(b - a) <= tolerance)
      return { status: 'converged', x, iterations: step };
    if (Math.sign(fx) !== Math.sign(fb)) {
      [a, fa] = [b, fb];
    } else {
      fa /= 2;
    }
    [b, fb] = [x, fx];
  }
  return { status: 'maxIterations', x: (a + b) / 2, iterations: MAX_STEPS };
}
