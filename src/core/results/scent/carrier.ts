/** Polysorbate 80 at 0.1 to 0.35 of oils and scent is usual; about as much again truly carries them. Common practice. */
export const EMULSIFIER_TO_OIL = { least: 0.1, usualTo: 0.35 } as const;
/** So little oil leaves no ring, % of the mix. Rovack estimate. */
export const OIL_WORTH_CARRYING_PCT = 0.5;
