import { formatMass } from '@/core/basics/format/quantities';
/** A marked piece that is so far from its last weight is another piece, or several. Rovack estimate. */
const MOST_OFF_FRACTION = 0.15;
/** Nothing that holds together is wetter. Rovack estimate. */
const MOST_MOISTURE_PCT = 30;

/**
 * What is wrong with a weight typed for the marked piece.
 * @param massG null for what is no number @param lastG its last weight, or what was planned, over 0
 * @returns a sentence; null when it may be written
 */
export function weighInProblem(massG: number | null, lastG: number): string | null {
  if (massG === null || !(massG > 0)) return 'Type what the marked piece weighs.';
  return Math.abs(massG / lastG - 1) > MOST_OFF_FRACTION
    ? `You typed ${formatMass(massG, 1)}, and it weighed ${formatMass(lastG, 1)} before. Weigh the marked piece alone.`
    : null;
}

/** The same for a moisture meter. */
export function moistureProblem(moisturePct: number | null): string | null {
  return moisturePct !== null && moisturePct >= 0 && moisturePct <= MOST_MOISTURE_PCT
    ? null
    : `Type a meter reading from 0 to ${MOST_MOISTURE_PCT}%.`;
}
