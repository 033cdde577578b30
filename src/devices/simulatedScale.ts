import { MINUTE_MS } from '@/core/basics/time';
import { roundToStep } from '@/core/work/weighing/rounding';
import type { ScaleListener, ScaleSource, ScaleState } from './scale';

/** The shipped stand-in for a scale: a pan one can pour onto, with a reading that lags and settles. */
export interface SimulatedScale extends ScaleSource {
  /** Pours like a hand that watches the target: fast while far from it, slowly once near. Until {@link stopPouring}. */
  startPouring(targetG: number): void;
  stopPouring(): void;
  /** Takes some off the pan, at most what lies there. */
  takeOut(massG: number): void;
  /** Pulls the cable: no reading until it is in again. What lies on the pan stays there. */
  unplug(): void;
  plugIn(): void;
}

export interface SimulatedScaleOptions {
  /** Step in grams, over 0. */
  readonly stepG: number;
  /** Most it weighs before it says overload; none when left out. */
  readonly capacityG?: number;
  /** How far its zero creeps in a minute, in steps; 0 when left out. */
  readonly driftSteps?: number;
  /** Starts a repeating call and returns how to stop it; the browser's interval unless a test says otherwise. */
  readonly every?: (tick: () => void, ms: number) => () => void;
}

const TICK_MS = 50;
const TICKS_A_MINUTE = MINUTE_MS / TICK_MS;
/** Share of the way to the true weight the reading makes in a tick. */
const SETTLING_PER_TICK = 0.45;
/** A hand pours this share of what is missing in a tick, and at least the trickle. */
const POUR_PER_TICK = 0.12;
const TRICKLE_OF_TARGET = 0.0006;

export function simulatedScale({
  stepG,
  capacityG = Infinity,
  driftSteps = 0,
  every = browserInterval,
}: SimulatedScaleOptions): SimulatedScale {
  const listeners = new Set<ScaleListener>();
  let panG = 0;
  let shownG = 0;
  let tareG = 0;
  let creepG = 0;
  let pourTargetG: number | null = null;
  let state: ScaleState = 'ready';
  let isPlugged = true;
  let sequence = 0;

  function tick(): void {
    if (pourTargetG !== null) {
      const missingG = pourTargetG - (panG - tareG);
      panG += Math.max(missingG * POUR_PER_TICK, pourTargetG * TRICKLE_OF_TARGET);
    }
    creepG += (driftSteps * stepG) / TICKS_A_MINUTE;
    shownG += (panG - shownG) * SETTLING_PER_TICK;
    setState(!isPlugged ? 'unplugged' : panG > capacityG ? 'overload' : 'ready');
    if (state !== 'ready') return;
    const isSteady = pourTargetG === null && Math.abs(panG - shownG) < stepG / 2;
    if (isSteady) shownG = panG;
    sequence += 1;
    const reading = { massG: rounded(shownG - tareG + creepG), isSteady, sequence };
    for (const listener of listeners) listener.reading(reading);
  }

  function setState(next: ScaleState): void {
    if (next === state) return;
    state = next;
    for (const listener of listeners) listener.state?.(state);
  }

  function rounded(massG: number): number {
    const size = Math.abs(massG) < stepG / 2 ? 0 : roundToStep(Math.abs(massG), stepG);
    return massG < 0 && size > 0 ? -size : size;
  }

  const stop = every(tick, TICK_MS);
  return {
    listen(listener) {
      listeners.add(listener);
      listener.state?.(state);
      return () => listeners.delete(listener);
    },
    tare() {
      tareG = panG;
      shownG = panG;
      creepG = 0;
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
    unplug() {
      isPlugged = false;
    },
    plugIn() {
      isPlugged = true;
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
