import type { FormulaBody } from '../formula';

export const TRIAL_KINDS = ['tub', 'shower', 'salts', 'cleaning', 'scale'] as const;
export type TrialKind = (typeof TRIAL_KINDS)[number];

export const KIND_WORDS: Readonly<Record<TrialKind, string>> = {
  tub: 'In the tub',
  shower: 'In the shower',
  salts: 'Salts in the tub',
  cleaning: 'At its work',
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
