import type { BenchStep, LotUse } from '@/core/work/bench-steps/stepSchema';
import { currentStep, settleStep } from './batch';
import { weighedEntry } from './weighed';
import { record } from './batch';
import type { Batch, NewEntry } from './schema';

/** The lots that so much of a material is taken from. */
export type TakeOff = (materialId: string, massG: number) => readonly LotUse[];

/** How many weighings are still ahead at the bench, the one in hand among them. */
export function weighingsAhead(batch: Batch): number {
  return batch.steps.slice(batch.currentStep).filter(({ kind }) => kind === 'weigh').length;
}

/**
 * All that is still ahead entered as the paper sheet had it: every weighing as planned, what is only done as done; a
 * squeeze is skipped, as nobody says how it felt. It stops at the count, which only the maker knows.
 */
export function restAsPlanned(batch: Batch, now: string, takeOff: TakeOff = () => []): Batch {
  let next = batch;
  for (let step = currentStep(next); step && step.kind !== 'count'; step = currentStep(next)) {
    if (step.kind === 'spray' && step.lineId !== undefined && (step.targetG ?? 0) > 0)
      next = record(
        next,
        {
          kind: 'added',
          materialId: step.materialId,
          massG: step.targetG ?? 0,
          squirts: null,
          why: 'sprayed',
          lineId: step.lineId,
          ...(step.bowl && { bowl: step.bowl }),
          lots: [...takeOff(step.materialId, step.targetG ?? 0)],
        },
        now,
      );
    next = settleStep(next, entryFor(step), now);
  }
  return next;
}

function entryFor(step: BenchStep): NewEntry {
  switch (step.kind) {
    case 'weigh':
      return weighedEntry(step, step.targetG, 'as-planned');
    case 'split':
      return { kind: 'split', share: step.share, name: '' };
    case 'room':
    case 'squeeze':
      return { kind: 'skipped' };
    default:
      return { kind: 'done' };
  }
}

/** A lot that the weighings ahead would take more of than it holds, or that is on hold now. */
export interface LotDoubt {
  readonly lotId: string;
  readonly code: string;
  readonly takesG: number;
  /** Grams in it; below zero where more was weighed than was said to be there. */
  readonly hasG: number;
  readonly isOnHold: boolean;
}

/**
 * Lots to ask about before everything ahead is entered as planned.
 * @param left grams left by lot id @param isOnHold of a lot, by id
 */
export function lotDoubtsAhead(
  batch: Batch,
  left: ReadonlyMap<string, number>,
  isOnHold: (lotId: string) => boolean,
): readonly LotDoubt[] {
  const takes = new Map<string, { code: string; takesG: number }>();
  for (const step of batch.steps.slice(batch.currentStep))
    if (step.kind === 'weigh')
      for (const { lotId, code, massG } of step.lots)
        takes.set(lotId, { code, takesG: (takes.get(lotId)?.takesG ?? 0) + massG });
  return [...takes].flatMap(([lotId, { code, takesG }]) => {
    const hasG = left.get(lotId) ?? 0;
    const held = isOnHold(lotId);
    return held || takesG > hasG + ROUNDING_G
      ? [{ lotId, code, takesG, hasG, isOnHold: held }]
      : [];
  });
}

/** Sums of many weighings end a hair off. */
const ROUNDING_G = 0.005;
