import { formatLiters, formatTemp } from '@/core/basics/format/quantities';
import type { Tub } from '@/core/results/water/tub';

/** Waters one may look at the film in, beside the one that is set, °C. Common practice. */
const WARMTH_C = { cold: 20, warm: 36, hot: 42 } as const;
export type Warmth = 'set' | keyof typeof WARMTH_C;

/** In the maker's own unit. */
export function warmths(): readonly { readonly value: Warmth; readonly title: string }[] {
  return [
    { value: 'set', title: 'As set' },
    { value: 'cold', title: `Cold, ${formatTemp(WARMTH_C.cold)}` },
    { value: 'warm', title: `Warm, ${formatTemp(WARMTH_C.warm)}` },
    { value: 'hot', title: `Hot, ${formatTemp(WARMTH_C.hot)}` },
  ];
}

/** Alkalinity as mg/L of CaCO3. Source: usual classes of hardness, not looked up; soft water has little of both. */
export const HARDNESSES = [
  { value: 'set', title: 'As set' },
  { value: 'soft', title: 'Soft' },
  { value: 'hard', title: 'Hard' },
] as const;
export type Hardness = (typeof HARDNESSES)[number]['value'];
const HARDNESS_MG_L = { soft: 30, hard: 250 } as const;
const HARD_FROM_MG_L = 180;
const SOFT_TO_MG_L = 60;

/** A water as it is set, or warmer, colder, softer, harder. */
export function waterAs(tub: Tub, warmth: Warmth, hardness: Hardness): Tub {
  return {
    ...tub,
    ...(warmth !== 'set' && { tempC: WARMTH_C[warmth] }),
    ...(hardness !== 'set' && { alkalinityMgL: HARDNESS_MG_L[hardness] }),
  };
}

/** `in 150 L at 38°C, moderately hard` */
export function waterSentence({ volumeL, tempC, alkalinityMgL }: Tub): string {
  const hard =
    alkalinityMgL > HARD_FROM_MG_L
      ? 'hard'
      : alkalinityMgL < SOFT_TO_MG_L
        ? 'soft'
        : 'moderately hard';
  return `in ${formatLiters(volumeL)} at ${formatTemp(tempC)}, ${hard}`;
}
