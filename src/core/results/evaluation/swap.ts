import { acidLessBaseMol } from '@/core/matter/chemistry/equivalents';
import { reactantsOf } from '@/core/matter/materials/reactants';
import type { Material } from '@/core/matter/materials/material';

/**
 * Grams of another material that do the same chemistry: as many equivalents of acid or base.
 * Null where one of the two has none, or they are of opposite sides.
 * @example 100 g of anhydrous citric acid is 109.4 g of the monohydrate
 */
export function sameChemistryG(from: Material, massG: number, to: Material): number | null {
  const [was, perGram] = [
    acidLessBaseMol(reactantsOf([{ material: from, massG }])),
    acidLessBaseMol(reactantsOf([{ material: to, massG: 1 }])),
  ];
  const grams = was / perGram;
  return was !== 0 && perGram !== 0 && grams > 0 ? grams : null;
}
