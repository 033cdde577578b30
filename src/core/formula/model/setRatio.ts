import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { setLineMass } from './edit';
import type { FormulaBody, Line } from './schema';

/** The two schools of the balance, soda to acid by mass. Common practice. */
export const RATIO_SCHOOLS = [
  { ratio: 2, title: 'classic 2 to 1' },
  { ratio: 1.4, title: 'acid-forward, 1.4 to 1' },
] as const;

/**
 * The main mix with its unlocked bases and acids in a given ratio by mass, their sum kept.
 * @param ratio soda to acid, over 0
 * @returns the body unchanged when bases or acids are missing or all of one side is locked
 * @throws RangeError when ratio is not over 0
 */
export function setRatio(body: FormulaBody, ratio: number, catalog: Catalog): FormulaBody {
  if (!(ratio > 0 && ratio < Infinity)) throw new RangeError(`ratio must be over 0, got ${ratio}`);
  const lines = body.parts[0]?.lines ?? [];
  const side = (role: string) =>
    lines.filter(({ materialId }) => materialById(catalog, materialId).role === role);
  const bases = side('base');
  const acids = side('acid');
  const sum = (of: readonly Line[]) => of.reduce((total, { massG }) => total + massG, 0);
  const free = (of: readonly Line[]) => of.filter(({ locked, massG }) => !locked && massG > 0);
  const baseG = sum(bases);
  const acidG = sum(acids);
  const wantedAcidG = (baseG + acidG) / (1 + ratio);
  const wantedBaseG = baseG + acidG - wantedAcidG;
  const baseFactor = factorOf(bases, wantedBaseG);
  const acidFactor = factorOf(acids, wantedAcidG);
  if (baseFactor === null || acidFactor === null) return body;
  return [
    ...free(bases).map(({ id, massG }) => [id, massG * baseFactor] as const),
    ...free(acids).map(({ id, massG }) => [id, massG * acidFactor] as const),
  ].reduce((next, [id, massG]) => setLineMass(next, id, massG), body);

  /** What unlocked lines of a side are multiplied by; null when they cannot bring it. */
  function factorOf(of: readonly Line[], wantedG: number): number | null {
    const movable = sum(free(of));
    const factor = (wantedG - (sum(of) - movable)) / movable;
    return movable > 0 && factor >= 0 ? factor : null;
  }
}
