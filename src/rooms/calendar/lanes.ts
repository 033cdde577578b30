import type { Bar } from '@/stores/calendar';

export interface InLane {
  readonly bar: Bar;
  readonly lane: number;
}

/** Bars one below the other where they lie at the same time. */
export function lanesOf(bars: readonly Bar[]): readonly InLane[] {
  const ends: number[] = [];
  return [...bars]
    .sort((a, b) => a.startMs - b.startMs)
    .map((bar) => {
      const free = ends.findIndex((end) => end <= bar.startMs);
      const lane = free < 0 ? ends.length : free;
      ends[lane] = bar.endMs;
      return { bar, lane };
    });
}
