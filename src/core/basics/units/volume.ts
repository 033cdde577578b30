/**
 * Exact volumes in milliliters. Source: NIST Handbook 44, appendix C
 * (US gallon = 231 cubic inches, 1 in = 2.54 cm; a US cup is a sixteenth of a gallon).
 */
export const ML_PER_US_CUP = 236.5882365;
export const ML_PER_US_TABLESPOON = ML_PER_US_CUP / 16;
export const ML_PER_US_TEASPOON = ML_PER_US_CUP / 48;
export const ML_PER_US_FLUID_OUNCE = ML_PER_US_CUP / 8;
export const ML_PER_US_GALLON = ML_PER_US_CUP * 16;

/** The metric cup of 250 mL, common practice. */
export const ML_PER_METRIC_CUP = 250;
