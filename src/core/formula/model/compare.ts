import { sameData } from '@/core/basics/sameData';
import type { FormulaBody, PartKind } from './schema';

/** One material of one part in two bodies; null where it is not there. */
export interface LineDifference {
  readonly partName: string;
  readonly partKind: PartKind;
  readonly materialId: string;
  readonly beforeG: number | null;
  readonly afterG: number | null;
}

export interface BodyDifference {
  readonly lines: readonly LineDifference[];
  /** Family, method or order that differ, as `[what, before, after]`. */
  readonly settings: ReadonlyArray<readonly [string, string, string]>;
  readonly isSame: boolean;
}

/** What changed from one body to another: lines by material and part, the same material twice summed. */
export function compareBodies(before: FormulaBody, after: FormulaBody): BodyDifference {
  const [was, is] = [masses(before), masses(after)];
  const keys = [...new Set([...was.keys(), ...is.keys()])];
  const lines = keys.flatMap((key) => {
    const [one, other] = [was.get(key), is.get(key)];
    const known = one ?? other;
    if (!known || one?.massG === other?.massG) return [];
    return [
      {
        partName: known.partName,
        partKind: known.partKind,
        materialId: known.materialId,
        beforeG: one?.massG ?? null,
        afterG: other?.massG ?? null,
      },
    ];
  });
  const settings = (['family', 'method', 'school'] as const).flatMap((what) =>
    before[what] === after[what] ? [] : [[what, before[what], after[what]] as const],
  );
  return { lines, settings, isSame: sameData(before, after) };
}

function masses(body: FormulaBody) {
  const found = new Map<
    string,
    { partName: string; partKind: PartKind; materialId: string; massG: number }
  >();
  for (const part of body.parts)
    for (const { materialId, massG } of part.lines) {
      const key = `${part.kind}/${part.name}/${materialId}`;
      const known = found.get(key)?.massG ?? 0;
      found.set(key, {
        partName: part.name,
        partKind: part.kind,
        materialId,
        massG: known + massG,
      });
    }
  return found;
}
