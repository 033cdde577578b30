import { PHASES } from '@/core/matter/materials/types';
import { dangersIn, isStop } from '@/core/matter/materials/names/dangers/find';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { Line, Method, Part, School, UnreadLine } from '../model/schema';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { readContext } from './context';
import { timesLine } from '../model/parts';
import { takeForEvery } from './forEveryLines';
import { guessFamily, type FamilyGuess } from './guessFamily';
import { USUAL_SMALL_MEASURES, type SmallMeasures } from './massOfMeasures';
import { accountOf } from './account';
import type { Accounted, Action, Found, LineDetail, PageRow } from './found';
import { collect } from './page';
import type { Yield } from './phrases/types';
import type { Known } from './readItem';
import { offeredFor } from './offered';
import { settleShares, takesShares, type SharesAsked } from './shares';
import { wordsOf } from './words';

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
  readonly title: string;
  /** Sentences of the method and other remarks. */
  readonly notes: readonly string[];
  readonly rows: readonly PageRow[];
  readonly method: Method | null;
  readonly school: School | null;
  readonly humidityPct: number | null;
  readonly family: FamilyGuess;
  /** Parts whose heading nobody knows: taken as mixes of their own, and asked. */
  readonly askedParts: ReadonlyArray<{
    readonly partId: string;
    readonly line: number;
    readonly name: string;
  }>;
  /** Lines whose number has no unit. */
  readonly unitless: number;
  /** Were numbers without a unit taken as grams, because nearly all of the page is written so? */
  readonly takenAsGrams: boolean;
  /** A page in percents or parts whose weight nobody has said. */
  readonly sharesAsked: SharesAsked | null;
  readonly yields: Yield;
  /** Share of the mix that a second color takes along, 0 to 1, by the id of its part. */
  readonly splitShares: ReadonlyMap<string, number>;
  readonly actions: readonly Action[];
  /** The whole page, place by place. */
  readonly account: readonly Accounted[];
  readonly details: ReadonlyMap<string, LineDetail>;
  /** A second product that stands on the page and is none of this one. */
  readonly other: { readonly name: string; readonly number: number } | null;
}

