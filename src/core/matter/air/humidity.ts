/** Refuses a relative humidity that cannot be. @throws RangeError when it is not 0 to 100% */
export function checkHumidity(humidityPct: number): void {
  if (!(humidityPct >= 0 && humidityPct <= 100))
    throw new RangeError(`humidityPct must be 0 to 100, got ${humidityPct}`);
}
