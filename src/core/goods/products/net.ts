import { labelFigure } from '../labels/labelFigure';
import type { Catalog } from '@/core/matter/materials/catalog';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { dryingLossFraction, labelWeightG, pressedMix } from '@/core/batches/trays/volatile';
import type { Grade } from './kinds';

/** Net weight that a piece of a batch can bear. */
export interface PieceNet {
  readonly netG: number;
  /** Weighed fills behind it and how many are short; null while it is only planned. */
  readonly fills: { readonly count: number; readonly short: number } | null;
}

/**
 * What a dry piece of this batch weighs on a label: from its weighed fills by the rule of tolerable errors, else as
 * planned. With several molds the lightest one speaks.
 * @returns null where nothing says
 */
export function pieceNet(batch: Batch, grade: Grade, catalog: Catalog): PieceNet | null {
  const lossFraction = dryingLossFraction(pressedMix(batch, catalog)).best;
  const isSampler = grade === 'sampler';
  const sets = (
    batch.plan.sets ?? [{ pieceG: batch.plan.pieceG, netG: batch.plan.pieceG, isSampler: false }]
  ).filter((set) => set.isSampler === isSampler);
  const planned = sets.map(({ pieceG, netG = pieceG }) =>
    labelWeightG({ pieceG, netG }, lossFraction),
  );
  const [first] = sets;
  const least = Math.min(...planned);
  if (first === undefined || !(least > 0)) return null;
  const onTopG = (first.netG ?? first.pieceG) - first.pieceG;
  const fillsG = isSampler || sets.length > 1 ? [] : pressedFills(batch);
  const dryG = fillsG.map((massG) => massG * (1 - lossFraction) + onTopG);
  if (dryG.length === 0) return { netG: least, fills: null };
  const { nominalG, short } = labelFigure(dryG);
  return nominalG === null
    ? { netG: least, fills: { count: dryG.length, short: dryG.length } }
    : { netG: nominalG, fills: { count: dryG.length, short } };
}

/** Weighed pieces of the main mold, grams over 0. */
function pressedFills(batch: Batch): readonly number[] {
  const minis = new Set(
    batch.steps.flatMap((step) => (step.kind === 'press' && step.isSampler ? [step.id] : [])),
  );
  return standing(batch, 'filled').flatMap(({ massG, stepId }) =>
    massG !== null && massG > 0 && !minis.has(stepId) ? [massG] : [],
  );
}
