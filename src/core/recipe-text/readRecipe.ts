import { PHASES, type Catalog } from '../materials';
import { newId, newPart, type Line, type Part, type UnreadLine } from '../formula';
import { readHeading, readYield } from './headings';
import { bareLine } from './lineText';
import { USUAL_SMALL_MEASURES, type SmallMeasures } from './massOfMeasures';
import { readLine, type Known } from './readLine';
import { readForEvery, timesIn, timesLine, type ForEvery } from './forEvery';
import { formatCount } from '../words';

/** A recipe is a page, not a book. */
export const MAX_RECIPE_LINES = 300;
export const MAX_RECIPE_CHARS = 60_000;

export interface RecipeReading {
  readonly parts: Part[];
  readonly unread: UnreadLine[];
  /** Names that were taken for something: worth a look. */
  readonly remarks: readonly string[];
  /** `makes 6`, when it says so. */
  readonly pieces: number | null;
}

export type RecipeResult =
  | { readonly ok: true; readonly recipe: RecipeReading }
  | {
      readonly ok: false;
      readonly problem: { readonly code: RecipeProblem; readonly message: string };
    };
export type RecipeProblem = 'empty' | 'too-long' | 'no-recipe';

/**
 * Reads a recipe as it was written down, one ingredient a line, into grams.
 * Headings such as `Embed:` open a part; `#` starts a comment; no line is dropped in silence.
 * @param text anything a person may paste
 * @param catalog the materials this workshop knows
 * @param small the maker's dropper and sprayer
 */
export function readRecipe(
  text: string,
  catalog: Catalog,
  small: SmallMeasures = USUAL_SMALL_MEASURES,
): RecipeResult {
  const rawLines = text.split(/\r\n|\r|\n/);
  const problem = sizeProblem(text, rawLines.length);
  if (problem) return problem;
  const found = collect(rawLines, { catalog, small });
  if (found.isEmpty) return failed('empty', 'Nothing was pasted: there is no line to read.');
  if (!found.sawAmount) return failed('no-recipe', proseMessage(rawLines));
  return { ok: true, recipe: tidied(found) };
}

/** A `for every` line waits until the rest is read: it depends on it. */
interface Waiting extends ForEvery {
  readonly raw: string;
  readonly number: number;
  readonly part: Part;
}

interface Found {
  readonly waiting: Waiting[];
  readonly parts: [main: Part, ...others: Part[]];
  readonly unread: UnreadLine[];
  readonly remarks: string[];
  pieces: number | null;
  sawAmount: boolean;
  isEmpty: boolean;
}

function collect(rawLines: readonly string[], known: Known): Found {
  const main = newPart('main', 'Main mix');
  const found: Found = {
    parts: [main],
    unread: [],
    remarks: [],
    waiting: [],
    pieces: null,
    sawAmount: false,
    isEmpty: true,
  };
  let current = main;
  rawLines.forEach((raw, index) => {
    const { text, notes } = bareLine(raw);
    if (text === '' && notes.length === 0) return;
    found.isEmpty = false;
    found.pieces = readYield(notes) ?? found.pieces;
    if (text === '') return;
    const forEvery = readForEvery(text);
    const heading = forEvery ? null : readHeading(text);
    if (forEvery) found.waiting.push({ ...forEvery, raw, number: index + 1, part: current });
    else if (!heading) takeIngredient(found, current, raw, index + 1, known);
    else if (heading.kind === 'yield') found.pieces = heading.pieces;
    else if (heading.kind === 'part') {
      current = heading.partKind === 'main' ? main : newPart(heading.partKind, heading.name);
      if (current !== main) found.parts.push(current);
    }
  });
  for (const entry of found.waiting) takeForEvery(found, entry, known);
  return found;
}

/**
 * `1 tsp kaolin for every 3 cups of baking soda`, times as often as the recipe holds them. A base that the
 * recipe does not hold yet is taken as a line of its own where the base stands first.
 */
function takeForEvery(found: Found, entry: Waiting, known: Known): void {
  const { each, per, raw, number, part } = entry;
  if (each === '') return takeIngredient(found, part, per, number, known);
  const isFirst = /^\W*for\b/i.test(raw.trim());
  if (isFirst && !timesIn(per, part.lines, known).ok)
    takeIngredient(found, part, per, number, known);
  const times = timesIn(per, part.lines, known);
  if (!times.ok) {
    found.sawAmount = true;
    found.unread.push({
      id: newId(),
      line: number,
      text: raw.trim(),
      reason: times.reason,
      choices: [],
      partId: part.id,
    });
    return;
  }
  const before = part.lines.length;
  takeIngredient(found, part, each, number, known);
  const line = part.lines[before];
  if (!line) return;
  part.lines[before] = { ...timesLine(line, times.factor), written: raw.trim() };
  found.remarks.push(
    `Line ${number}: ${each.trim()}, ${Number(times.factor.toFixed(2))} times, by the ${times.of.toLowerCase()} in the recipe.`,
  );
}

function takeIngredient(found: Found, part: Part, raw: string, number: number, known: Known): void {
  const reading = readLine(raw, known);
  if (reading.kind === 'read') {
    found.sawAmount = true;
    part.lines.push(reading.line);
    if (reading.remark) found.remarks.push(`Line ${number}: ${reading.remark}`);
    return;
  }
  found.sawAmount ||= reading.hadAmount;
  found.unread.push({
    id: newId(),
    line: number,
    text: raw.trim(),
    reason: reading.reason,
    choices: [...reading.choices],
    partId: part.id,
  });
}

/** Lines grouped by phase; a part that got no line goes, and what was unread under it moves to the main mix. */
function tidied({ parts, unread, remarks, pieces }: Found): RecipeReading {
  const kept = parts
    .filter((part, i) => i === 0 || part.lines.length > 0)
    .map((part) => ({ ...part, lines: groupedByPhase(part.lines) }));
  const keptIds = new Set(kept.map((part) => part.id));
  return {
    parts: kept,
    unread: unread.map((line) =>
      keptIds.has(line.partId) ? line : { ...line, partId: parts[0].id },
    ),
    remarks,
    pieces,
  };
}

function sizeProblem(text: string, lineCount: number): RecipeResult | null {
  if (text.trim() === '') return failed('empty', 'Nothing was pasted: there is no line to read.');
  if (lineCount <= MAX_RECIPE_LINES && text.length <= MAX_RECIPE_CHARS) return null;
  return failed(
    'too-long',
    `The text has ${formatCount(lineCount)} lines and ${formatCount(text.length)} characters; ` +
      `a recipe may have ${MAX_RECIPE_LINES} lines and ${formatCount(MAX_RECIPE_CHARS)} characters. Paste only its ingredients.`,
  );
}

function proseMessage(rawLines: readonly string[]): string {
  const number = rawLines.findIndex((line) => line.trim() !== '') + 1;
  const first = (rawLines[number - 1] ?? '').trim();
  const shown = first.length > 50 ? `${first.slice(0, 49)}…` : first;
  return (
    `None of these ${rawLines.length} lines reads as an amount and a material. ` +
    `Line ${number} says “${shown}”; a line should read like “2 cups baking soda”.`
  );
}

function failed(code: RecipeProblem, message: string): RecipeResult {
  return { ok: false, problem: { code, message } };
}

function groupedByPhase(lines: readonly Line[]): Line[] {
  return PHASES.flatMap((phase) => lines.filter((line) => line.phase === phase));
}
