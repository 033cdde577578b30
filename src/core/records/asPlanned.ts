import type { BenchStep, LotUse } from '../making';
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
