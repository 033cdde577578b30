import type { FindingCode } from './facts';

/** Where a note is needed: on the label of what is made, at the bench while it is made, or with the formula. */
export type NotePlace = 'label' | 'bench' | 'formula';
export const NOTE_PLACES: readonly NotePlace[] = ['label', 'bench', 'formula'];

const PLACES: Partial<Readonly<Record<FindingCode, NotePlace>>> = {
  'detergent-bath-caution': 'label',
  'slip-caution': 'label',
  'food-allergen': 'label',
  'declare-allergens': 'label',
  'jetted-tub': 'label',
  'botanical-drain': 'label',
  'pregnancy-caution': 'label',
  'steamer-not-for-bath': 'label',
  'never-with-bleach': 'label',
  'dust-caution': 'bench',
  'fine-dust-caution': 'bench',
  'nuisance-dust': 'bench',
  'flammable-vapor': 'bench',
  'melt-before-alcohol': 'bench',
};

/** Common practice. */
export const notePlaceOf = (code: FindingCode): NotePlace => PLACES[code] ?? 'formula';
