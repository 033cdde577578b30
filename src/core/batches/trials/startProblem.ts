import type { TrialStart } from './write';

/** Water of a jug test, °C: cold water keeps the gas, hot water steams more than it fizzes. Common practice; Rovack estimates. */
export const PITCHER_TEMP_C = { low: 20, high: 50 } as const;
/** Hotter water scalds, °C. Common practice. */
const HOTTEST_BATH_C = 50;
/** A trial is of one piece: so many times its grams is not one. Rovack estimate. */
const PIECES_AT_MOST = 2;
const WATER_G_PER_L = 1000;

export type StartProblem =
  | 'no-name'
  | 'more-than-a-piece'
  | 'scalds'
  | 'steams'
  | 'too-cold'
  | 'nothing-fizzes'
  | 'more-than-water';

/**
 * Why a trial should not begin as it is asked for, the first thing first; null when it can.
 * @param of the batch: grams of one piece as it was made, over 0; null for one from elsewhere
 * @param expectedG gas that a jug would lose, 0 or more; null beside the jug
 */
export function startProblem(
  { kind, name, pieceG, water, batchId }: TrialStart,
  of: { readonly pieceG: number } | null,
  expectedG: number | null,
): StartProblem | null {
  if (batchId === null && name === '') return 'no-name';
  if (of && kind !== 'salts' && pieceG > PIECES_AT_MOST * of.pieceG) return 'more-than-a-piece';
  if ((kind === 'tub' || kind === 'salts') && water.tempC > HOTTEST_BATH_C) return 'scalds';
  if (kind !== 'scale') return null;
  if (water.tempC > PITCHER_TEMP_C.high) return 'steams';
  if (water.tempC < PITCHER_TEMP_C.low) return 'too-cold';
  if (!(expectedG !== null && expectedG > 0)) return 'nothing-fizzes';
  return pieceG > water.volumeL * WATER_G_PER_L ? 'more-than-water' : null;
}
