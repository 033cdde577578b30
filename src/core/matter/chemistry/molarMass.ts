import { ATOMIC_WEIGHTS_G_MOL } from './atomicWeights';

/**
 * Molar mass of a compound from its summed formula.
 * @param formula element symbols with whole counts and no brackets, as `C6H8O7`
 * @returns g/mol
 * @throws RangeError when the formula has a sign or an element that is not in the table
 * @example molarMassGMol('C6H8O7') // 192.12
 */
export function molarMassGMol(formula: string): number {
  let massGMol = 0;
  for (const [element, count] of elementCounts(formula)) {
    const weight = ATOMIC_WEIGHTS_G_MOL[element];
    if (weight === undefined)
      throw new RangeError(`formula ${formula}: no atomic weight is on file for ${element}`);
    massGMol += weight * count;
  }
  return massGMol;
}

/** Atoms of each element in a summed formula. @throws RangeError as {@link molarMassGMol} */
export function elementCounts(formula: string): ReadonlyMap<string, number> {
  if (!/^([A-Z][a-z]?\d*)+$/.test(formula))
    throw new RangeError(`formula must be symbols and counts as in C6H8O7, got ${formula}`);
  const counts = new Map<string, number>();
  for (const [, element = '', count] of formula.matchAll(/([A-Z][a-z]?)(\d*)/g))
    counts.set(element, (counts.get(element) ?? 0) + (count ? Number(count) : 1));
  return counts;
}
