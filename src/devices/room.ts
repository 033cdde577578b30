import { DAY_MS, HOUR_MS } from '@/core/basics/time';

/** What a humidity sensor says at one moment. */
export interface AirReading {
  /** Relative humidity, 0 to 100%. */
  readonly humidityPct: number;
  readonly tempC: number;
}

export interface RoomListener {
  reading(reading: AirReading): void;
}

/** A humidity sensor, simulated or real. */
export interface RoomSource {
  listen(listener: RoomListener): () => void;
  close(): void;
}

const TICK_MS = 5000;
/** A workroom over a day: driest after noon. Rovack estimates. */
const SWING_PCT = 4;
const SWING_C = 1.5;
const DRIEST_H = 15;

/**
 * The shipped stand-in for a sensor: swings about a middle over the day, with a little flutter of its own.
 * @param middle of the day @param nowMs the clock @param every as for the simulated scale
 */
export function simulatedSensor(
  middle: AirReading,
  nowMs: () => number = Date.now,
  every: (tick: () => void, ms: number) => () => void = (tick, ms) => {
    const id = setInterval(tick, ms);
    return () => clearInterval(id);
  },
): RoomSource {
  const listeners = new Set<RoomListener>();
  const read = (): AirReading => {
    const at = nowMs();
    const turn = Math.cos((2 * Math.PI * (at - DRIEST_H * HOUR_MS)) / DAY_MS);
    const flutter = Math.sin(at / 61_000) * 0.3;
    return {
      humidityPct: tenth(
        Math.min(100, Math.max(0, middle.humidityPct - SWING_PCT * turn + flutter)),
      ),
      tempC: tenth(middle.tempC + SWING_C * turn),
    };
  };
  const stop = every(() => {
    const reading = read();
    for (const one of listeners) one.reading(reading);
  }, TICK_MS);
  return {
    listen(listener) {
      listeners.add(listener);
      listener.reading(read());
      return () => listeners.delete(listener);
    },
    close() {
      stop();
      listeners.clear();
    },
  };
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}
