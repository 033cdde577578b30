import { actionsOfNotes } from '@/core/formula/reading/actionsOfNotes';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { Operation } from './types';

/** The maker's own sentences by the operation they speak of: each at the first one of its kind that shares a material. */
export function ownWords(
  operations: readonly Operation[],
  body: FormulaBody,
  catalog: Catalog,
): ReadonlyMap<string, readonly string[]> {
  const materialOf = new Map(
    body.parts.flatMap(({ lines }) => lines.map(({ id, materialId }) => [id, materialId] as const)),
  );
  const said = new Map<string, string[]>();
  for (const { op, materialIds, text } of actionsOfNotes(body, catalog)) {
    const sameOp = operations.filter((operation) => operation.op === op);
    const sharing = sameOp.find(({ lineIds }) =>
      lineIds.some((id) => materialIds.includes(materialOf.get(id) ?? '')),
    );
    const operation = sharing ?? sameOp[0];
    if (!operation) continue;
    const own = said.get(operation.id) ?? [];
    if (!own.includes(text)) said.set(operation.id, [...own, text]);
  }
  return said;
}
