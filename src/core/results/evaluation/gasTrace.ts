import { entryAt } from '@/core/basics/entryAt';
import { USUAL_GRAINS, grainDiametersMm, grainsLeftFraction, lastGrainS } from '../fizz/grains';
import { WETTING_S, wornS } from '../fizz/wetting';
import { leftFraction } from '../fizz/erosion';
import type { Spread } from '@/core/basics/units/spread';
import type { Evaluation, Lasting } from './types';

/** Gas that leaves one piece, mL each second, at a time after it touches the water. */
export interface GasPoint {
  readonly seconds: number;
  readonly mlPerS: Spread;
}

const POINTS = 90;

/**
 * Forecast flow of gas over time with its band; empty for a steamer and where nothing fizzes. Each point is the mean of
 * its stretch of time, so that the area under each curve is all of the gas.
 * Flow follows the mass that is lost, wetting delays it and loses none. Rovack estimate (eroding body).
 * @param pieceG grams of the piece that goes in, over 0
 * @param share of its fizz that is still in it, 0 to 1
 */
export function gasTrace(
  evaluation: Evaluation,
  pieceG: number,
  share = Math.min(1, evaluation.kept?.estimate ?? 1),
): readonly GasPoint[] {
  const { lasting, fizz, totalG } = evaluation;
  if (!lasting || lasting.kind === 'showered' || !(totalG > 0 && fizz.co2L > 0)) return [];
  const gasMl = 1000 * fizz.co2L * Math.min(1, pieceG / totalG) * share;
  const { left, endS } = wearOf(lasting);
  const stepS = endS / POINTS;
  /** Where each point's stretch of time begins, and where the last one ends. */
  const edgesS = Array.from({ length: POINTS + 2 }, (_, i) =>
    Math.min(endS, Math.max(0, (i - 0.5) * stepS)),
  );
  const wornsS = edgesS.map(wornS);
  const { low, best, high } = lasting.speedMmS;
  const leftAt = (speed: number) => wornsS.map((seconds) => gasMl * left(speed, seconds));
  const [slow, usual, quick] = [leftAt(low), leftAt(best), leftAt(high)];
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const inS = at(edgesS, i + 1) - at(edgesS, i);
    const flow = (leftMl: readonly number[]) => (at(leftMl, i) - at(leftMl, i + 1)) / inS;
    const [a, b, c] = [flow(slow), flow(usual), flow(quick)];
    return {
      seconds: i * stepS,
      mlPerS: { low: Math.min(a, b, c), best: b, high: Math.max(a, b, c) },
    };
  });
}

const at = (list: readonly number[], i: number) => entryAt(list, i);

/** Share that is still there by speed and seconds of full wear, and when the slowest piece has gone. */
function wearOf(lasting: Exclude<Lasting, { kind: 'showered' }>): {
  readonly left: (speedMmS: number, seconds: number) => number;
  readonly endS: number;
} {
  if (lasting.kind === 'dropped') {
    const { inradiusMm, goneS } = lasting;
    return {
      left: (speedMmS, seconds) => leftFraction(inradiusMm, speedMmS, seconds),
      endS: goneS.high + WETTING_S,
    };
  }
  const diameters = grainDiametersMm(USUAL_GRAINS);
  return {
    left: (speedMmS, seconds) => grainsLeftFraction(diameters, speedMmS, seconds),
    endS: lastGrainS(diameters, lasting.speedMmS.low) + WETTING_S,
  };
}
