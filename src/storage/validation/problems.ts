import { allLines } from '@/core/formula/model/edit';
import { AFTER_BENCH } from '@/core/batches/records/kinds';
import type { Batch } from '@/core/batches/records/schema';
import type { Formula, FormulaBody } from '@/core/formula/model/schema';
import type { Order } from '@/core/goods/orders/schema';

export function formulaProblem({ body, versions, createdAt }: Formula): string | null {
  return (
    bodyProblem(body) ??
    twice(
      versions.map(({ number }) => number),
      'a version',
    ) ??
    firstOf(versions, (version) => bodyProblem(version.body)) ??
    momentProblem([createdAt, ...versions.map(({ keptAt }) => keptAt)])
  );
}

export function batchProblem(batch: Batch): string | null {
  return (
    bodyProblem(batch.body) ??
    twice(
      batch.steps.map(({ id }) => id),
      'a step',
    ) ??
    twice(
      batch.entries.map(({ id }) => id),
      'an entry',
    ) ??
    lineProblem(batch) ??
    stepProblem(batch) ??
    momentProblem([batch.startedAt, ...batch.entries.map(({ at }) => at)]) ??
    (batch.readings.windowLowPct > batch.readings.windowHighPct
      ? 'its moisture range ends before it begins'
      : null)
  );
}

export function orderProblem({ due, lines }: Order): string | null {
  return momentProblem([due]) ?? (lines.length === 0 ? 'nothing is ordered' : null);
}

export function bodyProblem(body: FormulaBody): string | null {
  const lines = allLines(body);
  return (
    twice(
      body.parts.map(({ id }) => id),
      'a part',
    ) ??
    twice(
      lines.map(({ id }) => id),
      'a line',
    ) ??
    firstOf(lines, ({ massLowG, massG, massHighG }) =>
      massLowG <= massG && massG <= massHighG
        ? null
        : 'the lowest amount of a line is above its highest',
    )
  );
}

function lineProblem({ body, plan, steps, entries }: Batch): string | null {
  const lines = new Set(allLines(body).map(({ id }) => id));
  const named = [
    ...plan.lines.map(({ lineId }) => lineId),
    ...steps.flatMap((step) => (step.kind === 'weigh' ? [step.lineId] : [])),
    ...entries.flatMap((entry) => (entry.kind === 'weighed' ? [entry.lineId] : [])),
  ];
  return named.every((id) => lines.has(id)) ? null : 'it weighs a line that does not exist';
}

function stepProblem({ steps, entries, currentStep }: Batch): string | null {
  const known = new Set([...steps.map(({ id }) => id), AFTER_BENCH]);
  if (currentStep > steps.length) return 'it is at a step that does not exist';
  const stray = entries.some(
    (entry) =>
      !known.has(entry.stepId) ||
      (entry.kind === 'rescaled' && entry.stepIds.some((id) => !known.has(id))),
  );
  return stray ? 'an entry is for a step that does not exist' : null;
}

/** A clock with a flat battery says 1970; what is said to be earlier, or a lifetime ahead, was never made here. */
const MOMENTS = { first: Date.UTC(1970, 0, 1), last: Date.UTC(2100, 0, 1) };
export function momentProblem(moments: readonly string[]): string | null {
  const isBad = moments.some((at) => {
    const ms = Date.parse(at);
    return !(ms >= MOMENTS.first && ms < MOMENTS.last);
  });
  return isBad ? 'its date is before 1970 or after 2099' : null;
}

export function twice(ids: readonly (string | number)[], what: string): string | null {
  return new Set(ids).size === ids.length ? null : `it contains ${what} twice`;
}

function firstOf<T>(values: readonly T[], problem: (value: T) => string | null): string | null {
  for (const value of values) {
    const found = problem(value);
    if (found !== null) return found;
  }
  return null;
}

/** Days that a lot, a document or a wrapping speaks of: a lifetime back and two ahead. */
const DAYS = { first: '1900-01-01', last: '2199-12-31' };
/** Fields that hold a day, wherever they stand. */
const DAY_FIELD = /(?:On|Before)$|^(?:dated|day|on|away)$/;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** What no maker wrote, in any record of a file: a name of blanks, or a day of year 1 or 9998. */
export function strangeProblem(record: unknown): string | null {
  const { name } = record as { readonly name?: unknown };
  // A formula may be nameless; a name of blanks is one that nobody can see.
  if (typeof name === 'string' && name !== '' && name.trim() === '') return 'its name is blank';
  return daysIn(record, '').every((day) => day >= DAYS.first && day <= DAYS.last)
    ? null
    : 'it has a date before 1900 or after 2199';
}

function daysIn(value: unknown, field: string): readonly string[] {
  if (typeof value === 'string') return DAY_FIELD.test(field) && DAY.test(value) ? [value] : [];
  if (Array.isArray(value)) return value.flatMap((one) => daysIn(one, field));
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, one]) => daysIn(one, key));
}
