import { leftAt, goneS, type Wear } from './wear';

/** What decides whether a piece floats. */
export interface Buoyancy {
  /** Of the piece as it is packed, g/mL. */
  readonly densityGMl: number;
  /** It floats under this, g/mL. */
  readonly floatsUnderGMl: number;
  /** Half its thickness when whole, mm. */
  readonly inradiusMm: number;
}

/** Gas clings to a fizzing piece as a film so thick, mm, that comes in its first seconds. Rovack estimates. */
const GAS_FILM_MM = 0.5;
const FILM_GROWS_S = 4;
const STEPS = 2000;

/** Density with the gas that clings to it, g/mL. @param leftFraction over 0 to 1 */
export function densityWithGas(
  { densityGMl, inradiusMm }: Buoyancy,
  leftFraction: number,
  seconds: number,
): number {
  const filmMm = GAS_FILM_MM * (1 - Math.exp(-seconds / FILM_GROWS_S));
  return densityGMl / (1 + (3 * filmMm) / (inradiusMm * Math.cbrt(leftFraction)));
}

/** From when on a piece floats, s: the smaller it gets, the more its film of gas lifts it. Null when it is gone before. */
export function afloatFromS(buoyancy: Buoyancy, wear: Wear): number | null {
  const end = goneS(wear);
  for (let i = 0; i < STEPS; i++) {
    const seconds = (end * i) / STEPS;
    const density = densityWithGas(buoyancy, leftAt(wear, seconds), seconds);
    if (density < buoyancy.floatsUnderGMl) return seconds;
  }
  return null;
}
