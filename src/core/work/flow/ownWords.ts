import { actionsOfNotes } from '@/core/formula/reading/actionsOfNotes';
import { asksMoreThanWeighing } from '@/core/formula/reading/asksMoreThanWeighing';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { Operation } from './types';

/**
 * The maker's own words by the operation they speak of: a sentence of the method at the first one of its kind that shares a
 * material, and what a line asks beyond its weight (`a spoon at a time until it clumps`) where it is weighed.
 */
export function ownWords(
  operations: readonly Operation[],
  body: FormulaBody,
  catalog: Catalog,
): ReadonlyMap<string, readonly string[]> {
  const lines = new Map(allLines(body).map((line) => [line.id, line]));
  const said = new Map<string, string[]>();
  const say = (opId: string, words: string) => {
    const own = said.get(opId) ?? [];
    if (!own.includes(words)) said.set(opId, [...own, words]);
  };
  for (const { op, materialIds, text } of actionsOfNotes(body, catalog)) {
    const sameOp = operations.filter((operation) => operation.op === op);
    const sharing = sameOp.find(({ lineIds }) =>
      lineIds.some((id) => materialIds.includes(lines.get(id)?.materialId ?? '')),
    );
    const operation = sharing ?? sameOp[0];
    if (operation) say(operation.id, text);
  }
  for (const { id, op, lineIds } of operations) {
    if (op !== 'weigh' && op !== 'spray') continue;
    const written = lines.get(lineIds[0] ?? '')?.written;
    if (written !== undefined && asksMoreThanWeighing(written, catalog)) say(id, written);
  }
  return said;
}
