import type { GasLossReading } from './types';

/** So many readings a jump must stay on both sides. */
const STAYS = 4;
const MOST = 6;
/** A hand that is taken off again leaves the scale within this share of where it was. */
const SAME_AGAIN = 0.25;

/**
 * Readings as they would be had nobody bumped the scale: where the whole got heavier at one blow and stayed so, all that
 * comes after is taken down by the jump, and up again when it goes away as it came. What is shorter is left to the fit.
 */
export function withoutBumps(
  readings: readonly GasLossReading[],
  stepG: number,
  expectedG: number,
): { readonly readings: readonly GasLossReading[]; readonly bumpedAtS: readonly number[] } {
  const leastG = Math.max(4 * stepG, 0.1 * expectedG);
  const bumpedAtS: number[] = [];
  let result = readings;
  let openG = 0;
  for (let i = STAYS; i + STAYS <= readings.length && bumpedAtS.length < MOST; i++) {
    const jumpG = jumpAt(result, i, leastG);
    const isBack = openG > 0 && Math.abs(jumpG + openG) < SAME_AGAIN * openG;
    if (!(jumpG > 0 || isBack)) continue;
    bumpedAtS.push(result[i]?.seconds ?? 0);
    openG = isBack ? 0 : jumpG;
    result = result.map((reading, k) =>
      k >= i ? { ...reading, massG: reading.massG - jumpG } : reading,
    );
  }
  return { readings: result, bumpedAtS };
}

/** Grams that the whole jumps by from one reading to the next, and stays; 0 for none. */
function jumpAt(readings: readonly GasLossReading[], i: number, leastG: number): number {
  const step = (readings[i]?.massG ?? 0) - (readings[i - 1]?.massG ?? 0);
  if (Math.abs(step) < leastG / 2) return 0;
  const [before, after] = [readings.slice(i - STAYS, i), readings.slice(i, i + STAYS)];
  const was = medianG(before);
  // Four readings lie between the middles of both: what the fizz takes meanwhile is no jump.
  const fizzG = (STAYS * (trendG(before) + trendG(after))) / 2;
  const soon = medianG(after) - was - fizzG;
  const later = medianG(readings.slice(i, i + 3 * STAYS)) - was;
  const stays = Math.sign(soon) === Math.sign(later) && Math.abs(later) > Math.abs(soon) / 2;
  return Math.abs(soon) >= leastG && stays ? soon : 0;
}

/** Grams from one reading to the next. */
function trendG(readings: readonly GasLossReading[]): number {
  return ((readings.at(-1)?.massG ?? 0) - (readings[0]?.massG ?? 0)) / (readings.length - 1);
}

function medianG(readings: readonly GasLossReading[]): number {
  const sorted = readings.map(({ massG }) => massG).sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1
    ? (sorted[middle] ?? 0)
    : ((sorted[middle - 1] ?? 0) + (sorted[middle] ?? 0)) / 2;
}
