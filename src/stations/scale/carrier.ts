import type { FormulaBody } from '@/core/formula';
import { materialById, type Catalog } from '@/core/materials';
import type { PlannedLine } from '@/core/scaling';

/** What usually carries a premix when the formula has nothing that could. Common practice. */
const USUAL_POWDER = 'cornstarch';
const USUAL_LIQUID = 'isopropyl-alcohol-99';
const USUAL_OIL = 'fractionated-coconut-oil';

/**
 * What should carry a material in a premix: something of the same part that makes room for it. Starch first, then
 * soda for powders; the largest oil for oils; high-proof alcohol for menthol.
 */
export function carrierFor(body: FormulaBody, line: PlannedLine, catalog: Catalog): string {
  const material = materialById(catalog, line.materialId);
  const beside = (body.parts.find(({ id }) => id === line.partId)?.lines ?? [])
    .filter(({ id }) => id !== line.lineId)
    .map(({ materialId, massG }) => ({ ...materialById(catalog, materialId), massG }));
  const largest = (picks: (role: string) => boolean) =>
    beside.filter(({ role }) => picks(role)).sort((a, b) => b.massG - a.massG)[0]?.id;
  if (material.traits.includes('menthol') && !material.isLiquid) return USUAL_LIQUID;
  if (material.isLiquid) return largest((role) => role === 'oil') ?? USUAL_OIL;
  return largest((role) => role === 'starch') ?? largest((role) => role === 'base') ?? USUAL_POWDER;
}
