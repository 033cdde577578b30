/** Molar gas constant, J/(mol K). Source: SI 2019, exact. */
const GAS_CONSTANT_J_MOL_K = 8.31446261815324;
/** Standard atmosphere, Pa, exact. */
const STANDARD_ATMOSPHERE_PA = 101325;

/**
 * Volume of carbon dioxide at one atmosphere, ideal gas: V = n R T / p.
 * The real gas is about 0.5% smaller at room temperature.
 * @param amountMol moles of gas, 0 or more
 * @param tempC temperature of the water it leaves, -20 to 100
 * @returns liters
 * @throws RangeError outside these ranges
 * @example gasVolumeL(1, 0) // 22.414
 */
export function gasVolumeL(amountMol: number, tempC: number): number {
  if (!(amountMol >= 0)) throw new RangeError(`amountMol must be 0 or more, got ${amountMol}`);
  if (!(tempC >= -20 && tempC <= 100))
    throw new RangeError(`tempC must be -20 to 100, got ${tempC}`);
  const volumeM3 = (amountMol * GAS_CONSTANT_J_MOL_K * (tempC + 273.15)) / STANDARD_ATMOSPHERE_PA;
  return volumeM3 * 1000;
}
