import type { FormulaBody } from '@/core/formula/model/schema';

export const TRIAL_KINDS = ['tub', 'shower', 'salts', 'cleaning', 'scale'] as const;
export type TrialKind = (typeof TRIAL_KINDS)[number];

export const KIND_WORDS: Readonly<Record<TrialKind, string>> = {
  tub: 'In the tub',
  shower: 'In the shower',
  salts: 'Salts in the tub',
  cleaning: 'At work',
  scale: 'On the scale',
};

/** How a piece of a formula is tried with its user in mind; the scale is open to all. */
export function usualKind({ family }: Pick<FormulaBody, 'family'>): Exclude<TrialKind, 'scale'> {
  switch (family) {
    case 'bath-bomb':
      return 'tub';
    case 'shower-steamer':
      return 'shower';
    case 'fizzing-salts':
      return 'salts';
    case 'cleaning-fizzy':
      return 'cleaning';
  }
}

/** What the stopwatch is pressed for, in the order it usually comes. */
export const PHASES = [
  'touched',
  'first-fizz',
  'floats',
  'sinks',
  'came-up',
  'half',
  'gone',
  'last-bubbles',
] as const;
export type Phase = (typeof PHASES)[number];

export const VERDICTS = ['sell', 'again', 'no'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** Why it is not sold as it is. */
export const WHYS = [
  'weak-fizz',
  'too-fast',
  'too-slow',
  'sinks',
  'no-foam',
  'scent-weak',
  'scent-strong',
  'color-off',
  'ring',
  'slippery',
  'skin',
  'left-over',
  'does-not-clean',
] as const;
export type Why = (typeof WHYS)[number];

/** A jug that stands longer was forgotten: nothing fizzes for so long, s. Rovack estimate. */
export const MOST_GAS_LOSS_S = 3 * 3600;
/** More readings than this are three hours of a scale that writes each three seconds. */
export const MOST_READINGS = 3600;
