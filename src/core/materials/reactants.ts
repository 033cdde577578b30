import type { ReactantG } from '../chemistry';
import { materialById } from './lookup';

/** What reacts in these lines, in pure grams: vinegar brings its acetic acid, milk its trace of lactic. */
export function reactantsOf(
  lines: ReadonlyArray<{ readonly materialId: string; readonly massG: number }>,
): readonly ReactantG[] {
  const reactants: ReactantG[] = [];
  for (const { materialId, massG } of lines)
    for (const { speciesId, fraction } of materialById(materialId).chemistry?.value ?? [])
      reactants.push({ speciesId, massG: massG * fraction });
  return reactants;
}
