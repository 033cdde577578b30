import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody, Line, WorkEdit } from '@/core/formula/model/schema';
import type { Operation, Work } from './types';

/**
 * The maker's changes on top of what the rules lay out, one after the other. A change that names an operation that is
 * not there any more does nothing, and is counted. A line that came after the last change keeps the place of its rule.
 */
export function applyEdits(
  laidOut: readonly Operation[],
  edits: readonly WorkEdit[],
  body: FormulaBody,
): Work {
  let operations = laidOut;
  let lostEdits = 0;
  for (const edit of edits) {
    const next = applied(operations, edit, body);
    if (next) operations = next;
    else lostEdits++;
  }
  return { operations, lostEdits };
}

function applied(
  operations: readonly Operation[],
  edit: WorkEdit,
  body: FormulaBody,
): readonly Operation[] | null {
  if (edit.kind === 'add') {
    const part = body.parts.find(({ id }) => id === edit.partId);
    return part ? placed(operations, ownOperation(edit), edit.afterId) : null;
  }
  const operation = operations.find(({ id }) => id === edit.opId);
  if (!operation) return null;
  switch (edit.kind) {
    case 'leave-out':
      return operations.filter((one) => one !== operation);
    case 'minutes':
      return operations.map((one) => (one === operation ? { ...one, minutes: edit.minutes } : one));
    case 'split':
      return operations.flatMap((one) => (one === operation ? halves(one, edit) : [one]));
    case 'move':
      return edit.afterId === edit.opId
        ? null
        : placed(
            operations.filter((one) => one !== operation),
            operation,
            edit.afterId,
          );
  }
}

/** One operation as two: what the maker takes out of it comes right after. A weight is one weight and stays whole. */
function halves(
  one: Operation,
  { newOpId, minutes, lineIds }: Extract<WorkEdit, { kind: 'split' }>,
): readonly Operation[] {
  if (one.op === 'weigh') return [one];
  const taken = one.lineIds.filter((id) => lineIds.includes(id));
  const kept = one.lineIds.filter((id) => !taken.includes(id));
  const second = Math.min(minutes, one.minutes);
  return [
    { ...one, minutes: one.minutes - second, lineIds: kept, waitMinMin: 0 },
    { ...one, id: newOpId, minutes: second, lineIds: taken, from: null },
  ];
}

/** Whether an operation can be done in two goes. */
export function canSplit({ op, minutes, lineIds }: Operation): boolean {
  return op !== 'weigh' && (minutes > 0 || lineIds.length > 1);
}

/** An operation in two halves: half of its minutes and the last half of its lines. */
export function splitInHalf(operation: Operation, newOpId: string): WorkEdit {
  const half = Math.ceil(operation.lineIds.length / 2);
  return {
    kind: 'split',
    opId: operation.id,
    newOpId,
    minutes: operation.minutes / 2,
    lineIds: operation.lineIds.slice(half),
  };
}

/** Lines that came after the maker's newest change of the work, with the operation that the rule gave each. */
export function placedByRule(
  body: FormulaBody,
  operations: readonly Operation[],
): ReadonlyArray<{
  readonly line: Line;
  readonly operation: Operation;
  readonly after: Operation | null;
}> {
  const { work = [], workLines } = body;
  if (work.length === 0 || workLines === undefined) return [];
  const known = new Set(workLines);
  return allLines(body).flatMap((line) => {
    if (known.has(line.id)) return [];
    const at = operations.findIndex(({ lineIds }) => lineIds.includes(line.id));
    const operation = operations[at];
    return operation ? [{ line, operation, after: operations[at - 1] ?? null }] : [];
  });
}

/** @returns null when what it should come after is gone */
function placed(
  operations: readonly Operation[],
  operation: Operation,
  afterId: string | null,
): readonly Operation[] | null {
  const at = afterId === null ? -1 : operations.findIndex(({ id }) => id === afterId);
  if (at < 0 && afterId !== null) return null;
  const before = operations[at];
  // What comes after the tray is of the days after, too.
  const moved = { ...operation, isLater: before?.isLater ?? false };
  return [...operations.slice(0, at + 1), moved, ...operations.slice(at + 1)];
}

function ownOperation(edit: Extract<WorkEdit, { kind: 'add' }>): Operation {
  const { opId, op, vessel, from, partId, said, minutes } = edit;
  return {
    id: opId,
    op,
    saying: 'own',
    partId,
    vessel: { kind: vessel, partId },
    from: from === null ? null : { kind: from, partId },
    lineIds: [],
    minutes,
    waitMinMin: 0,
    waitMaxMin: null,
    needs: null,
    isLater: false,
    said,
  };
}

/**
 * The body with one more change of its work. A second change of the same kind to the same operation replaces the first;
 * leaving out one half of a split puts both together again.
 */
export function withWorkEdit(body: FormulaBody, edit: WorkEdit): FormulaBody {
  const kept = (body.work ?? []).filter(
    (known) =>
      !(
        known.opId === edit.opId &&
        ((known.kind === edit.kind && edit.kind !== 'split') ||
          (known.kind === 'add' && edit.kind === 'leave-out'))
      ) && !(edit.kind === 'leave-out' && known.kind === 'split' && known.newOpId === edit.opId),
  );
  const isUndoneAdd =
    edit.kind === 'leave-out' &&
    (body.work ?? []).some(
      (known) =>
        (known.kind === 'add' && known.opId === edit.opId) ||
        (known.kind === 'split' && known.newOpId === edit.opId),
    );
  return {
    ...body,
    work: isUndoneAdd ? kept : [...kept, edit],
    workLines: allLines(body).map(({ id }) => id),
  };
}

/** The work as the rules lay it out: every change is dropped. */
export function withoutWorkEdits(body: FormulaBody): FormulaBody {
  const { work, workLines, ...rest } = body;
  return work === undefined && workLines === undefined ? body : rest;
}
