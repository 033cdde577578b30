import type { Spread } from '@/core/basics/units/spread';
import { REFERENCE_MM2_H, dryFraction, type DryingBody } from './forecast';

/** The marked piece on the scale, after so many hours of a 45 % room. */
export interface PieceWeighing {
  readonly roomHours: number;
  readonly massG: number;
}

/** A moisture meter in the piece. */
export interface MoistureReading {
  readonly roomHours: number;
  /** Water as % of mass. */
  readonly moisturePct: number;
}

/** What is thought before the piece was weighed; low and high hold nine cases in ten. */
export interface DryingPrior {
  /** Own drying over the shipped model's. */
  readonly rate: Spread;
  /** Share of the pressed mass that leaves in all, over 0 to under 1. */
  readonly lossFraction: Spread;
}

export interface DryingRefit extends DryingPrior {
  /** What the piece weighed when it was pressed, as the weighings have it; null without two of them. */
  readonly startG: number | null;
  /** How much narrower than before the rate is known, 0 to under 1. */
  readonly learnedFraction: number;
}

const RATES = 81;
const LOSSES = 41;
const WIDTH_SD = 3.2;
/** Standard deviations from the middle to an end of a 90 % band. */
const Z90 = 1.645;
/** A piece on its tray is not quite Crank's sphere: this share of its loss. Rovack estimate. */
const MODEL_ERROR = 0.03;
/** Two readings of a meter in one piece differ by so much, points. Rovack estimate. */
const METER_SD_PCT = 0.4;

/**
 * Refits rate and loss of one piece to its weighings: the posterior over a grid of both, log-normal before, with the
 * pressed mass fitted at every place (it is rarely weighed wet). Bands are the 5 and 95% points of the sum.
 * Rovack estimate on Crank's series.
 * @param scaleSdG standard deviation of the scale, g, over 0
 */
export function refitDrying(
  body: DryingBody,
  prior: DryingPrior,
  weighings: readonly PieceWeighing[],
  moistures: readonly MoistureReading[],
  scaleSdG: number,
): DryingRefit {
  if (!(scaleSdG > 0)) throw new RangeError(`scaleSdG must be over 0, got ${scaleSdG}`);
  const rates = logGrid(prior.rate, RATES);
  const losses = logGrid(prior.lossFraction, LOSSES);
  const meanG =
    weighings.reduce((sum, { massG }) => sum + massG, 0) / Math.max(1, weighings.length);
  const sdG = Math.hypot(scaleSdG, MODEL_ERROR * prior.lossFraction.best * meanG);
  const scored = rates.map((rate) => {
    const dryAt = ({ roomHours }: { readonly roomHours: number }) =>
      dryFraction(body, roomHours, REFERENCE_MM2_H.best * rate.value);
    const pieces = weighings.map((one) => ({ massG: one.massG, dry: dryAt(one) }));
    const meters = moistures.map((one) => ({ pct: one.moisturePct, dry: dryAt(one) }));
    return losses.map((loss) => {
      const startG = startOf(pieces, loss.value);
      const scale = pieces.reduce(
        (sum, { massG, dry }) => sum + heavyTail((massG - startG * (1 - loss.value * dry)) / sdG),
        0,
      );
      const meter = meters.reduce((sum, { pct, dry }) => {
        const leftPct = (100 * loss.value * (1 - dry)) / (1 - loss.value * dry);
        return sum + heavyTail((pct - leftPct) / METER_SD_PCT);
      }, 0);
      return { log: rate.log + loss.log - (scale + meter) / 2, startG };
    });
  });
  const best = Math.max(...scored.flat().map(({ log }) => log));
  const weights = scored.map((row) => row.map(({ log }) => Math.exp(log - best)));
  const rate = bandOf(
    rates.map(({ value }) => value),
    weights.map((row) => row.reduce((sum, weight) => sum + weight, 0)),
  );
  const lossFraction = bandOf(
    losses.map(({ value }) => value),
    losses.map((_, j) => weights.reduce((sum, row) => sum + (row[j] ?? 0), 0)),
  );
  return {
    rate,
    lossFraction,
    startG: weighings.length > 1 ? meanOf(scored, weights) : null,
    learnedFraction: Math.max(0, 1 - logWidth(rate) / logWidth(prior.rate)),
  };
}

/** Twice the negative log of Student's t of four degrees: a slip counts little more the farther out it lies. */
const DEGREES = 4;
function heavyTail(z: number): number {
  return (DEGREES + 1) * Math.log1p((z * z) / DEGREES);
}

/** The pressed mass that fits these weighings best. */
function startOf(
  pieces: readonly { readonly massG: number; readonly dry: number }[],
  lossFraction: number,
): number {
  let top = 0;
  let bottom = 0;
  for (const { massG, dry } of pieces) {
    const left = 1 - lossFraction * dry;
    top += massG * left;
    bottom += left * left;
  }
  return bottom > 0 ? top / bottom : 0;
}

function logGrid(
  spread: Spread,
  count: number,
): readonly { readonly value: number; readonly log: number }[] {
  const sd = Math.max(1e-3, logWidth(spread) / (2 * Z90));
  return Array.from({ length: count }, (_, i) => {
    const z = WIDTH_SD * ((2 * i) / (count - 1) - 1);
    return { value: spread.best * Math.exp(z * sd), log: (-z * z) / 2 };
  });
}

function logWidth({ low, high }: Spread): number {
  return Math.log(high / low);
}

/** 5, 50 and 95% points of weights on a grid, straight between its places. */
function bandOf(values: readonly number[], weights: readonly number[]): Spread {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  let below = 0;
  // Half of its own weight lies on either side of a place.
  const reached = weights.map((weight) => {
    const here = (below + weight / 2) / total;
    below += weight;
    return here;
  });
  const at = (share: number): number => {
    const i = reached.findIndex((here) => here >= share);
    const after = values[i === -1 ? values.length - 1 : i] ?? 0;
    if (i <= 0) return after;
    const before = values[i - 1] ?? after;
    const from = reached[i - 1] ?? 0;
    const span = (reached[i] ?? from) - from;
    return span > 0 ? before + ((share - from) / span) * (after - before) : after;
  };
  return { low: at(0.05), best: at(0.5), high: at(0.95) };
}

function meanOf(
  scored: readonly (readonly { readonly startG: number }[])[],
  weights: readonly (readonly number[])[],
): number {
  let top = 0;
  let bottom = 0;
  scored.forEach((row, i) =>
    row.forEach(({ startG }, j) => {
      const weight = weights[i]?.[j] ?? 0;
      top += weight * startG;
      bottom += weight;
    }),
  );
  return top / bottom;
}
