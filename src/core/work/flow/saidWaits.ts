import { actionsOfNotes } from '@/core/formula/reading/actionsOfNotes';
import { minutesWritten } from '@/core/formula/reading/minutesWritten';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { OpKind } from '@/core/formula/model/kinds';
import type { Waits } from './types';

const WAITING: readonly OpKind[] = ['infuse', 'soak'];
const known = new WeakMap<FormulaBody, Waits>();

/** How long the maker's own words ask to infuse and to soak: in the notes, else behind a line. */
export function saidWaits(body: FormulaBody, catalog: Catalog): Waits {
  const before = known.get(body);
  if (before) return before;
  const waits: Partial<Record<OpKind, number>> = {};
  const say = (op: OpKind, minutes: number | null) => {
    if (minutes !== null && minutes >= 1 && WAITING.includes(op))
      waits[op] = Math.max(waits[op] ?? 0, minutes);
  };
  for (const { op, minutes } of actionsOfNotes(body, catalog)) say(op, minutes);
  for (const { written } of allLines(body))
    for (const [op, minutes] of written ? minutesWritten(written, catalog) : []) say(op, minutes);
  known.set(body, waits);
  return waits;
}
