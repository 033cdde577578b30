import { solveLines } from '../solveLines';
import type { GasLossReading } from './types';

/** Open warm water loses so much by itself, g a minute. Common practice; Rovack estimates. */
export const OWN_LOSS_G_MIN = { mean: 0.05, sd: 0.04 } as const;
const SECONDS_A_MIN = 60;
/** Nothing is known of what the whole weighs. */
const ANY_G = 1e6;

/**
 * The line that the whole follows once the fizz is over.
 * @param tail at least three readings
 * @param stepG of the scale, over 0
 */
export function fitTail(
  tail: readonly GasLossReading[],
  stepG: number,
): {
  /** What the line comes to at second 0, and its variance. */
  readonly atStartG: number;
  readonly atStartVariance: number;
  readonly ownLossGMin: number;
  /** How far single readings tremble beside the rounding. */
  readonly noiseSdG: number;
} {
  // About a reading of the tail itself, so that large masses cost no digits.
  const aboutG = tail[0]?.massG ?? 0;
  const { mean, variance, noiseVariance } = solveLines(
    tail.map(({ seconds }) => [1, -seconds / SECONDS_A_MIN]),
    tail.map(({ massG }) => massG - aboutG),
    [{ mean: 0, sd: ANY_G }, OWN_LOSS_G_MIN],
    { leastSd: stepG / Math.sqrt(12) },
  );
  return {
    atStartG: aboutG + (mean[0] ?? 0),
    atStartVariance: variance[0] ?? 0,
    ownLossGMin: mean[1] ?? 0,
    noiseSdG: Math.sqrt(Math.max(0, noiseVariance - stepG ** 2 / 12)),
  };
}
