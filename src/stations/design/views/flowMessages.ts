import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { VESSEL_WORDS } from '@/core/work/bench-steps/steps';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { formatMass } from '@/core/basics/format/quantities';
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
  const name = lines[0] ? materialById(catalog, lines[0].materialId).sentenceName : '';
  return `Weigh ${formatMass(massG)} ${name}`;
}

/** Where the rule put a line that came after the maker's own changes. */
export function sayPlaced(
  { line, operation, after }: ReturnType<typeof placedByRule>[number],
  body: FormulaBody,
  catalog: Catalog,
): string {
  const name = materialById(catalog, line.materialId).sentenceName;

  return after
    ? `You added ${name} after you changed the steps. It goes into the ${vesselName(operation.vessel, body)}, after “${titleOfOperation(after, body, catalog)}”.`
    : `You added ${name} after you changed the steps. It goes into the ${vesselName(operation.vessel, body)}, before everything else.`;
}
