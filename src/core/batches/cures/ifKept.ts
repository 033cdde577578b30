import type { Conditions } from '@/core/results/conditions/types';
import { setLineMass } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { WeighStep } from '@/core/work/bench-steps/stepSchema';
import { sharesOf } from '../records/weighed';
import { weighedLines } from '../records/summary';
import type { Batch } from '../records/schema';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { JudgedReading, ReadingId } from '@/core/results/evaluation/types';

/** Readings that a weight can move, in the order they are shown. */
export const KEPT_IDS = [
  'ratio',
  'damp',
  'free-water',
  'scent',
  'water',
  'gas',
] as const satisfies readonly ReadingId[];

/** A reading of the mix as it was planned and with this weight kept. */
export interface KeptReading {
  readonly id: (typeof KEPT_IDS)[number];
  readonly planned: JudgedReading;
  readonly kept: JudgedReading;
}

/**
 * What every reading becomes when a weight is kept as it is: the rest as weighed, and as planned where it is not yet.
 * @param massG on the scale, 0 or more
 */
export function readingsIfKept(
  batch: Batch,
  step: WeighStep,
  massG: number,
  conditions: Conditions,
): readonly KeptReading[] {
  const planned = evaluate(bodyAt(batch, new Map()), conditions).judged;
  const kept = evaluate(bodyAt(batch, massesOf(step, massG)), conditions).judged;
  return KEPT_IDS.map((id) => ({ id, planned: planned[id], kept: kept[id] }));
}

function massesOf(step: WeighStep, massG: number): ReadonlyMap<string, number> {
  const active = massG * (step.premix?.strengthFraction ?? 1);
  return new Map(sharesOf(step).map(({ lineId, fraction }) => [lineId, active * fraction]));
}

/** The frozen formula at the grams of this batch, some of them put in place. */
function bodyAt(batch: Batch, masses: ReadonlyMap<string, number>): FormulaBody {
  return weighedLines(batch).reduce(
    (body, line) =>
      setLineMass(body, line.lineId, masses.get(line.lineId) ?? line.massG ?? line.targetG),
    batch.body,
  );
}
