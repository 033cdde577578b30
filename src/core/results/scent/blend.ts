import type { Portion } from '@/core/matter/materials/portion';
import type { SmallMeasures } from '@/core/formula/reading/massOfMeasures';

/** How a blend is written down. */
export const BLEND_UNITS = ['g', 'drops', 'parts'] as const;
export type BlendUnit = (typeof BLEND_UNITS)[number];

/**
 * An entry's amount in a unit: drops by this maker's dropper and the oil's density; parts of the least entry.
 * @param blend every entry of the blend, for the parts
 */
export function blendAmount(
  { material, massG }: Portion,
  unit: BlendUnit,
  blend: readonly Portion[],
  small: SmallMeasures,
): number {
  switch (unit) {
    case 'g':
      return massG;
    case 'drops':
      return (massG / material.trueDensityGMl.value) * small.oilDropsPerMl.best;
    case 'parts':
      return massG / partG(blend);
  }
}

/** The same, turned round: grams of so many drops or parts. @param amount 0 or more */
export function blendMassG(
  material: Portion['material'],
  amount: number,
  unit: BlendUnit,
  blend: readonly Portion[],
  small: SmallMeasures,
): number {
  if (!(amount >= 0)) throw new RangeError(`amount must be 0 or more, got ${amount}`);
  switch (unit) {
    case 'g':
      return amount;
    case 'drops':
      return (amount / small.oilDropsPerMl.best) * material.trueDensityGMl.value;
    case 'parts':
      return amount * partG(blend);
  }
}

/** One part weighs what the least of the blend weighs; a gram while nothing does. */
function partG(blend: readonly Portion[]): number {
  const masses = blend.map(({ massG }) => massG).filter((massG) => massG > 0);
  return masses.length > 0 ? Math.min(...masses) : 1;
}

/** What a menthol solution is made of. */
export interface MentholSolution {
  readonly mentholG: number;
  readonly alcoholG: number;
}

/** The strongest that stays clear at room temperature: one part in two. Common practice. */
export const MOST_MENTHOL_PCT = 33;

/**
 * Crystals and high-proof alcohol for so much solution of a strength. Common practice: 1 part in 2 to 4.
 * @param strengthPct menthol of the whole by mass, over 0 to 33
 * @param massG of the solution, over 0
 */
export function mentholSolution(strengthPct: number, massG: number): MentholSolution {
  if (!(strengthPct > 0 && strengthPct <= MOST_MENTHOL_PCT))
    throw new RangeError(`strengthPct must be over 0 to ${MOST_MENTHOL_PCT}, got ${strengthPct}`);
  if (!(massG > 0)) throw new RangeError(`massG must be over 0, got ${massG}`);
  const mentholG = (massG * strengthPct) / 100;
  return { mentholG, alcoholG: massG - mentholG };
}
