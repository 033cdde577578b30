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
 * planned. With several molds the lightest one speaks, or the one that is named.
 * @returns null where nothing says
 */
export function pieceNet(
  batch: Batch,
  grade: Grade,
  catalog: Catalog,
  moldId?: string,
): PieceNet | null {
  const lossFraction = dryingLossFraction(pressedMix(batch, catalog)).best;
  const isSampler = grade === 'sampler';
  const all = (batch.plan.sets ?? [oneMold(batch)]).map((set, at) => ({ ...set, at }));
  const ofGrade = all.filter((set) => set.isSampler === isSampler);
  const named = ofGrade.filter((set) => moldId !== undefined && set.moldId === moldId);
  const sets = named.length > 0 ? named : ofGrade;
  const planned = sets.map(({ pieceG, netG = pieceG }) =>
    labelWeightG({ pieceG, netG }, lossFraction),
  );
  const [first] = sets;
  const least = Math.min(...planned);
  if (first === undefined || !(least > 0)) return null;
  const onTopG = (first.netG ?? first.pieceG) - first.pieceG;
  const fillsG = isSampler || sets.length > 1 ? [] : pressedFills(batch, first.at);
  const dryG = fillsG.map((massG) => massG * (1 - lossFraction) + onTopG);
  if (dryG.length === 0) return { netG: least, fills: null };
  const { nominalG, short } = labelFigure(dryG);
  return nominalG === null
    ? { netG: least, fills: { count: dryG.length, short: dryG.length } }
    : { netG: nominalG, fills: { count: dryG.length, short } };
}

type Mold = NonNullable<Batch['plan']['sets']>[number];

/** The mold of a plan that names none: every piece alike. */
function oneMold({ plan }: Batch): Pick<Mold, 'moldId' | 'pieceG' | 'netG' | 'isSampler'> {
  return { pieceG: plan.pieceG, netG: plan.pieceG, isSampler: false };
}

/** Weighed pieces of one mold of the plan, grams over 0. @param at its place among the molds */
function pressedFills(batch: Batch, at: number): readonly number[] {
  const screens = batch.steps.filter((step) => step.kind === 'press');
  const minis = new Set(screens.flatMap((step) => (step.isSampler ? [step.id] : [])));
  const isOne = (batch.plan.sets ?? []).filter(({ isSampler }) => !isSampler).length < 2;
  const own = isOne ? null : screens[at]?.id;
  return standing(batch, 'filled').flatMap(({ massG, stepId }) =>
    massG !== null && massG > 0 && !minis.has(stepId) && (own === null || stepId === own)
      ? [massG]
      : [],
  );
}
