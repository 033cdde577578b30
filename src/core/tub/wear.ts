import { bracketedRoot } from '@/core/basics/numeric/bracketedRoot';
import type { Lasting } from '@/core/results/evaluation/types';
import { leftFraction } from '@/core/results/fizz/erosion';
import {
  GRAIN_SPEED_FACTOR,
  USUAL_GRAINS,
  grainDiametersMm,
  grainsLeftFraction,
  lastGrainS,
} from '@/core/results/fizz/grains';
import { SHOWER_S } from '@/core/results/fizz/showers';
import { WETTING_S, wornS } from '@/core/results/fizz/wetting';

/** How one piece wears, by the model of its kind: plain data. */
export type Wear =
  | {
      /** A body in water. */
      readonly kind: 'dropped';
      readonly inradiusMm: number;
      readonly speedMmS: number;
    }
  | {
      /** Loose grains in water. */
      readonly kind: 'scattered';
      readonly speedMmS: number;
    }
  | {
      /** A tablet under the shower. */
      readonly kind: 'showered';
      /** Seconds of running water until it is gone. */
      readonly lastsS: number;
    };

export function wearOf(lasting: Lasting): Wear {
  switch (lasting.kind) {
    case 'dropped':
      return { kind: 'dropped', inradiusMm: lasting.inradiusMm, speedMmS: lasting.speedMmS.best };
    case 'scattered':
      return { kind: 'scattered', speedMmS: lasting.speedMmS.best };
    case 'showered':
      return { kind: 'showered', lastsS: lasting.showers.best * SHOWER_S };
  }
}

const GRAINS_MM = grainDiametersMm(USUAL_GRAINS);

/** Share of the mass that is left after so many seconds in the water, 1 to 0: as the fizz curve has it. */
export function leftAt(wear: Wear, seconds: number): number {
  const t = Math.max(0, seconds);
  switch (wear.kind) {
    case 'dropped':
      return leftFraction(wear.inradiusMm, wear.speedMmS, wornS(t));
    case 'scattered':
      return grainsLeftFraction(GRAINS_MM, wear.speedMmS, wornS(t));
    case 'showered':
      return leftFraction(1, 1 / wear.lastsS, t);
  }
}

/** Radius of one loose grain that is left, mm, 0 when it is gone. @param radiusMm as it was strewn */
export function grainLeftMm(
  { speedMmS }: Extract<Wear, { kind: 'scattered' }>,
  radiusMm: number,
  seconds: number,
): number {
  return Math.max(0, radiusMm - GRAIN_SPEED_FACTOR * speedMmS * wornS(seconds));
}

/** Seconds until all is gone. */
export function goneS(wear: Wear): number {
  switch (wear.kind) {
    case 'dropped':
      return inWaterS(wear.inradiusMm / wear.speedMmS);
    case 'scattered':
      return inWaterS(lastGrainS(GRAINS_MM, wear.speedMmS));
    case 'showered':
      return wear.lastsS;
  }
}

/** Seconds until no more than this share is left. @param share 0 to 1, but not 1 */
export function leftOnceS(wear: Wear, share: number): number {
  const end = goneS(wear);
  if (share <= 0) return end;
  return bracketedRoot((seconds) => leftAt(wear, seconds) - share, 0, end, 1e-6).x;
}

/** Seconds in the water that so many of full wear take: the time it takes to wet comes before. */
function inWaterS(worn: number): number {
  return bracketedRoot((seconds) => wornS(seconds) - worn, worn, worn + WETTING_S, 1e-9).x;
}
