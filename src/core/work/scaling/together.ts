import type { MaterialMass } from '@/core/matter/materials/portion';

/** What one bowl or one batch takes, and how often it is made. */
export interface Share {
  readonly needs: readonly MaterialMass[];
  readonly times: number;
}

export interface Need {
  readonly materialId: string;
  readonly massG: number;
}

/** What all of it takes together, most first. */
export function needsTogether(shares: readonly Share[]): readonly Need[] {
  const sums = new Map<string, number>();
  for (const { needs, times } of shares)
    for (const { materialId, massG } of needs)
      sums.set(materialId, (sums.get(materialId) ?? 0) + massG * times);
  return [...sums]
    .map(([materialId, massG]) => ({ materialId, massG }))
    .filter(({ massG }) => massG > 0)
    .sort((a, b) => b.massG - a.massG);
}
