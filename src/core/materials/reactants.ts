import type { ReactantG } from '../chemistry';
import { materialById } from './lookup';

/** What reacts in these lines, in pure grams: vinegar brings its acetic acid, milk its trace of lactic. */
export function reactantsOf(
  lines: ReadonlyArray<{ readonly materialId: string; readonly massG: number }>,
): readonly ReactantG[] {
  return lines.flatMap(({ materialId, massG }) =>
    (materialById(materialId).chemistry?.value ?? []).map(({ speciesId, fraction }) => ({
      speciesId,
      massG: massG * fraction,
    })),
  );
}
