const GAS_CONSTANT_J_MOL_K = 8.31446261815324;
const ZERO_C_IN_K = 273.15;
const REFERENCE_K = 298.15;

/**
 * Both constants of carbonic acid over temperature.
 * Source: Plummer and Busenberg 1982, Geochim. Cosmochim. Acta 46, table 3, 0 to 90°C, not looked up.
 */
export function carbonicPks(tempC: number): readonly [number, number] {
  const k = tempC + ZERO_C_IN_K;
  const log = Math.log10(k);
  return [
    356.3094 + 0.06091964 * k - 21834.37 / k - 126.8339 * log + 1684915 / (k * k),
    107.8871 + 0.03252849 * k - 5151.79 / k - 38.92561 * log + 563713.9 / (k * k),
  ];
}

/** pK of water at 25°C and its enthalpy. Source: CRC Handbook / NIST, not looked up. */
const WATER_PK = 13.995;
const WATER_ENTHALPY_KJ_MOL = 55.815;

/** Henry constant of CO2 at 25°C, mol/(L atm), and the slope of its logarithm over 1/T, K. Source: NIST (Sander), not looked up. */
const HENRY_CO2 = 0.0334;
const HENRY_CO2_SLOPE_K = 2400;

/** A pK moved from 25°C by van 't Hoff with a constant enthalpy; good to about 0.03 from 5 to 60°C. */
export function pKAt(pK25: number, enthalpyKJMol: number, tempC: number): number {
  const inverseK = 1 / (tempC + ZERO_C_IN_K) - 1 / REFERENCE_K;
  return pK25 + (enthalpyKJMol * 1000 * inverseK) / (GAS_CONSTANT_J_MOL_K * Math.LN10);
}

/** pK of water at a temperature, °C. */
export function waterPk(tempC: number): number {
  return pKAt(WATER_PK, WATER_ENTHALPY_KJ_MOL, tempC);
}

/** Dissolved CO2 against one atmosphere of it, mol/L. */
export function henryCo2MolLAtm(tempC: number): number {
  const inverseK = 1 / (tempC + ZERO_C_IN_K) - 1 / REFERENCE_K;
  return HENRY_CO2 * Math.exp(HENRY_CO2_SLOPE_K * inverseK);
}
