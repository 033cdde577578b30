import { recognizeMaterial } from '@/core/matter/materials/names/recognize';
import type { Catalog } from '@/core/matter/materials/catalog';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { shortened } from '@/core/basics/format/names';

/** A row of a table as a spreadsheet holds it: text by column name. */
export type Row = Readonly<Record<string, string>>;

/** A row that cannot be taken, in words. `row` counts from 1 below the heading. */
export interface RowProblem {
  readonly row: number;
  readonly message: string;
}

export interface ReadRows<T> {
  readonly fresh: readonly T[];
  readonly changed: readonly T[];
  readonly sameCount: number;
  readonly problems: readonly RowProblem[];
}

/** Columns a table must have that this one lacks. */
export function missingColumns(
  columns: readonly string[],
  needed: readonly string[],
): readonly string[] {
  const here = new Set(columns.map((column) => column.trim().toLowerCase()));
  return needed.filter((column) => !here.has(column));
}

export type Taken<T> = { readonly key: string; readonly record: T; readonly before: T | null };

const LONGEST_MESSAGE = 240;

export function sortRows<T>(
  rows: readonly Row[],
  read: (row: Row) => Taken<T> | string,
): ReadRows<T> {
  const fresh: T[] = [];
  const changed: T[] = [];
  const problems: RowProblem[] = [];
  const seen = new Map<string, number>();
  let sameCount = 0;
  rows.forEach((row, i) => {
    const taken = read(row);
    if (typeof taken === 'string') {
      // A cell without end is quoted by its beginning.
      problems.push({ row: i + 1, message: shortened(taken, LONGEST_MESSAGE) });
      return;
    }
    const first = seen.get(taken.key);
    if (first !== undefined) {
      problems.push({ row: i + 1, message: `It is in row ${first} already.` });
      return;
    }
    seen.set(taken.key, i + 1);
    if (taken.before === null) fresh.push(taken.record);
    else if (JSON.stringify(taken.before) === JSON.stringify({ ...taken.before, ...taken.record }))
      sameCount += 1;
    else changed.push(taken.record);
  });
  return { fresh, changed, sameCount, problems };
}

export type Field<T> = { readonly value: T } | { readonly problem: string };

export function numberIn<D extends number | null>(
  text: string | undefined,
  column: string,
  empty: D,
): Field<number | D> {
  if ((text ?? '').trim() === '') return { value: empty };
  const value = parseNumber(text ?? '');
  if (value === null) return { problem: `“${text}” under ${column} is not a number.` };
  return value >= 0 ? { value } : { problem: `${text} under ${column} is below zero.` };
}

export function dayIn(text: string | undefined, column: string): Field<string | null> {
  const written = (text ?? '').trim();
  if (written === '') return { value: null };
  const day = /^\d{4}-\d{2}-\d{2}/.exec(written)?.[0];
  return day && !Number.isNaN(Date.parse(day))
    ? { value: day }
    : { problem: `“${written}” under ${column} is not a date like 2026-04-18.` };
}

/** All fields' values, or the first one's problem. */
export function gatherFields<F extends Readonly<Record<string, Field<unknown>>>>(
  fields: F,
): { [K in keyof F]: F[K] extends Field<infer T> ? T : never } | string {
  const values: Record<string, unknown> = {};
  for (const [key, field] of Object.entries(fields)) {
    if ('problem' in field) return field.problem;
    values[key] = field.value;
  }
  return values as { [K in keyof F]: F[K] extends Field<infer T> ? T : never };
}

export function fieldProblem(issue: { path: PropertyKey[]; message: string } | undefined): string {
  return issue ? `${issue.path.join('.')}: ${issue.message}` : 'Couldn’t read this row.';
}

export function isYes(text: string | undefined): boolean {
  return /^(yes|y|true|1|x)$/i.test((text ?? '').trim());
}

export function materialNamed(
  written: string,
  ownByName: ReadonlyMap<string, string>,
  catalog: Catalog,
): string | null {
  const name = written.trim();
  const own = ownByName.get(name.toLowerCase());
  if (own) return own;
  const found = recognizeMaterial(catalog, name);
  return 'material' in found ? found.material.id : null;
}
