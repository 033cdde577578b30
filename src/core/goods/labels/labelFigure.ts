import { tolerableErrorG } from '@/core/work/weighing/netWeight';

/** What the fills say of a figure for the label. */
export interface LabelFigure {
  /** Highest whole-gram figure these fills bear out; null when no figure from 5 g up does. */
  readonly nominalG: number | null;
  readonly meanG: number;
  /** Sample standard deviation; 0 for one fill. */
  readonly sdG: number;
  /** Fills short of the figure by more than the tolerable error. */
  readonly short: number;
}

/** At most this share of packs may be short by more than the tolerable error; none by twice. */
const SHORT_SHARE = 0.025;

/**
 * Highest figure for the label: mean not below it, at most 2.5% short by more than the tolerable error, none by twice.
 * Source: Council Directive 76/211/EEC, annex I, not looked up.
 * @param fillsG measured, at least one, each over 0
 */
export function labelFigure(fillsG: readonly number[]): LabelFigure {
  if (fillsG.length === 0 || !fillsG.every((fillG) => fillG > 0 && fillG < Infinity))
    throw new RangeError('fillsG must hold at least one mass, each over 0');
  const meanG = fillsG.reduce((sum, fillG) => sum + fillG, 0) / fillsG.length;
  const spread = fillsG.reduce((sum, fillG) => sum + (fillG - meanG) ** 2, 0);
  const sdG = fillsG.length > 1 ? Math.sqrt(spread / (fillsG.length - 1)) : 0;
  for (let nominalG = Math.min(10_000, Math.floor(meanG + 1e-9)); nominalG >= 5; nominalG--) {
    const errorG = tolerableErrorG(nominalG);
    const short = fillsG.filter((fillG) => fillG < nominalG - errorG).length;
    const far = fillsG.some((fillG) => fillG < nominalG - 2 * errorG);
    if (!far && short <= SHORT_SHARE * fillsG.length) return { nominalG, meanG, sdG, short };
  }
  return { nominalG: null, meanG, sdG, short: fillsG.length };
}
