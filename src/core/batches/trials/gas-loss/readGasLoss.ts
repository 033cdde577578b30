import { studentQuantile } from '@/core/results/learning/student';
import { fitCurve, goneMean, type CurveFit } from './fitCurve';
import { fitTail } from './fitTail';
import { withoutBumps } from './bumps';
import { quantizationVariance } from './quantization';
import type { GasLossQuestion, GasLossReading, GasLossResult } from './types';

const LEAST_READINGS = 8;
const LEAST_SECONDS = 45;
/** The water's own loss is seen when the readings go on for so long after the fizz, s. */
export const TAIL_S = 45;
const LEAST_IN_TAIL = 8;
/** What an interval should hold, and what the ranges of an expectation hold. */
const HELD = 0.9;
const DEGREES = 30;
const SECONDS_A_MIN = 60;
const MOST_USED = 160;
/** The shape of the wear needs fewer than the line after it. */
const MOST_FITTED = 60;

/**
 * The gas that left a sample in a jug on the scale, and how much of its fizz was still in it.
 *
 * gas = (jug before + sample) - (what the line after the fizz comes to at the moment it touched the water)
 * The line's slope is the warm water's own loss. Until that line is seen the answer is what comes if the fizz goes on
 * as it wears. The interval holds the scale's step, its trembling, the slope, and what thermometer and jug leave open.
 * Source: Gelman et al., Bayesian Data Analysis, chapter 14 (line with a prior slope, Student's t for single readings),
 * not looked up.
 * @throws RangeError for a step, a sample or a reading that is no number over 0
 */
export function readGasLoss(question: GasLossQuestion): GasLossResult {
  check(question);
  const { expectedG, sampleG, stepG } = question;
  if (!(expectedG.best > 0)) return { ok: false, problem: 'nothing-fizzes' };
  const before = question.readings.filter(({ seconds }) => seconds < 0);
  const inWater = question.readings.filter(({ seconds }) => seconds >= 0);
  const { readings, bumpedAtS } = withoutBumps(inWater, stepG, expectedG.best);
  const after = thinned(readings, MOST_USED);
  const lastS = after.at(-1)?.seconds ?? 0;
  if (after.length < LEAST_READINGS || lastS < LEAST_SECONDS)
    return { ok: false, problem: 'too-few' };
  const standsG = before.length > 0 ? meanOf(before.map(({ massG }) => massG)) + sampleG : null;
  const gainG = (after.at(-1)?.massG ?? 0) - (standsG ?? after[0]?.massG ?? 0);
  if (gainG > Math.max(2 * stepG, 0.1 * expectedG.best)) return { ok: false, problem: 'gains' };

  const fits = fitCurve(thinned(readings, MOST_FITTED), {
    stepG,
    expectedG: expectedG.best,
    startG: standsG,
  });
  const gone = goneMean(fits, ({ goneS }) => goneS);
  const tail = after.filter(({ seconds }) => seconds >= gone.mean);
  const isOver = tail.length >= LEAST_IN_TAIL && lastS - gone.mean >= TAIL_S;
  const measured = isOver
    ? overTail(tail, fits, standsG, before.length, stepG)
    : underWay(fits, stepG);
  return {
    ok: true,
    value: {
      lossG: banded(measured.lossG, measured.sdG),
      share: banded(
        measured.lossG / expectedG.best,
        Math.hypot(
          measured.sdG / expectedG.best,
          ((measured.lossG / expectedG.best) * sdOf(expectedG)) / expectedG.best,
        ),
      ),
      ownLossGMin: measured.ownLossGMin,
      goneS: banded(gone.mean, Math.sqrt(gone.variance)),
      isOver,
      bumpedAtS,
      gone: after.map(({ seconds, massG }) => ({
        seconds,
        massG: measured.startG - massG - (measured.ownLossGMin * seconds) / SECONDS_A_MIN,
      })),
    },
  };
}

interface Measured {
  readonly startG: number;
  readonly lossG: number;
  readonly sdG: number;
  readonly ownLossGMin: number;
}

/** Once the water alone loses: the start less what the line comes to. */
function overTail(
  tail: readonly GasLossReading[],
  fits: readonly CurveFit[],
  standsG: number | null,
  readingsBefore: number,
  stepG: number,
): Measured {
  const { atStartG, atStartVariance, ownLossGMin, noiseSdG } = fitTail(tail, stepG);
  // Without a jug that was weighed before, the start is where the wear leads back to.
  const fitted = goneMean(
    fits,
    ({ startG }) => startG,
    ({ startVariance }) => startVariance,
  );
  const single = noiseSdG ** 2 + stepG ** 2 / 12;
  const startVariance = standsG === null ? fitted.variance : single / readingsBefore + single;
  const spanG =
    (ownLossGMin * ((tail.at(-1)?.seconds ?? 0) - (tail[0]?.seconds ?? 0))) / SECONDS_A_MIN;
  const dither = Math.max(noiseSdG, Math.abs(spanG) / Math.sqrt(12));
  const startG = standsG ?? fitted.mean;
  return {
    startG,
    lossG: startG - atStartG,
    sdG: Math.sqrt(startVariance + atStartVariance + quantizationVariance(stepG, dither)),
    ownLossGMin,
  };
}

/** While it still fizzes: what comes if it goes on as it wears, with all that shape and time leave open. */
function underWay(fits: readonly CurveFit[], stepG: number): Measured {
  const gas = goneMean(
    fits,
    ({ gasG }) => gasG,
    ({ gasVariance }) => gasVariance,
  );
  return {
    startG: goneMean(fits, ({ startG }) => startG).mean,
    lossG: gas.mean,
    sdG: Math.sqrt(gas.variance + stepG ** 2 / 12),
    ownLossGMin: goneMean(fits, ({ ownLossGMin }) => ownLossGMin).mean,
  };
}

/** Ranges of an expectation are nine in ten of what may be. */
function sdOf({ low, high }: { readonly low: number; readonly high: number }): number {
  return (high - low) / 2 / studentQuantile((1 + HELD) / 2, DEGREES);
}

function banded(best: number, sd: number) {
  const half = studentQuantile((1 + HELD) / 2, DEGREES) * sd;
  return { low: Math.max(0, best - half), best: Math.max(0, best), high: Math.max(0, best + half) };
}

/** Evenly fewer, where the scale wrote down more than the fit needs. */
function thinned(readings: readonly GasLossReading[], most: number): readonly GasLossReading[] {
  const stride = Math.ceil(readings.length / most);
  return readings.filter((_, i) => i % stride === 0 || i === readings.length - 1);
}

function meanOf(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

function check({ stepG, sampleG, readings }: GasLossQuestion): void {
  if (!(stepG > 0)) throw new RangeError(`stepG must be over 0, got ${stepG}`);
  if (!(sampleG > 0)) throw new RangeError(`sampleG must be over 0, got ${sampleG}`);
  for (const { seconds, massG } of readings)
    if (!(Number.isFinite(seconds) && Number.isFinite(massG)))
      throw new RangeError(`a reading must be finite, got ${massG} g at ${seconds} s`);
}
