/**
 * Exact masses in grams. Source: NIST Handbook 44, appendix C (avoirdupois units, exact since 1959).
 */
export const GRAMS_PER_OUNCE = 28.349523125;
export const GRAMS_PER_POUND = 453.59237;
export const GRAMS_PER_KILOGRAM = 1000;
