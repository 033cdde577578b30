import { ML_PER_US_TEASPOON } from '@/core/basics/units/volume';

/** What is counted out in place of a weight. */
export interface Counted {
  readonly how: 'drops' | 'spoons';
  /** Drops, or thirty-seconds of a level teaspoon; whole, 1 or more. */
  readonly count: number;
  readonly massG: number;
}

/** Measuring spoons of a usual set, as parts of a teaspoon, largest first. Common practice. */
const SPOONS = [1, 2, 4, 8, 16, 32] as const;
const FINEST = 32;

/**
 * Whole drops nearest to a weight; at least one.
 * @param massG over 0 @param gramsPerDrop over 0
 */
export function inDrops(massG: number, gramsPerDrop: number): Counted {
  const count = Math.max(1, Math.round(massG / positive('gramsPerDrop', gramsPerDrop)));
  return { how: 'drops', count, massG: count * gramsPerDrop };
}

/**
 * Level spoons nearest to a weight, to 1/32 teaspoon; at least that.
 * @param massG over 0 @param levelDensityGMl of a level measure, over 0
 * @example inSpoons(1.5, 0.6) // 16 thirty-seconds: 1/2 tsp, 1.48 g
 */
export function inSpoons(massG: number, levelDensityGMl: number): Counted {
  const gramsOfFinest =
    (positive('levelDensityGMl', levelDensityGMl) * ML_PER_US_TEASPOON) / FINEST;
  const count = Math.max(1, Math.round(massG / gramsOfFinest));
  return { how: 'spoons', count, massG: count * gramsOfFinest };
}

/** Thirty-seconds of a teaspoon between two fingers. Common practice: a pinch is a sixteenth. */
const PINCHES: Readonly<Record<number, string>> = {
  1: 'half a pinch (1/32 tsp)',
  2: 'a pinch (1/16 tsp)',
};

/** `14 drops`, `1/4 tsp + 1/32 tsp`, `a pinch (1/16 tsp)`. */
export function sayCounted({ how, count }: Pick<Counted, 'how' | 'count'>): string {
  if (how === 'drops') return `${count} ${count === 1 ? 'drop' : 'drops'}`;
  const pinch = PINCHES[count];
  if (pinch !== undefined) return pinch;
  let rest = count;
  return SPOONS.flatMap((part) => {
    const each = FINEST / part;
    const times = Math.floor(rest / each);
    rest -= times * each;
    if (times === 0) return [];
    return [part === 1 ? `${times} tsp` : `1/${part} tsp`];
  }).join(' + ');
}

function positive(name: string, value: number): number {
  if (!(value > 0)) throw new RangeError(`${name} must be over 0, got ${value}`);
  return value;
}
