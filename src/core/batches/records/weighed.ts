import type { MaterialMass } from '@/core/matter/materials/portion';
import { takenFrom } from '@/core/work/bench-steps/takenFrom';
import type { LineShare, WeighStep } from '@/core/work/bench-steps/stepSchema';
import type { EntryOf, NewEntry } from './schema';

/**
 * The entry for what the scale showed: of a premix so much of the active material as it brings, its carrier beside it;
 * grams taken off the lots planned for it, the last one taking what is over.
 * @param massG on the scale, over 0
 */
export function weighedEntry(
  step: WeighStep,
  massG: number,
  by: EntryOf<'weighed'>['by'],
): Extract<NewEntry, { kind: 'weighed' }> {
  const share = step.premix?.strengthFraction ?? 1;
  const lots = takenFrom(step.lots, massG);
  return {
    kind: 'weighed',
    lineId: step.lineId,
    materialId: step.materialId,
    targetG: step.targetG * share,
    massG: massG * share,
    by,
    ...(step.shares && { shares: step.shares }),
    ...(step.premix && {
      carrier: { materialId: step.premix.carrierId, massG: massG * (1 - share) },
    }),
    ...(lots.length > 0 && { lots }),
  };
}

/** Everything an entry put into the bowl: the material, and a premix's carrier. */
export function contentsOf(
  entry: Pick<EntryOf<'weighed'>, 'materialId' | 'massG' | 'carrier'>,
): readonly MaterialMass[] {
  const { materialId, massG, carrier } = entry;
  return [{ materialId, massG }, ...(carrier ? [carrier] : [])];
}

/** The lines a weighing stands for, each with its fraction of it. */
export function sharesOf(
  entry: Pick<EntryOf<'weighed'>, 'lineId' | 'shares'>,
): readonly LineShare[] {
  return entry.shares ?? [{ lineId: entry.lineId, fraction: 1 }];
}
