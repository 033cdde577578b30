import type { BenchStep } from './stepSchema';

/** One step in the picture of the work: which vessel's lane it lies in, and how long it is beside the others. */
export interface LaneStep {
  readonly id: string;
  readonly lane: number;
  /** From the start of the work, and how far, in parts of the whole, 0 to 1. */
  readonly from: number;
  readonly width: number;
}

export interface Lanes {
  readonly names: readonly string[];
  readonly steps: readonly LaneStep[];
}

/** Weighing is what takes the eye: those steps are drawn narrower than mixing, as the hours go. */
const WIDTHS: Readonly<Partial<Record<BenchStep['kind'], number>>> = {
  mix: 3,
  press: 3,
  squeeze: 1.4,
};
const NO_LANE = 'bench';

/** The steps of the bench in the lanes of their vessels, in the order in which those come into use. */
export function lanesOf(steps: readonly BenchStep[]): Lanes {
  const names = [...new Set(steps.map(({ lane = NO_LANE }) => lane))];
  const total = steps.reduce((sum, { kind }) => sum + (WIDTHS[kind] ?? 1), 0);
  let from = 0;
  return {
    names,
    steps: steps.map(({ id, kind, lane = NO_LANE }) => {
      const width = (WIDTHS[kind] ?? 1) / total;
      const placed = { id, lane: names.indexOf(lane), from, width };
      from += width;
      return placed;
    }),
  };
}

/** Hands are free while a machine mixes, a soak stands, a pan is on the heat. */
const LEAVES_HANDS: ReadonlySet<string> = new Set(['mix', 'do']);
const MOST = 3;

/**
 * What can be done in other vessels while this step runs by itself: the next steps up to the one that wants this
 * vessel again.
 */
export function meanwhile(steps: readonly BenchStep[], at: number): readonly BenchStep[] {
  const now = steps[at];
  if (!now || !LEAVES_HANDS.has(now.kind) || now.lane === undefined) return [];
  const ahead = steps.slice(at + 1);
  const wanted = ahead.findIndex(({ lane, kind }) => lane === now.lane || kind === 'squeeze');
  return (wanted < 0 ? ahead : ahead.slice(0, wanted))
    .filter(({ kind }) => kind === 'weigh' || kind === 'do')
    .slice(0, MOST);
}
