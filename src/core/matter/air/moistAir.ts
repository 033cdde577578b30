/**
 * Saturation vapor pressure over water: 6.1094 exp(17.625 T / (T + 243.04)) hPa.
 * Within 0.4% from -40 to 50°C. Source: Alduchov and Eskridge 1996, J. Appl. Meteorology 35.
 * @param tempC -40 to 60
 * @returns hPa
 * @throws RangeError outside this range
 */
export function saturationVaporPressureHPa(tempC: number): number {
  if (!(tempC >= -40 && tempC <= 60)) throw new RangeError(`tempC must be -40 to 60, got ${tempC}`);
  return 6.1094 * Math.exp((17.625 * tempC) / (tempC + 243.04));
}
