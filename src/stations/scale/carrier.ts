import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';
import { mayHold } from '@/core/results/safety/mayHold';
import type { PlannedLine } from '@/core/work/scaling/planLines';
import { isCrystal, isStrongAlcohol } from '@/core/work/flow/routes';

/** What usually carries a premix when the formula has nothing that could. Common practice. */
const USUAL_POWDER = 'cornstarch';
const USUAL_LIQUID = 'isopropyl-alcohol-99';
const USUAL_OIL = 'fractionated-coconut-oil';
/** Beside an oxidizer nothing that burns: soda carries. */
const SAFE_POWDER = 'sodium-bicarbonate';

/**
 * What should carry a material in a premix: something of the same part that makes room for it. Starch first, then
 * soda for powders; the largest oil for oils; for crystals of menthol what dissolves them, strong alcohol or oil.
 */
export function carrierFor(body: FormulaBody, line: PlannedLine, catalog: Catalog): string {
  const material = materialById(catalog, line.materialId);
  const beside = (body.parts.find(({ id }) => id === line.partId)?.lines ?? [])
    .filter(({ id }) => id !== line.lineId)
    .map(({ materialId, massG }) => ({ ...materialById(catalog, materialId), massG }));
  const contents = portionsOf(catalog, allLines(body));
  const isSafe = (id: string) => mayHold(contents, materialById(catalog, id), body.family);
  const largest = (picks: (role: string) => boolean) =>
    beside.filter(({ role, id }) => picks(role) && isSafe(id)).sort((a, b) => b.massG - a.massG)[0]
      ?.id;
  const usual = (id: string) => (isSafe(id) ? id : SAFE_POWDER);
  if (isCrystal(material))
    return (
      beside.find(isStrongAlcohol)?.id ?? largest((role) => role === 'oil') ?? usual(USUAL_LIQUID)
    );
  if (material.isLiquid) return largest((role) => role === 'oil') ?? usual(USUAL_OIL);
  return (
    largest((role) => role === 'starch') ??
    largest((role) => role === 'base') ??
    usual(USUAL_POWDER)
  );
}
