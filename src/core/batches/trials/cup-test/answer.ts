import type { Conditions } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { studentQuantile } from '@/core/results/learning/student';
import type { Spread } from '@/core/basics/units/spread';
import { solveLines } from '../solveLines';
import { baseOf, bodyOfCup, placeOf, valueOf } from './cups';
import { featuresOf } from './features';
import { BELIEFS, priorsFor } from './priors';
import type { CupTest, CupTestFactor } from './schema';

export interface CupTestEffect {
  readonly factor: CupTestFactor;
  /** At its lowest and at its highest, all others in the middle. */
  readonly atLow: Spread;
  readonly atHigh: Spread;
  /** Highest over lowest (or less it), with its 90 % interval. */
  readonly effect: Spread;
  /** Surely more, surely less, surely next to nothing, or not known yet. */
  readonly verdict: 'more' | 'less' | 'no-matter' | 'not-yet';
}

export interface CupTestAnswer {
  /** Cups that were seen, of all. */
  readonly seen: number;
  readonly effects: readonly CupTestEffect[];
  /** Along the first factor, all others in the middle: percent of it and what is expected there. */
  readonly curve: ReadonlyArray<{ readonly pct: number } & Spread>;
  readonly points: ReadonlyArray<{ readonly pct: number; readonly value: number }>;
  /** Does the difference multiply (times), or add? */
  readonly isTimes: boolean;
  /** More cups like these after which it would be an answer; 0 when it is one. */
  readonly cupsToGo: number;
}

const HELD = 0.9;
const DEGREES = 12;
/** Cups may scatter less than is believed by so much. Rovack estimate. */
const LEAST_OF_CUP = 0.85;
const POINTS = 40;
/** A difference that nobody would notice: a tenth in time, half a centimeter, half a point. Rovack estimates. */
const NO_MATTER = { 'gone-s': Math.log(1.1), 'foam-cm': 0.5, hard: 0.5 } as const;
const MOST_CUPS_TO_GO = 24;

/**
 * What the cups of a set say so far: the models' forecast with a line (or a bow) of what was seen over it.
 * @returns with no cup seen, what is believed beforehand
 */
export function cupTestAnswer(ladder: CupTest, conditions: Conditions): CupTestAnswer {
  const { factors, response, bends } = ladder;
  const { isLog, cupSd } = BELIEFS[response];
  const { priors } = priorsFor(response, factors.length, bends);
  const forecast = forecastOf(ladder, conditions);
  const seen = ladder.cups.flatMap((cup) => {
    const value = valueOf(ladder, cup.id);
    const place = placeOf(cup, factors);
    if (value === null || (isLog && !(value > 0))) return [];
    return [
      {
        place,
        pct: cup.pcts[0] ?? 0,
        value,
        y: (isLog ? Math.log(value) : value) - forecast(place),
      },
    ];
  });
  const { mean, covariance } = solveLines(
    seen.map(({ place }) => featuresOf(place, bends)),
    seen.map(({ y }) => y),
    priors,
    { leastSd: LEAST_OF_CUP * cupSd },
  );
  const quantile = studentQuantile((1 + HELD) / 2, DEGREES);
  const along = (weights: readonly number[]) => {
    const best = weights.reduce((sum, w, i) => sum + w * (mean[i] ?? 0), 0);
    const variance = weights.reduce(
      (sum, w, i) =>
        sum + w * weights.reduce((all, v, j) => all + v * (covariance[i]?.[j] ?? 0), 0),
      0,
    );
    const half = quantile * Math.sqrt(Math.max(0, variance));
    return { low: best - half, best, high: best + half };
  };
  const at = (place: readonly number[]): Spread => {
    const over = along(featuresOf(place, bends));
    const shift = forecast(place);
    return valued(
      { low: over.low + shift, best: over.best + shift, high: over.high + shift },
      isLog,
    );
  };
  const middle = factors.map(() => 0);
  const effects = factors.map((factor, i): CupTestEffect => {
    const [lowest, highest] = [-1, 1].map((x) => middle.map((_, k) => (k === i ? x : 0)));
    const [f0, f1] = [lowest ?? [], highest ?? []];
    const low = featuresOf(f0, bends);
    const difference = along(featuresOf(f1, bends).map((value, k) => value - (low[k] ?? 0)));
    const shift = forecast(f1) - forecast(f0);
    const effect = {
      low: difference.low + shift,
      best: difference.best + shift,
      high: difference.high + shift,
    };
    return {
      factor,
      atLow: at(f0),
      atHigh: at(f1),
      effect: isLog ? valued(effect, true) : effect,
      verdict: seen.length < 2 ? 'not-yet' : verdictOf(effect, NO_MATTER[response]),
    };
  });
  const [first] = factors;
  return {
    seen: seen.length,
    effects,
    curve: Array.from({ length: POINTS + 1 }, (_, k) => {
      const x = -1 + (2 * k) / POINTS;
      const pct = first ? first.lowPct + ((first.highPct - first.lowPct) * (x + 1)) / 2 : 0;
      return { pct, ...at(middle.map((_, i) => (i === 0 ? x : 0))) };
    }),
    points: seen.map(({ pct, value }) => ({ pct, value })),
    isTimes: isLog,
    cupsToGo: cupsToGo(effects, seen.length, isLog),
  };
}

