import type { Family } from '@/core/formula/model/schema';
import type { Spread } from '@/core/basics/units/spread';

/** Fizzing salts for one bath, grams. Common practice: single-bath sachets of 70 to 85 g. */
export const BATH_OF_SALTS_G: Spread = { low: 70, best: 77.5, high: 85 };

/** What of a fill goes into the water at once: of salts a bath's worth, of all else the piece. @param pieceG over 0 */
export function doseG(family: Family, pieceG: number): number {
  return family === 'fizzing-salts' ? Math.min(pieceG, BATH_OF_SALTS_G.best) : pieceG;
}

/** Baths a fill of salts is good for. @param fillG over 0 */
export function bathsOf(fillG: number): Spread {
  return {
    low: fillG / BATH_OF_SALTS_G.high,
    best: fillG / BATH_OF_SALTS_G.best,
    high: fillG / BATH_OF_SALTS_G.low,
  };
}
