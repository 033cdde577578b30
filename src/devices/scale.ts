import type { ScaleState } from '@/core/work/weighing/readable';

/** What a scale says at one moment. */
export interface ScaleReading {
  /** Grams since the last tare, rounded to the scale's step; may be a little below zero. */
  readonly massG: number;
  /** Has it settled? */
  readonly isSteady: boolean;
  /** Counts up by one with every reading of this scale, so that none is lost or doubled unseen. */
  readonly sequence: number;
}

export type { ScaleState } from '@/core/work/weighing/readable';

export interface ScaleListener {
  reading(reading: ScaleReading): void;
  /** Called at once with the state as it is, and whenever it changes. */
  state?(state: ScaleState): void;
  /** A line that says no weight: kept for the eye, never taken for one. */
  unread?(line: string): void;
}

/** A scale, simulated or real: something that can be listened to and tared. */
export interface ScaleSource {
  /** Calls the listener until the returned function is called. */
  listen(listener: ScaleListener): () => void;
  tare(): void;
  close(): void;
}
