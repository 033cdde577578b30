import { standing, type Batch } from '../records';

/** A break at the press is no press. */
const LONGEST_PIECE_MIN = 10;
const LEAST_RECORDS = 5;

/** Minutes a piece at the press, the middle of all that own batches show; null until there are a few. */
export function pressMinutesEach(batches: readonly Batch[]): number | null {
  const gaps = batches.flatMap((batch) => {
    const filled = standing(batch, 'filled').map(({ at }) => Date.parse(at) / 60_000);
    return filled.slice(1).map((at, i) => at - (filled[i] ?? at));
  });
  const real = gaps.filter((gap) => gap > 0 && gap <= LONGEST_PIECE_MIN).sort((a, b) => a - b);
  return real.length < LEAST_RECORDS ? null : (real[Math.floor(real.length / 2)] ?? null);
}
