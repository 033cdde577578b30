import { USUAL_GRAINS, flowPerS, grainDiametersMm, grainsLeftFraction } from '../fizz';
import type { Spread } from '../units';
import type { Evaluation, Lasting } from './types';

/** Gas that leaves one piece, mL each second, at a time after it touches the water. */
export interface GasPoint {
  readonly seconds: number;
  readonly mlPerS: Spread;
}

const POINTS = 90;
/** Water has to wet the surface first, seconds. Start value of ours. */
const WETTING_S = 4;

/**
 * Forecast flow of gas over time with its band; empty for a steamer and where nothing fizzes.
 * Flow follows the mass that is lost, all of the gas set free. Model of ours (eroding body).
 * @param pieceG grams of the piece that goes in, over 0
 */
export function gasTrace(evaluation: Evaluation, pieceG: number): readonly GasPoint[] {
  const { lasting, fizz, totalG } = evaluation;
  if (!lasting || lasting.kind === 'showered' || !(totalG > 0 && fizz.co2L > 0)) return [];
  const gasMl = 1000 * fizz.co2L * Math.min(1, pieceG / totalG);
  const share = flowOf(lasting);
  const endS = lasting.goneS.high * 1.02;
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const seconds = (endS * i) / POINTS;
    const flows = [lasting.speedMmS.low, lasting.speedMmS.best, lasting.speedMmS.high].map(
      (speed) => gasMl * share(speed, seconds) * Math.min(1, seconds / WETTING_S),
    );
    const best = flows[1] ?? 0;
    return { seconds, mlPerS: { low: Math.min(...flows), best, high: Math.max(...flows) } };
  });
}

/** Share of the gas set free each second, by speed and time. */
function flowOf(
  lasting: Exclude<Lasting, { kind: 'showered' }>,
): (speedMmS: number, seconds: number) => number {
  if (lasting.kind === 'dropped')
    return (speedMmS, seconds) => flowPerS(lasting.inradiusMm, speedMmS, seconds);
  const diameters = grainDiametersMm(USUAL_GRAINS);
  const stepS = lasting.goneS.best / 500;
  return (speedMmS, seconds) =>
    (grainsLeftFraction(diameters, speedMmS, seconds) -
      grainsLeftFraction(diameters, speedMmS, seconds + stepS)) /
    stepS;
}
