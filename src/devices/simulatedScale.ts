import { roundToStep } from '@/core/weighing';
import type { ScaleReading, ScaleSource } from './scale';

/** The shipped stand-in for a scale: a pan one can pour onto, with a reading that lags and settles. */
export interface SimulatedScale extends ScaleSource {
  /** Pours like a hand that watches the target: fast while far from it, slowly once near. Until {@link stopPouring}. */
  startPouring(targetG: number): void;
  stopPouring(): void;
  /** Takes some off the pan, at most what lies there. */
  takeOut(massG: number): void;
}

const TICK_MS = 50;
/** Share of the way to the true weight the reading makes in a tick. */
const SETTLING_PER_TICK = 0.45;
/** A hand pours this share of what is missing in a tick, and at least the trickle. */
const POUR_PER_TICK = 0.12;
const TRICKLE_OF_TARGET = 0.0006;

/**
 * @param stepG step of the scale in grams, over 0
 * @param every starts a repeating call and returns how to stop it; the browser's interval unless a test says otherwise
 */
export function simulatedScale(
  stepG: number,
  every: (tick: () => void, ms: number) => () => void = browserInterval,
): SimulatedScale {
  const listeners = new Set<(reading: ScaleReading) => void>();
  let panG = 0;
  let shownG = 0;
  let tareG = 0;
  let pourTargetG: number | null = null;

  function tick(): void {
    if (pourTargetG !== null) {
      const missingG = pourTargetG - (panG - tareG);
      panG += Math.max(missingG * POUR_PER_TICK, pourTargetG * TRICKLE_OF_TARGET);
    }
    shownG += (panG - shownG) * SETTLING_PER_TICK;
    const isSteady = pourTargetG === null && Math.abs(panG - shownG) < stepG / 2;
    if (isSteady) shownG = panG;
    const reading = { massG: rounded(shownG - tareG), isSteady };
    for (const listener of listeners) listener(reading);
  }

  function rounded(massG: number): number {
    const size = Math.abs(massG) < stepG / 2 ? 0 : roundToStep(Math.abs(massG), stepG);
    return massG < 0 && size > 0 ? -size : size;
  }

  const stop = every(tick, TICK_MS);
  return {
    listen(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    tare() {
      tareG = panG;
      shownG = panG;
    },
    startPouring(targetG) {
      pourTargetG = targetG;
    },
    stopPouring() {
      pourTargetG = null;
    },
    takeOut(massG) {
      panG = Math.max(tareG, panG - massG);
    },
    close() {
      stop();
      listeners.clear();
    },
  };
}

function browserInterval(tick: () => void, ms: number): () => void {
  const id = setInterval(tick, ms);
  return () => clearInterval(id);
}
