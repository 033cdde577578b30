import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { VESSEL_WORDS } from '@/core/work/bench-steps/steps';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { formatGrams } from '@/core/basics/format/numbers';
import { inSentence } from '@/core/basics/format/names';
import { sayOperation } from '@/core/work/flow/messages';
import type { Operation, Vessel } from '@/core/work/flow/types';
import type { placedByRule } from '@/core/work/flow/edits';

/** What a vessel is called on Design: by its part, where that is not the main mix. */
export function vesselName({ kind, partId }: Vessel, { parts }: FormulaBody): string {
  const part = parts.find(({ id }) => id === partId);
  const isMain = part === parts[0] || kind === 'mold' || kind === 'tray';
  return isMain ? VESSEL_WORDS[kind] : `${part?.name ?? ''}, ${VESSEL_WORDS[kind]}`;
}

/** What is done, in a few words; a weight with its grams. */
export function titleOfOperation(
  operation: Operation,
  body: FormulaBody,
  catalog: Catalog,
): string {
  if (operation.op !== 'weigh') return sayOperation(operation, body, catalog).title;
  const lines = allLines(body).filter(({ id }) => operation.lineIds.includes(id));
  const massG = lines.reduce((sum, line) => sum + line.massG, 0);
  const name = lines[0] ? materialById(catalog, lines[0].materialId).name : '';
  return `Weigh ${formatGrams(massG)} g ${inSentence(name)}`;
}

/** Where the rule put a line that came after the maker's own changes. */
export function sayPlaced(
  { line, operation, after }: ReturnType<typeof placedByRule>[number],
  body: FormulaBody,
  catalog: Catalog,
): string {
  const name = materialById(catalog, line.materialId).name;
  const where = after
    ? `after "${titleOfOperation(after, body, catalog)}"`
    : 'before everything else';
  return `${name} came after your changes of the work and is placed by rule: ${vesselName(operation.vessel, body)}, ${where}.`;
}
