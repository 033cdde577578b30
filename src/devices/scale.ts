/** What a scale says at one moment. */
export interface ScaleReading {
  /** Grams since the last tare, rounded to the scale's step; may be a little below zero. */
  readonly massG: number;
  /** Has it settled? */
  readonly isSteady: boolean;
}

/** A scale, simulated or real: something that can be listened to and tared. */
export interface ScaleSource {
  /** Calls the listener with every reading until the returned function is called. */
  listen(listener: (reading: ScaleReading) => void): () => void;
  tare(): void;
  close(): void;
}
