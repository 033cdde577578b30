import { fillWatch, type FillWatch } from './fillWatch';
import type { Catalog } from '@/core/matter/materials/catalog';
import { standing } from '../records/summary';
import type { Batch } from '../records/schema';
import { dryingLossFraction, pressedMix } from './volatile';

/** The fills of a batch against what its pieces must weigh once they are dry. */
export interface BatchFills {
  /** Pieces pressed, weighed or not. */
  readonly pressed: number;
  readonly fillsG: readonly number[];
  /** Net weight these pieces can bear on a label: the target less what dries off, whole grams. */
  readonly nominalG: number;
  /** Null before the first weighed fill, and without a target. */
  readonly watch: FillWatch | null;
}

/** @param targetG of one piece as pressed; that of the plan when left out */
export function batchFills(
  batch: Batch,
  catalog: Catalog,
  targetG = batch.plan.pieceG,
  /** Of this mold's screen alone; the first when left out. */
  stepId = 'press',
): BatchFills {
  const hasSets = batch.plan.sets !== undefined;
  const filled = standing(batch, 'filled').filter((entry) => !hasSets || entry.stepId === stepId);
  const fillsG = filled.flatMap(({ massG }) => (massG === null ? [] : [massG]));
  const keptFraction = 1 - dryingLossFraction(pressedMix(batch, catalog)).best;
  const nominalG = Math.floor(targetG * keptFraction);
  return {
    pressed: filled.length,
    fillsG,
    nominalG,
    watch: targetG > 0 ? fillWatch(fillsG, targetG, nominalG, keptFraction) : null,
  };
}
