import type { Spread } from '@/core/basics/units/spread';
import { goneShare } from './fitCurve';

/** A whole piece wears as a ball does. */
const BALL = 3;
const POINTS = 60;
/** The picture goes on a little past the slowest. */
const PAST = 1.1;

/**
 * Grams of gas gone over time that a jug should show, with its band.
 * @param lossG what a fresh sample loses @param goneS when it is gone @param share of its fizz that is still in it, 0 to 1
 */
export function gasLossForecast(
  lossG: Spread,
  goneS: Spread,
  share: number,
): ReadonlyArray<{ readonly at: number } & Spread> {
  const lastS = goneS.high * PAST;
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const at = (i * lastS) / POINTS;
    return {
      at,
      low: lossG.low * share * goneShare(at, goneS.high, BALL),
      best: lossG.best * share * goneShare(at, goneS.best, BALL),
      high: lossG.high * goneShare(at, goneS.low, BALL),
    };
  });
}
