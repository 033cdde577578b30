import { portionsOf, type MaterialMass, type Portion } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';
import { bowlContents } from '../records/bowl';
import type { Batch } from '../records/schema';
import type { PlannedSet } from '@/core/work/scaling/plan';
import type { Spread } from '@/core/basics/units/spread';

/** Water bound in crystals and powders stays: this share of what could leave does. Rovack estimate, half to all of it. */
const LEAVES = { low: 0.55, best: 0.8, high: 1 } as const;
/** Even a mix of oil alone loses a little. */
const LEAST_FRACTION = 0.0004;

/** Shares of a mix by mass that are water and that are alcohol, 0 to 1 each. */
function volatiles(contents: readonly Portion[]): {
  readonly waterFraction: number;
  readonly alcoholFraction: number;
} {
  let totalG = 0;
  let waterG = 0;
  let alcoholG = 0;
  for (const { material, massG } of contents) {
    const water = material.waterFraction.value;
    totalG += massG;
    waterG += massG * water;
    if (material.role === 'alcohol') alcoholG += massG * (1 - water);
  }
  return totalG > 0
    ? { waterFraction: waterG / totalG, alcoholFraction: alcoholG / totalG }
    : { waterFraction: 0, alcoholFraction: 0 };
}

/** What was pressed: the bowl as it was weighed, or as planned while less than half of it stands in the record. */
export function pressedMix(batch: Batch, catalog: Catalog): readonly Portion[] {
  const weighed = bowlContents(batch);
  const planned = batch.body.parts[0]?.lines ?? [];
  const grams = (lines: readonly MaterialMass[]) =>
    lines.reduce((sum, { massG }) => sum + massG, 0);
  const mainLines = new Set(planned.map(({ id }) => id));
  const plannedG = batch.plan.lines
    .filter(({ lineId }) => mainLines.has(lineId))
    .reduce((sum, { targetG }) => sum + targetG, 0);
  return portionsOf(catalog, grams(weighed) * 2 >= plannedG ? weighed : planned);
}

/** Share of a piece's pressed mass that leaves while it dries. */
export function dryingLossFraction(contents: readonly Portion[]): Spread {
  const { waterFraction, alcoholFraction } = volatiles(contents);
  const all = Math.max(LEAST_FRACTION, waterFraction + alcoholFraction);
  return { low: all * LEAVES.low, best: all * LEAVES.best, high: all * LEAVES.high };
}

/**
 * Whole grams a dry piece of a mold can bear on its label: what was pressed less what dries off, with what lies on it.
 * @param lossFraction 0 to 1
 */
export function labelWeightG(
  { pieceG, netG }: Pick<PlannedSet, 'pieceG' | 'netG'>,
  lossFraction: number,
): number {
  return Math.floor(netG - pieceG * lossFraction + 1e-9);
}
