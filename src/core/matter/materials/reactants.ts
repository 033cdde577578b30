import type { ReactantG } from '../chemistry/stoichiometry';
import type { Portion } from './portion';

/** What reacts in these portions, in pure grams: vinegar brings its acetic acid, milk its trace of lactic. */
export function reactantsOf(portions: readonly Portion[]): readonly ReactantG[] {
  const reactants: ReactantG[] = [];
  for (const { material, massG } of portions)
    for (const { speciesId, fraction } of material.chemistry?.value ?? [])
      reactants.push({ speciesId, massG: massG * fraction });
  return reactants;
}