/** What the maker said of the whole page. */
export interface PageSaid {
  /** What numbers without a unit are. */
  readonly bareUnit?: 'g';
  /** Grams of the whole mix, for a page in percent. */
  readonly totalG?: number;
  /** Grams of one part, for a page in parts. */
  readonly partG?: number;
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
 * Headings open a part, known or not; sentences of the method become notes; `#` starts a comment; no line is dropped
 * in silence, and none is taken without a question where it may be something else.
 * @param text anything a person may paste
 * @param catalog the materials this workshop knows
 * @param small the maker's dropper and sprayer
 * @param said what the maker has said of the whole page
 */
export function readRecipe(
  text: string,
  catalog: Catalog,
  small: SmallMeasures = USUAL_SMALL_MEASURES,
  said: PageSaid = {},
): RecipeResult {
  const words = wordsOf(text);
  const rawLines = words.rows.map(({ from, to }) => text.slice(from, to));
  const problem = sizeProblem(text, rawLines.length);
  if (problem) return problem;
  const inGrams = said.bareUnit !== undefined || SAYS_GRAMS.test(words.low);
  const known: Known = {
    catalog,
    small,
    takesShares: takesShares(words.low),
    ...(inGrams && { bareUnit: 'g' }),
    ...(SAYS_PARTS.test(words.low) && { bareUnit: 'part', takesShares: true }),
    ...(SAYS_PERCENT.test(words.low) && { bareUnit: 'percent', takesShares: true }),
  };
  const first = collect(words, known);
  const isBare = known.bareUnit === undefined && isInBareNumbers(first);
  const found = isBare ? collect(words, { ...known, bareUnit: 'g' }) : first;
  if (found.isEmpty)
    return failed('empty', 'There is no line to read. Paste or type a recipe first.');
  const sharesAsked = settleShares(found, said);
  // `for every 500 g of mix`: of what the mix weighs by now.
  for (const entry of found.waiting) takeForEvery(found, entry);
  if (!found.sawAmount) return failed('no-recipe', proseMessage(rawLines));
  return { ok: true, recipe: tidied(found, catalog, { takenAsGrams: isBare, sharesAsked }) };
}

/** The page says of itself that it is in grams. */
const SAYS_GRAMS =
  /\b(?:(?:all|everything|weights?|amounts?|quantities|numbers)[a-z ]{0,12} in g(?:rams)?|in grams|grams,? (?:everything|all|throughout)|all grams|\(g\))\b/;
/** The page says of itself that its numbers are shares. */
const SAYS_PARTS = /\b(?:parts? per hundred|pph|(?:all |numbers )?in parts|parts by weight)\b/;
/** The page says of itself that its numbers are percent. */
const SAYS_PERCENT =
  /\b(?:in|by weight|all|weight|wt) ?(?:%|percent\b)|\((?:in )?(?:%|percent)\)|\bpercent(?:age)?s\b|% (?:by weight|w\/w)(?! *$)/;
/** From so many lines without a unit on it is a way of writing, and no slip. */
const FEWEST_BARE = 3;

/** Nearly every amount of the page is a number by itself. */
function isInBareNumbers({ unitless, parts }: Found): boolean {
  const lines = parts.reduce((sum, part) => sum + part.lines.length, 0);
  return unitless >= FEWEST_BARE && unitless >= lines;
}

/** Lines grouped by phase; a part that got no line goes, and what was unread under it moves to the main mix. */
function tidied(
  found: Found,
  catalog: Catalog,
  asked: Pick<RecipeReading, 'takenAsGrams' | 'sharesAsked'>,
): RecipeReading {
  const { parts, unread, remarks, notes, title, rows, askedParts, unitless, yields } = found;
  // A page of nothing but amounts for one piece makes one.
  const isOfOne =
    yields.count === undefined &&
    parts[0].lines.length > 1 &&
    parts[0].lines.every(({ id }) => found.perPiece.has(id));
  const pieces = isOfOne ? 1 : (yields.count ?? null);
  const asks = new Set(unread.map(({ partId }) => partId));
  const kept = parts
    .filter((part, i) => i === 0 || part.lines.length > 0 || asks.has(part.id))
    .map((part) => perPieceDone(part, found))
    .map((part) => ({ ...part, lines: groupedByPhase(part.lines) }));
  const keptIds = new Set(kept.map((part) => part.id));
  const names = parts.map(({ name }) => name);
  const texts = [title, ...names, ...notes];
  const family = guessFamily([title, ...names, ...notes.filter(isNoDanger)], kept, catalog);
  return {
    parts: kept,
    unread: unread.map((entry) => ({
      ...entry,
      choices: [...offeredFor(family.family, entry.choices, catalog)],
    })),
    remarks,
    pieces,
    title,
    notes,
    rows: [...rows].sort((a, b) => a.number - b.number),
    ...readContext([...texts, ...rows.map(({ text }) => text)]),
    family,
    askedParts: askedParts.filter(({ partId }) => keptIds.has(partId)),
    unitless,
    ...asked,
    yields: { ...shapeOfName(title), ...yields },
    splitShares: found.splitShares,
    actions: found.actions,
    account: accountOf(found.words, found.account),
    details: found.details,
    other: found.other,
  };
}

/** `Dice cubes`, `Half-sphere steamers`: the name says the shape where nothing else does. */
function shapeOfName(title: string): Pick<Yield, 'shape'> {
  const found = NAMED_SHAPES.find(([pattern]) => pattern.test(title));
  return found ? { shape: found[1] } : {};
}
const NAMED_SHAPES: ReadonlyArray<readonly [RegExp, NonNullable<Yield['shape']>]> = [
  [/\bhalf[- ]?(?:spheres?|moons?|rounds?)\b|\bhemispheres?\b/i, 'half sphere'],
  [/\b(?:cubes?|dice)\b/i, 'cube'],
  [/\b(?:spheres?|balls?)\b/i, 'sphere'],
];

/** Drain cleaner in a line makes no cleaning piece of a bomb. */
const isNoDanger = (text: string): boolean =>
  !dangersIn(text).some(({ substance }) => isStop(substance));

/** A part of nothing but grams a piece is one; in any other part such a line counts as often as there are pieces. */
function perPieceDone(part: Part, { perPiece, yields, remarks }: Found): Part {
  const pieces = yields.count ?? null;
  const own = part.lines.filter(({ id }) => perPiece.has(id));
  if (own.length === 0) return part;
  const times = (line: Line) => (pieces === null ? line : timesLine(line, pieces));
  const lines = part.lines.map((line) => (perPiece.has(line.id) ? times(line) : line));
  if (part.kind !== 'main' && own.length === part.lines.length)
    return { ...part, lines, perPieceG: own.reduce((sum, { massG }) => sum + massG, 0) };
  remarks.push(
    pieces === null
      ? `${own.map(({ written }) => `“${written}”`).join(', ')}: for one piece, as the recipe does not say how many it makes.`
      : `${own.map(({ written }) => `“${written}”`).join(', ')}: for ${pieces} pieces.`,
  );
  return { ...part, lines };
}

function sizeProblem(text: string, lineCount: number): RecipeResult | null {
  if (text.trim() === '')
    return failed('empty', 'There is no line to read. Paste or type a recipe first.');
  if (lineCount <= MAX_RECIPE_LINES && text.length <= MAX_RECIPE_CHARS) return null;
  return failed(
    'too-long',
    `The text has ${counted(lineCount, 'line')} and ${counted(text.length, 'character')}. A recipe may have ${MAX_RECIPE_LINES} lines and ${formatCount(MAX_RECIPE_CHARS)} characters. Paste only its ingredients.`,
  );
}

function proseMessage(rawLines: readonly string[]): string {
  const number = rawLines.findIndex((line) => line.trim() !== '') + 1;
  const first = (rawLines[number - 1] ?? '').trim();
  const shown = first.length > 50 ? `${first.slice(0, 49)}…` : first;
  return `There is no amount with a material in it. Line ${number} says “${shown}”. A line can read like “2 cups baking soda”.`;
}

function failed(code: RecipeProblem, message: string): RecipeResult {
  return { ok: false, problem: { code, message } };
}

function groupedByPhase(lines: readonly Line[]): Line[] {
  return PHASES.flatMap((phase) => lines.filter((line) => line.phase === phase));
}
