/**
 * Abridged standard atomic weights in g/mol.
 * Source: IUPAC, Standard Atomic Weights 2021 (abridged to five digits).
 */
export const ATOMIC_WEIGHTS_G_MOL: Readonly<Record<string, number>> = Object.freeze({
  H: 1.008,
  B: 10.81,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  Na: 22.99,
  Mg: 24.305,
  P: 30.974,
  S: 32.06,
  Cl: 35.45,
  K: 39.098,
  Ca: 40.078,
});
