/** A reading of fewer steps than this is off by 5% and more: the scale cannot honestly weigh it. Common practice. */
const HONEST_STEPS = 10;

/**
 * Rounds to what the scale can show, halves up. A weight that is wanted never becomes nothing: it is left as it is.
 * @param massG 0 or more
 * @param stepG over 0
 * @throws RangeError outside these ranges
 * @example roundToStep(18.26, 0.1) // 18.3
 */
export function roundToStep(massG: number, stepG: number): number {
  if (!(massG >= 0)) throw new RangeError(`massG must be 0 or more, got ${massG}`);
  if (!(stepG > 0)) throw new RangeError(`stepG must be over 0, got ${stepG}`);
  // 1e-9 of a step forgives the binary form of halves such as 0.15 / 0.1.
  const steps = Math.floor(massG / stepG + 0.5 + 1e-9);
  if (steps === 0) return massG;
  return Number((steps * stepG).toFixed(decimalsOf(stepG)));
}

/** Is this too little for the scale to weigh honestly? */
export function isBelowHonestMinimum(massG: number, stepG: number): boolean {
  return massG < HONEST_STEPS * stepG;
}

/** Decimals a reading of this scale shows: 1 g none, 0.1 g one, 0.05 g two. */
export function decimalsOf(stepG: number): number {
  const text = stepG.toString();
  const exponent = /e-(\d+)$/.exec(text);
  return exponent ? Number(exponent[1]) : (text.split('.')[1]?.length ?? 0);
}
