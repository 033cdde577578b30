/** Debye-Hückel slope of water at 25°C, (L/mol)^0.5. Source: Davies 1962, not looked up. */
const SLOPE = 0.509;
/** The Davies equation holds to about here, mol/L; denser solutions are taken as this dense. */
export const DAVIES_HOLDS_TO_MOL_L = 0.5;

/**
 * Activity coefficient of an ion by the Davies equation:
 * log10 gamma = -A z^2 (sqrt(I) / (1 + sqrt(I)) - 0.3 I).
 * Within about 0.02 of measured log gamma to 0.1 mol/L; held constant beyond 0.5.
 * @param charge of the ion, whole
 * @param ionicStrengthMolL 0 or more
 */
export function log10Activity(charge: number, ionicStrengthMolL: number): number {
  const strength = Math.min(ionicStrengthMolL, DAVIES_HOLDS_TO_MOL_L);
  const root = Math.sqrt(strength);
  return -SLOPE * charge * charge * (root / (1 + root) - 0.3 * strength);
}
