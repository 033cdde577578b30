import { goneShare } from '@/core/batches/trials/gas-loss/fitCurve';
import { roundToStep } from '@/core/work/weighing/rounding';
import type { ScaleListener, ScaleSource } from './scale';

/** The shipped stand-in for a jug on a scale: it plays the piece that is dropped in, with a wear and a share of its own. */
export interface SimulatedPitcher extends ScaleSource {
  /** The sample touches the water now. */
  dropIn(): void;
}

export interface SimulatedPitcherOptions {
  /** Step of the scale, g; over 0. */
  readonly stepG: number;
  /** Jug and water, g. */
  readonly jugG: number;
  readonly sampleG: number;
  /** Gas that leaves a sample with all of its fizz, and when it is gone by the forecast, s. */
  readonly expectedG: number;
  readonly goneS: number;
  /** What the piece is really like, from 0 to 1 by chance: how much of its fizz it kept, and how fast it wears. */
  readonly chance: number;
  /** When it was dropped in already, ms: a page that was reloaded goes on. */
  readonly droppedMs?: number | null;
  readonly nowMs?: () => number;
  readonly every?: (tick: () => void, ms: number) => () => void;
}

const TICK_MS = 1000;
const SECONDS_A_MIN = 60;
const OWN_LOSS_G_MIN = 0.06;
/** A ball wears by the third power. */
const POWER = 3;
const TREMBLES_STEPS = 0.35;
const LOW_SHARE = 0.78;
const SLOWEST = 0.8;

export function simulatedPitcher(options: SimulatedPitcherOptions): SimulatedPitcher {
  const { stepG, jugG, sampleG, expectedG, chance } = options;
  const { nowMs = Date.now, every = browserInterval } = options;
  const listeners = new Set<ScaleListener>();
  const startedMs = nowMs();
  let droppedMs = options.droppedMs ?? null;
  let tareG = 0;
  let sequence = 0;
  const share = LOW_SHARE + (1 - LOW_SHARE) * chance;
  const goneS = options.goneS / (SLOWEST + 2 * (1 - SLOWEST) * ((7 * chance) % 1));

  function trueG(): number {
    const fromMs = droppedMs ?? startedMs;
    const seconds = Math.max(0, (nowMs() - fromMs) / 1000);
    const steamG = (OWN_LOSS_G_MIN * seconds) / SECONDS_A_MIN;
    if (droppedMs === null) return jugG - steamG;
    return jugG + sampleG - share * expectedG * goneShare(seconds, goneS, POWER) - steamG;
  }

  function tick(): void {
    sequence += 1;
    const trembles = TREMBLES_STEPS * stepG * Math.sin(12.9898 * sequence) * Math.SQRT2;
    const reading = {
      massG: roundToStep(Math.max(0, trueG() + trembles), stepG) - tareG,
      isSteady: true,
      sequence,
    };
    for (const listener of listeners) listener.reading(reading);
  }

  const stop = every(tick, TICK_MS);
  return {
    listen(listener) {
      listeners.add(listener);
      listener.state?.('ready');
      return () => listeners.delete(listener);
    },
    tare() {
      tareG = roundToStep(trueG(), stepG);
    },
    dropIn() {
      droppedMs = nowMs();
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
