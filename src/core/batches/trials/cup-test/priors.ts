import type { Prior } from '../solveLines';
import { featuresOf } from './features';
import type { Response } from './responses';

/** What is believed before any cup, over what the models forecast. Rovack estimates. */
interface Beliefs {
  /** Scatter of one cup, and how far level, slope and bend may lie off. */
  readonly cupSd: number;
  readonly levelSd: number;
  readonly slopeSd: number;
  readonly bendSd: number;
  /** Mean level where no model forecasts it. */
  readonly level: number;
  /** Is the logarithm what is fitted? */
  readonly isLog: boolean;
}

export const BELIEFS: Readonly<Record<Response, Beliefs>> = {
  'gone-s': { cupSd: 0.12, levelSd: 0.35, slopeSd: 0.3, bendSd: 0.12, level: 0, isLog: true },
  'foam-cm': { cupSd: 0.4, levelSd: 2, slopeSd: 1.5, bendSd: 0.7, level: 2, isLog: false },
  hard: { cupSd: 0.7, levelSd: 2.5, slopeSd: 2, bendSd: 1, level: 5, isLog: false },
};

/** Priors of each feature, and their precision in units of a cup's scatter. */
export function priorsFor(
  response: Response,
  factors: number,
  bends: boolean,
): { readonly priors: readonly Prior[]; readonly precision: readonly number[] } {
  const { cupSd, levelSd, slopeSd, bendSd, level } = BELIEFS[response];
  const size = featuresOf(new Array<number>(factors).fill(0), bends).length;
  const priors = Array.from({ length: size }, (_, i) => ({
    mean: i === 0 ? level : 0,
    sd: i === 0 ? levelSd : i <= factors ? slopeSd : bendSd,
  }));
  return { priors, precision: priors.map(({ sd }) => (cupSd / sd) ** 2) };
}
