import type { Spread } from '@/core/basics/units/spread';

/** What slows a piece down or speeds it up. */
export interface FizzFactors {
  /** Of the water, 0 to 100°C. */
  readonly waterTempC: number;
  /** Of the finished piece, g/mL, over 0. */
  readonly packedDensityGMl: number;
  /** Share of the mass that neither fizzes nor is oil (starch, clay, salt), 0 to 1. */
  readonly fillerFraction: number;
  /** Share of the mass that is oil, butter or scent, 0 to 1. */
  readonly oilFraction: number;
  /** Base over acid by equivalents, over 0; 1 is balance. */
  readonly baseToAcid: number;
}

const GAS_CONSTANT_J_MOL_K = 8.31446261815324;
/** A plain pressed 70 mm sphere of two to one at 38°C is gone in about 3 minutes, 2 to 5 seen. Common practice. */
const REFERENCE_MM_S: Spread = { low: 35 / 300, best: 35 / 180, high: 35 / 120 };
const REFERENCE: FizzFactors = {
  waterTempC: 38,
  packedDensityGMl: 1.1,
  fillerFraction: 0.08,
  oilFraction: 0.05,
  baseToAcid: 2 / 1.312,
};
/** Rovack estimates until tub tests speak. */
const ACTIVATION_J_MOL = 30_000;
const DENSITY_POWER = 1.5;
export const FILLER_SLOPE = 2;
export const OIL_SLOPE = 6;
const BALANCE_SLOPE = 0.5;

/**
 * Speed at which the surface recedes, mm/s, with the spread seen between makers.
 * v = v_ref x temperature (Arrhenius) x density x filler x oil x closeness to balance, each 1 at the reference.
 * Rovack estimate (eroding body); start values from common practice.
 * @throws RangeError for a factor outside its range
 */
export function recessionMmS(factors: FizzFactors): Spread {
  checkFactors(factors);
  const factor = factorOf(factors) / factorOf(REFERENCE);
  return {
    low: REFERENCE_MM_S.low * factor,
    best: REFERENCE_MM_S.best * factor,
    high: REFERENCE_MM_S.high * factor,
  };
}

/** Logarithm of the speed over that of the plain reference piece. @throws as {@link recessionMmS} */
export function recessionLog(factors: FizzFactors): number {
  checkFactors(factors);
  return Math.log(factorOf(factors) / factorOf(REFERENCE));
}

/**
 * Share of the piece that is still there after a time: (1 - v t / r)^3, by its inradius.
 * @param inradiusMm over 0
 */
export function leftFraction(inradiusMm: number, speedMmS: number, seconds: number): number {
  if (!(inradiusMm > 0)) throw new RangeError(`inradiusMm must be over 0, got ${inradiusMm}`);
  return Math.max(0, 1 - (speedMmS * Math.max(0, seconds)) / inradiusMm) ** 3;
}

/** Seconds until it is gone, best and spread. */
export function goneAfterS(inradiusMm: number, speedMmS: Spread): Spread {
  return {
    low: inradiusMm / speedMmS.high,
    best: inradiusMm / speedMmS.best,
    high: inradiusMm / speedMmS.low,
  };
}

function factorOf(factors: FizzFactors): number {
  const temperature = Math.exp(
    -ACTIVATION_J_MOL / GAS_CONSTANT_J_MOL_K / (factors.waterTempC + 273.15),
  );
  return (
    temperature *
    factors.packedDensityGMl ** -DENSITY_POWER *
    Math.exp(-FILLER_SLOPE * factors.fillerFraction - OIL_SLOPE * factors.oilFraction) *
    Math.exp(-BALANCE_SLOPE * Math.abs(Math.log(factors.baseToAcid)))
  );
}

function checkFactors(factors: FizzFactors): void {
  const { waterTempC, packedDensityGMl, fillerFraction, oilFraction, baseToAcid } = factors;
  if (!(waterTempC >= 0 && waterTempC <= 100))
    throw new RangeError(`waterTempC must be 0 to 100, got ${waterTempC}`);
  if (!(packedDensityGMl > 0))
    throw new RangeError(`packedDensityGMl must be over 0, got ${packedDensityGMl}`);
  checkShare('fillerFraction', fillerFraction);
  checkShare('oilFraction', oilFraction);
  if (!(baseToAcid > 0)) throw new RangeError(`baseToAcid must be over 0, got ${baseToAcid}`);
}

function checkShare(name: string, share: number): void {
  if (!(share >= 0 && share <= 1)) throw new RangeError(`${name} must be 0 to 1, got ${share}`);
}
