import { newId } from '@/core/basics/newId';
import type { BenchStep, WeighStep } from '@/core/work/bench-steps/stepSchema';
import { toleranceG } from '@/core/work/weighing/tolerance';
import { record, settleStep } from './batch';
import { rescalingFor, scaled, type Rescaling } from './rescaling';
import type { Batch, EntryOf } from './schema';
import { weighedEntry } from './weighed';

/** What lies on the scale, how it is known, and whose hands put it there. */
export interface OnTheScale {
  readonly massG: number;
  readonly by: EntryOf<'weighed'>['by'];
  readonly who?: string | null;
}

/** Takes what is on the scale as it is and makes the rest of the part match; what was weighed before is topped up next. */
export function rescale(
  batch: Batch,
  step: WeighStep,
  { massG, by, who }: OnTheScale,
  now: string,
): Batch {
  const asked = rescalingFor(batch, step, massG);
  if (!asked) return batch;
  const id = newId();
  const signature = who ? { who } : {};
  const { factor, partId } = asked;
  const written = record(
    batch,
    {
      kind: 'rescaled',
      ...signature,
      partId,
      materialId: step.materialId,
      factor,
      stepIds: asked.steps.flatMap(({ stepId, isWeighed }) => (isWeighed ? [] : [stepId])),
    },
    now,
    id,
  );
  const settled = settleStep(
    { ...written, steps: scaledSteps(batch, asked, factor) },
    { ...weighedEntry(step, massG, by), ...signature },
    now,
  );
  const topUps = asked.steps.flatMap((one): WeighStep[] => {
    const of = batch.steps.find(({ id: stepId }) => stepId === one.stepId);
    if (!one.isWeighed || !(one.stillG > 0) || of?.kind !== 'weigh') return [];
    return [
      {
        ...of,
        id: `top-up:${id}:${of.id}`,
        title: `${of.title}, more`,
        note: `to match ${step.title}`,
        targetG: one.stillG,
        toleranceG: toleranceG(one.stillG, of.stepG),
        counted: null,
        topsUp: id,
      },
    ];
  });
  return {
    ...settled,
    steps: [
      ...settled.steps.slice(0, settled.currentStep),
      ...topUps,
      ...settled.steps.slice(settled.currentStep),
    ],
  };
}

function scaledSteps(batch: Batch, { steps }: Rescaling, factor: number): BenchStep[] {
  const ahead = new Set(steps.filter(({ isWeighed }) => !isWeighed).map(({ stepId }) => stepId));
  return batch.steps.map((step) =>
    step.kind === 'weigh' && ahead.has(step.id) ? scaled(step, factor) : step,
  );
}
