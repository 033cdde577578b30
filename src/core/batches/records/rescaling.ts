import type { BenchStep, WeighStep } from '@/core/work/bench-steps/stepSchema';
import { decimalsOf, roundToStep } from '@/core/work/weighing/rounding';
import { toleranceG } from '@/core/work/weighing/tolerance';
import { settlingEntries } from './settled';
import type { Batch, EntryOf } from './schema';

/** One weighing of the part, before and after. */
export interface RescaledStep {
  readonly stepId: string;
  readonly title: string;
  readonly fromG: number;
  readonly toG: number;
  /** What is still to be weighed of it: all of it ahead, the difference when it stands weighed. */
  readonly stillG: number;
  readonly isWeighed: boolean;
}

export interface Rescaling {
  readonly factor: number;
  readonly partId: string;
  /** Grams of the part's weighings before and after. */
  readonly fromTotalG: number;
  readonly toTotalG: number;
  readonly steps: readonly RescaledStep[];
}

/**
 * What it takes to make the rest match an over-pour: everything of the same part by the same factor,
 * with a second weighing of what already lies in the bowl.
 * @param step the weighing in hand
 * @param massG what is on the scale, over the target
 * @returns null when nothing can be made to match: no target, or nothing else in the part
 */
export function rescalingFor(batch: Batch, step: WeighStep, massG: number): Rescaling | null {
  const partId = partOf(batch, step);
  if (partId === null || !(step.targetG > 0) || !(massG > step.targetG)) return null;
  const factor = massG / step.targetG;
  const others = batch.steps.filter(
    (other): other is WeighStep =>
      other.kind === 'weigh' && other.id !== step.id && partOf(batch, other) === partId,
  );
  if (others.length === 0) return null;
  const steps = others.map((other) => {
    const isWeighed = settlingEntries(batch, other.id).some(({ kind }) => kind === 'weighed');
    const toG = onScale(other, other.targetG * factor);
    return {
      stepId: other.id,
      title: other.title,
      fromG: other.targetG,
      toG,
      stillG: isWeighed ? onScale(other, toG - other.targetG) : toG,
      isWeighed,
    };
  });
  const sum = (of: (one: RescaledStep) => number) =>
    steps.reduce((total, one) => total + of(one), 0);
  return {
    factor,
    partId,
    fromTotalG: sum(({ fromG }) => fromG) + step.targetG,
    toTotalG: sum(({ toG }) => toG) + massG,
    steps,
  };
}

/** The targets as they were before; top-ups that nobody weighed go. */
export function unscale(batch: Batch, { id, stepIds, factor }: EntryOf<'rescaled'>): Batch {
  const isOpen = (step: BenchStep) => settlingEntries(batch, step.id).length === 0;
  const goes = (step: BenchStep) => step.kind === 'weigh' && step.topsUp === id && isOpen(step);
  const before = batch.steps.slice(0, batch.currentStep).filter(goes).length;
  return {
    ...batch,
    currentStep: batch.currentStep - before,
    steps: batch.steps
      .filter((step) => !goes(step))
      .map((step) =>
        step.kind === 'weigh' && stepIds.includes(step.id) && isOpen(step)
          ? scaled(step, 1 / factor)
          : step,
      ),
  };
}

/** A weighing with its target and band times a factor. */
export function scaled(step: WeighStep, factor: number): WeighStep {
  const targetG = onScale(step, step.targetG * factor);
  return {
    ...step,
    targetG,
    toleranceG: toleranceG(targetG, step.stepG),
    counted: step.counted && {
      ...step.counted,
      count: Math.max(1, Math.round(step.counted.count * factor)),
    },
  };
}

function onScale(step: WeighStep, massG: number): number {
  if (step.counted || massG < step.stepG) return massG;
  return Number(roundToStep(massG, step.stepG).toFixed(decimalsOf(step.stepG)));
}

function partOf(batch: Batch, step: WeighStep): string | null {
  return batch.plan.lines.find(({ lineId }) => lineId === step.lineId)?.partId ?? null;
}