function verdictOf({ low, high }: Spread, noMatter: number): CupTestEffect['verdict'] {
  if (low > 0) return 'more';
  if (high < 0) return 'less';
  return low > -noMatter && high < noMatter ? 'no-matter' : 'not-yet';
}

/** An interval shrinks with the root of the cups: so many more until the least sure effect leaves nothing out. */
function cupsToGo(effects: readonly CupTestEffect[], seen: number, isLog: boolean): number {
  const most = effects
    .filter(({ verdict }) => verdict === 'not-yet')
    .map(({ effect }) => {
      const scaled = (value: number) => (isLog ? Math.log(value) : value);
      const [low, best, high] = [scaled(effect.low), scaled(effect.best), scaled(effect.high)];
      const half = (high - low) / 2;
      return Math.abs(best) > 0 ? Math.max(1, seen) * ((half / best) ** 2 - 1) : Infinity;
    })
    .reduce((a, b) => Math.max(a, b), 0);
  return most === 0 ? 0 : Math.max(1, Math.min(MOST_CUPS_TO_GO, Math.ceil(most)));
}

function valued({ low, best, high }: Spread, isLog: boolean): Spread {
  return isLog
    ? { low: Math.exp(low), best: Math.exp(best), high: Math.exp(high) }
    : { low: Math.max(0, low), best: Math.max(0, best), high: Math.max(0, high) };
}

/** What the models say at a place, on the scale that is fitted; 0 where none does. */
function forecastOf(
  { body, factors, response, cupG }: CupTest,
  conditions: Conditions,
): (place: readonly number[]) => number {
  if (response !== 'gone-s') return () => 0;
  const base = baseOf(body, factors);
  const known = new Map<string, number>();
  const asked = { ...conditions, pieceG: cupG };
  const middle = () => Math.log(60);
  return (place) => {
    const key = place.map((x) => x.toFixed(6)).join(' ');
    const found = known.get(key);
    if (found !== undefined) return found;
    const addedG = factors.map(
      ({ lowPct, highPct }, i) =>
        ((lowPct + ((highPct - lowPct) * ((place[i] ?? 0) + 1)) / 2) * cupG) / 100,
    );
    const baseG = cupG - addedG.reduce((sum, massG) => sum + massG, 0);
    const { lasting } = evaluate(bodyOfCup(base, { baseG, addedG }, factors, conditions), asked);
    const seconds = lasting && lasting.kind !== 'showered' ? lasting.goneS.best : null;
    const value = seconds === null ? middle() : Math.log(seconds);
    known.set(key, value);
    return value;
  };
}
