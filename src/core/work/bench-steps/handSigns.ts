import type { Felt } from '@/core/results/binder/correction';

/** What the hand shows, before and after the acid. Common practice. */
export interface HandSign {
  readonly felt: Felt;
  readonly title: string;
  readonly sign: string;
}

const BEFORE_ACID = [
  { felt: 'too-dry', title: 'Sand', sign: 'Runs apart, or breaks to crumbs when tossed.' },
  { felt: 'right', title: 'Big clumps', sign: 'Breaks into two or three large clumps.' },
  { felt: 'too-wet', title: 'Smooth ball', sign: 'Rolls into a smooth ball.' },
] as const satisfies readonly HandSign[];

const AFTER_ACID = [
  { felt: 'too-dry', title: 'Crumbles', sign: 'Won’t hold, or breaks on the bench.' },
  { felt: 'right', title: 'Holds', sign: 'Shows the finger marks, and drops whole.' },
  {
    felt: 'too-wet',
    title: 'Shines and sticks',
    sign: 'Sticks to the glove, shines, or swells in the bowl.',
  },
] as const satisfies readonly HandSign[];

/** The three hands to choose from. */
export function handSigns(acidIn: boolean): readonly HandSign[] {
  return acidIn ? AFTER_ACID : BEFORE_ACID;
}
