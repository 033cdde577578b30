import { isBelowHonestMinimum } from './rounding';

/** A scale as the plan needs it. */
export interface BenchScale {
  readonly name: string;
  /** What its last digit counts, grams. */
  readonly stepG: number;
  readonly capacityG: number;
  /** Least it weighs honestly; null for ten steps. */
  readonly minimumG: number | null;
}

/**
 * The finest scale that can carry so much; the one that carries most when none can.
 * @param scales at least one
 * @throws RangeError without a scale
 */
export function scaleFor(massG: number, scales: readonly BenchScale[]): BenchScale {
  const [first, ...rest] = scales;
  if (!first) throw new RangeError('scales must hold at least one scale');
  return rest.reduce((best, scale) => {
    const carries = scale.capacityG >= massG;
    if (!(best.capacityG >= massG)) return scale.capacityG > best.capacityG ? scale : best;
    return carries && scale.stepG < best.stepG ? scale : best;
  }, first);
}

/** Is this too little for this scale to weigh honestly? @param massG 0 or more */
export function isTooLittleFor(massG: number, scale: BenchScale): boolean {
  return scale.minimumG === null
    ? isBelowHonestMinimum(massG, scale.stepG)
    : massG < scale.minimumG;
}
