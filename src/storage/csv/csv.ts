import type { Result } from '@/core/basics/result';
import Papa from 'papaparse';
import type { Row } from '@/core/workshop/shelf/rows';
import { formatCount } from '@/core/basics/format/numbers';

/** More rows than this are refused: twice what a shelf of this size ever holds. */
export const MAX_CSV_ROWS = 20_000;

export type TableResult = Result<{
  readonly columns: readonly string[];
  readonly rows: readonly Row[];
}>;

/** A cell that begins like this is read as a formula by a spreadsheet. */
const FORMULA_START = /^[=+\-@\t\r]/;

/** The text of a file whatever wrote it: UTF-8 or UTF-16 with its mark, plain UTF-8, else Windows-1252. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** Reads a table with a heading row; commas, semicolons or tabs between its cells. */
export function parseTable(text: string): TableResult {
  const parsed = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    preview: MAX_CSV_ROWS + 1,
    transformHeader: (column) => column.trim().toLowerCase(),
    transform: bare,
  });
  const columns = parsed.meta.fields ?? [];
  if (columns.length < 2)
    return {
      ok: false,
      problem: 'This is not a table. Its first line should name the columns, separated by commas.',
    };
  if (parsed.data.length > MAX_CSV_ROWS)
    return {
      ok: false,
      problem: `The table has more than ${formatCount(MAX_CSV_ROWS)} rows. Split it, and import the parts one by one.`,
    };
  return { ok: true, value: { columns, rows: parsed.data } };
}

/**
 * A table as CSV text. A cell a spreadsheet would take for a formula gets an apostrophe before it; every cell
 * is quoted, so that places that part cells by semicolons read it too. */
export function writeTable(columns: readonly string[], rows: readonly Row[]): string {
  const safe = rows.map((row) =>
    Object.fromEntries(columns.map((column) => [column, guarded(row[column] ?? '')])),
  );
  return `${Papa.unparse(safe, { columns: [...columns], newline: '\r\n', quotes: true })}\r\n`;
}

function guarded(cell: string): string {
  // A plain number may begin with a minus.
  return FORMULA_START.test(cell) && !/^-?\d+(\.\d+)?$/.test(cell) ? `'${cell}` : cell;
}

function bare(cell: string): string {
  return cell.startsWith("'") && FORMULA_START.test(cell.slice(1)) ? cell.slice(1) : cell;
}
