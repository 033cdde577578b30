import { tolerableErrorG } from '@/core/work/weighing/netWeight';

/** How the fills of a batch stand. */
export interface FillWatch {
  readonly count: number;
  readonly meanG: number;
  /** Sample standard deviation; 0 for one fill. */
  readonly sdG: number;
  /** Grams to give each piece more (or less, below zero); 0 while the mean is not surely off. */
  readonly adjustG: number;
  /** The newest mean is near the target; false while it is off, surely or not. */
  readonly isOnTarget: boolean;
  /** Most a piece may lack of its net weight, grams; null for pieces the directive does not speak of. */
  readonly tolerableG: number | null;
  /** Fills that would be short by more than that once dry, and by more than twice. */
  readonly short: number;
  readonly farShort: number;
}

/** The newest fills speak: a hand drifts. */
const WINDOW = 8;
const LEAST_FILLS = 3;
/** Off by less than this share of the target, no hand can do better. Rovack estimate. */
const WORTH_FRACTION = 0.005;
/** Farther off than this is not on target, even where so few fills cannot prove it. Rovack estimate. */
const NEAR_FRACTION = 0.03;
/** Two standard errors, nine chances in ten with so few fills. */
const STANDARD_ERRORS = 2;

/**
 * Running mean and spread against the target, and against the tolerable negative error of the net weight.
 * The newest eight fills say when to adjust: their mean is off by more than two standard errors and half a percent.
 * Source of the error: Council Directive 76/211/EEC, annex I; the rule of adjusting is ours.
 * @param fillsG as pressed, each over 0
 * @param targetG as pressed, over 0
 * @param nominalG net weight once dry, and
 * @param keptFraction share of the pressed weight that is left when dry, over 0 to 1
 * @returns null before the first fill
 */
export function fillWatch(
  fillsG: readonly number[],
  targetG: number,
  nominalG: number,
  keptFraction: number,
): FillWatch | null {
  if (!(targetG > 0)) throw new RangeError(`targetG must be over 0, got ${targetG}`);
  if (!(keptFraction > 0 && keptFraction <= 1))
    throw new RangeError(`keptFraction must be over 0 to 1, got ${keptFraction}`);
  if (fillsG.length === 0) return null;
  const all = moments(fillsG);
  const newest = moments(fillsG.slice(-WINDOW));
  const offG = targetG - newest.meanG;
  const errorG = (STANDARD_ERRORS * newest.sdG) / Math.sqrt(newest.count);
  const isOff =
    newest.count >= LEAST_FILLS && Math.abs(offG) > Math.max(errorG, WORTH_FRACTION * targetG);
  const tolerableG = nominalG >= 5 && nominalG <= 10_000 ? tolerableErrorG(nominalG) : null;
  const shortBy = (times: number) =>
    tolerableG === null
      ? 0
      : fillsG.filter((fillG) => fillG * keptFraction < nominalG - times * tolerableG).length;
  return {
    ...all,
    adjustG: isOff ? offG : 0,
    isOnTarget: !isOff && Math.abs(offG) <= NEAR_FRACTION * targetG,
    tolerableG,
    short: shortBy(1),
    farShort: shortBy(2),
  };
}

function moments(fillsG: readonly number[]) {
  const count = fillsG.length;
  const meanG = fillsG.reduce((sum, fillG) => sum + fillG, 0) / count;
  const spread = fillsG.reduce((sum, fillG) => sum + (fillG - meanG) ** 2, 0);
  return { count, meanG, sdG: count > 1 ? Math.sqrt(spread / (count - 1)) : 0 };
}
