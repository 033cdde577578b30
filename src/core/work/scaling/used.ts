import type { MaterialMass } from '@/core/matter/materials/portion';
import type { PlannedLine } from './planLines';

/** What all bowls of a plan use, premixes taken apart into what they are made of; a material may stand twice. */
export function materialsUsed({
  lines,
  bowlCount,
}: {
  readonly lines: readonly PlannedLine[];
  readonly bowlCount: number;
}): readonly MaterialMass[] {
  return lines.flatMap(({ materialId, targetG, weighG, premix }) => [
    { materialId, massG: targetG * bowlCount },
    ...(premix ? [{ materialId: premix.carrierId, massG: (weighG - targetG) * bowlCount }] : []),
  ]);
}
