import type { FormulaBody } from '@/core/formula/model/schema';
import type { OwnMaterial } from '@/core/matter/materials/own';
import type { Conditions } from '@/core/results/conditions/types';
import type { ColorAnswer, ColorApi, SentColorQuestion } from './colorApi';
import { keptWorker, type WorkerRun } from './runInWorker';
import { sentOf } from './sentConditions';

const kept = keptWorker<ColorApi>(
  () => new Worker(new URL('./color.worker.ts', import.meta.url), { type: 'module' }),
);

/** Looks for a color in a worker that stands by for the next time. */
export function startColor(
  body: FormulaBody,
  conditions: Conditions,
  question: SentColorQuestion,
  own: readonly OwnMaterial[],
): WorkerRun<ColorAnswer> {
  return { result: kept.api().color(body, sentOf(conditions), question, own), cancel: kept.stop };
}
