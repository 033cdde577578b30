import type { FormulaBody, WorkEdit } from '../formula';
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

/** The body with one more change of its work; a second change of the same kind to the same operation replaces the first. */
export function withWorkEdit(body: FormulaBody, edit: WorkEdit): FormulaBody {
  const kept = (body.work ?? []).filter(
    (known) =>
      !(
        known.opId === edit.opId &&
        (known.kind === edit.kind || (known.kind === 'add' && edit.kind === 'leave-out'))
      ),
  );
  const isUndoneAdd =
    edit.kind === 'leave-out' &&
    (body.work ?? []).some((known) => known.kind === 'add' && known.opId === edit.opId);
  return { ...body, work: isUndoneAdd ? kept : [...kept, edit] };
}

/** The work as the rules lay it out: every change is dropped. */
export function withoutWorkEdits(body: FormulaBody): FormulaBody {
  const { work, ...rest } = body;
  return work === undefined ? body : rest;
}
