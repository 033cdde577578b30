import type { FormulaBody } from '@/core/formula';
import { materialById, type Catalog } from '@/core/materials';
import type { PlannedLine } from '@/core/scaling';
import { isCrystal, isStrongAlcohol } from '@/core/work';

/** What usually carries a premix when the formula has nothing that could. Common practice. */
const USUAL_POWDER = 'cornstarch';
const USUAL_LIQUID = 'isopropyl-alcohol-99';
const USUAL_OIL = 'fractionated-coconut-oil';

/**
 * What should carry a material in a premix: something of the same part that makes room for it. Starch first, then
 * soda for powders; the largest oil for oils; for crystals of menthol what dissolves them, strong alcohol or oil.
 */
export function carrierFor(body: FormulaBody, line: PlannedLine, catalog: Catalog): string {
  const material = materialById(catalog, line.materialId);
  const beside = (body.parts.find(({ id }) => id === line.partId)?.lines ?? [])
    .filter(({ id }) => id !== line.lineId)
    .map(({ materialId, massG }) => ({ ...materialById(catalog, materialId), massG }));
  const largest = (picks: (role: string) => boolean) =>
    beside.filter(({ role }) => picks(role)).sort((a, b) => b.massG - a.massG)[0]?.id;
  if (isCrystal(material))
    return beside.find(isStrongAlcohol)?.id ?? largest((role) => role === 'oil') ?? USUAL_LIQUID;
  if (material.isLiquid) return largest((role) => role === 'oil') ?? USUAL_OIL;
  return largest((role) => role === 'starch') ?? largest((role) => role === 'base') ?? USUAL_POWDER;
}
