import { checkHumidity } from './humidity';

const MOLAR_WATER_OVER_GAS_CONSTANT_G_K_J = 2.16679;

/**
 * Saturation vapor pressure over water: 6.1094 exp(17.625 T / (T + 243.04)) hPa.
 * Within 0.4 % from -40 to 50 °C. Source: Alduchov and Eskridge 1996, J. Appl. Meteorology 35.
 * @param tempC -40 to 60
 * @returns hPa
 * @throws RangeError outside this range
 */
export function saturationVaporPressureHPa(tempC: number): number {
  if (!(tempC >= -40 && tempC <= 60)) throw new RangeError(`tempC must be -40 to 60, got ${tempC}`);
  return 6.1094 * Math.exp((17.625 * tempC) / (tempC + 243.04));
}

/**
 * Dew point of air: the same formula, turned round.
 * @param humidityPct relative humidity, over 0 to 100
 * @returns °C
 */
export function dewPointC(tempC: number, humidityPct: number): number {
  if (!(humidityPct > 0 && humidityPct <= 100))
    throw new RangeError(`humidityPct must be over 0 to 100, got ${humidityPct}`);
  const log = Math.log((saturationVaporPressureHPa(tempC) * humidityPct) / 100 / 6.1094);
  return (243.04 * log) / (17.625 - log);
}

/** Grams of water in a cubic meter of air: 2.16679 e / T, ideal vapor. @param humidityPct 0 to 100 */
export function absoluteHumidityGM3(tempC: number, humidityPct: number): number {
  checkHumidity(humidityPct);
  const vaporPa = saturationVaporPressureHPa(tempC) * humidityPct;
  return (MOLAR_WATER_OVER_GAS_CONSTANT_G_K_J * vaporPa) / (tempC + 273.15);
}
