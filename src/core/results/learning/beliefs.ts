import type { Belief } from './regression';

/** What is thought of one coefficient before any record: its value and how far off it may well be. */
export interface PriorTerm {
  readonly mean: number;
  readonly sd: number;
}

/** A start belief is worth about this many records about the scatter. Rovack estimate. */
const SHAPE = 4;

/**
 * A belief from plain words: each coefficient with its standard deviation, and how far single records scatter.
 * Coefficients are independent; precision is (scatter / sd)^2, rate is scatter^2 x (shape - 1).
 */
export function beliefFrom(terms: readonly PriorTerm[], scatterSd: number): Belief {
  return {
    mean: terms.map(({ mean }) => mean),
    precision: terms.map(({ sd }, i) => terms.map((_, j) => (i === j ? (scatterSd / sd) ** 2 : 0))),
    shape: SHAPE,
    rate: scatterSd ** 2 * (SHAPE - 1),
    records: 0,
  };
}
