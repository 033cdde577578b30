import type { StaysHard } from './staysHard';
import { YEARS_DAYS } from './staysHard';

/** One look at a kept-back piece: how old it was, what the model said of it, and whether it was still hard. */
export interface HardLook {
  readonly ageDays: number;
  readonly isHard: boolean;
  /** For the wrap and the place it lay in; null for years. */
  readonly forecastDays: number | null;
}

/** The model may be off by so much in a maker’s own store, as a logarithm: a factor of 2.5 at one standard deviation. Rovack estimate. */
const PRIOR_SD = Math.log(2.5);
/** Pieces of one maker differ. Rovack estimate. */
const PIECE_SD = Math.log(1.4);
/** One look in twenty is written wrong. Rovack estimate. */
const BLUNDER = 0.05;
const STEPS = 161;
const WIDEST = 4 * PRIOR_SD;

export interface ShelfLifeFactor {
  /** Days in this maker’s hands over the days computed. */
  readonly factor: number;
  readonly low: number;
  readonly high: number;
  readonly looks: number;
}

/**
 * How this maker’s pieces keep against the model: each look is a bound, hard is longer than its age and soft is shorter.
 * A grid over the logarithm of one factor with a wide prior.
 * Source: censored Bayesian estimate, Gelman et al., Bayesian Data Analysis, chapter 8; weights of ours.
 * @returns null without a look that says anything
 */
export function shelfLifeFactor(looks: readonly HardLook[]): ShelfLifeFactor | null {
  const telling = looks.filter(
    (look): look is HardLook & { forecastDays: number } =>
      look.forecastDays !== null && look.forecastDays > 0 && look.ageDays > 0,
  );
  if (telling.length === 0) return null;
  const grid = Array.from({ length: STEPS }, (_, i) => (WIDEST * (2 * i)) / (STEPS - 1) - WIDEST);
  const weights = grid.map((logFactor) => {
    const prior = Math.exp(-0.5 * (logFactor / PRIOR_SD) ** 2);
    return telling.reduce((weight, { ageDays, isHard, forecastDays }) => {
      const hard = normalCdf((logFactor + Math.log(forecastDays / ageDays)) / PIECE_SD);
      return weight * (BLUNDER / 2 + (1 - BLUNDER) * (isHard ? hard : 1 - hard));
    }, prior);
  });
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const quantile = (share: number) => {
    let sum = 0;
    for (const [i, weight] of weights.entries()) {
      sum += weight / all;
      if (sum >= share) return Math.exp(grid[i] ?? 0);
    }
    return Math.exp(WIDEST);
  };
  return {
    factor: quantile(0.5),
    low: quantile(0.05),
    high: quantile(0.95),
    looks: telling.length,
  };
}

/**
 * A forecast as this maker’s own looks correct it: what was seen stands in place of the model’s band. Where the model says
 * years, its ends are only moved by the factor.
 */
export function correctedBy(forecast: StaysHard, own: ShelfLifeFactor | null): StaysHard {
  if (own === null) return forecast;
  const times = (days: number | null, factor: number) =>
    days === null || days * factor >= YEARS_DAYS ? null : days * factor;
  const { days } = forecast;
  return {
    ...forecast,
    days: times(days, own.factor),
    lowDays: days === null ? times(forecast.lowDays, own.factor) : times(days, own.low),
    highDays: days === null ? null : times(days, own.high),
  };
}

/** Source: Abramowitz and Stegun 7.1.26 by way of erf, error under 1.5e-7. */
function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const series =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - series * Math.exp(-x * x);
  return z < 0 ? (1 - erf) / 2 : (1 + erf) / 2;
}
