import type { FormulaBody } from './schema';

const MOST_NOTES = 100;
const LONGEST_NOTE = 500;

/** The body with these notes; empty lines go, and so does the list when nothing is left. */
export function withNotes(body: FormulaBody, lines: readonly string[]): FormulaBody {
  const notes = lines
    .map((line) => line.trim().slice(0, LONGEST_NOTE))
    .filter((line) => line !== '')
    .slice(0, MOST_NOTES);
  const { notes: before, ...rest } = body;
  if (notes.length === 0) return before === undefined ? body : rest;
  return { ...rest, notes };
}

/** The body with a note of one's own for the label; empty for none. */
export function withLabelNote(body: FormulaBody, text: string): FormulaBody {
  const labelNote = text.trim().slice(0, LONGEST_NOTE);
  const { labelNote: before, ...rest } = body;
  if (labelNote === '') return before === undefined ? body : rest;
  return { ...rest, labelNote };
}
