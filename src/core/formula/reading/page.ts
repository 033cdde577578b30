import { newId } from '@/core/basics/newId';
import { newPart } from '../model/create';
import type { Part, UnreadLine } from '../model/schema';
import { dangerousMeant, dangersIn, isStop } from '@/core/matter/materials/names/dangers/find';
import { readForEvery, timesIn, timesLine, type ForEvery } from './forEvery';
import { readHeading, readPerPiece, readYield, type Heading } from './headings';
import { bareLine } from './lineText';
import type { Known, LineReading } from './readLine';
import { readWritten } from './readWritten';
import { isInstruction, readVague, withoutVerb } from './remarks';

/** One line of the page and what became of it, in the order written. */
export interface PageRow {
  /** From 1. */
  readonly number: number;
  readonly text: string;
  readonly partId: string;
  readonly became: 'title' | 'heading' | 'line' | 'unread' | 'note' | 'yield';
  /** Ids of lines, or of what asks. */
  readonly ids: readonly string[];
}

/** A `for every` line waits until the rest is read: it depends on it. */
interface Waiting extends ForEvery {
  readonly raw: string;
  readonly number: number;
  readonly part: Part;
}

/** One page as it is being read. */
export interface Found {
  readonly known: Known;
  readonly waiting: Waiting[];
  readonly parts: [main: Part, ...others: Part[]];
  readonly unread: UnreadLine[];
  readonly remarks: string[];
  readonly notes: string[];
  readonly rows: PageRow[];
  readonly askedParts: { readonly partId: string; readonly line: number; readonly name: string }[];
  /** Ids of lines whose amount is for one piece. */
  readonly perPiece: Set<string>;
  current: Part;
  /** Did a heading nobody knows open the main mix? It is a part of its own once another one says that it is the main. */
  mainIsGuessed: { readonly name: string; readonly line: number } | null;
  isTold: boolean;
  title: string;
  pieces: number | null;
  unitless: number;
  sawAmount: boolean;
  isEmpty: boolean;
}

/** Reads a page line by line into its parts, notes and questions. */
export function collect(rawLines: readonly string[], known: Known): Found {
  const main = newPart('main', 'Main mix');
  const found: Found = {
    known,
    parts: [main],
    unread: [],
    remarks: [],
    notes: [],
    rows: [],
    askedParts: [],
    perPiece: new Set(),
    waiting: [],
    current: main,
    mainIsGuessed: null,
    isTold: false,
    title: '',
    pieces: null,
    unitless: 0,
    sawAmount: false,
    isEmpty: true,
  };
  rawLines.forEach((raw, index) => {
    const asked = found.unread.length;
    takeRow(found, raw, index + 1);
    askOfDangers(found, raw, index + 1, asked);
  });
  for (const entry of found.waiting) takeForEvery(found, entry);
  return found;
}

/**
 * A danger is asked about wherever it stands: in a chatty sentence, a heading, behind a line that was read. Only a line that
 * is left out, and a plain warning, are quiet.
 * @param asked how many questions there were before this line
 */
function askOfDangers(found: Found, raw: string, number: number, asked: number): void {
  if (raw.trim().startsWith('#')) return;
  const dangers = dangersIn(raw);
  const known = new Set<string>();
  found.unread.forEach((entry, i) => {
    if (i < asked || entry.reason.code !== 'dangerous') return;
    // A note behind the name may be what says it: the question then speaks of that.
    const own = dangerousMeant(entry.reason.about);
    const named = own ? null : dangers[0];
    if (named) found.unread[i] = { ...entry, reason: { code: 'dangerous', about: named.words } };
    known.add(own?.id ?? named?.substance.id ?? '');
  });
  for (const { substance, words } of dangers) {
    if (known.has(substance.id)) continue;
    known.add(substance.id);
    const id = newId();
    found.unread.push({
      id,
      line: number,
      text: raw.trim(),
      reason: { code: isStop(substance) ? 'dangerous' : 'unknown', about: words.slice(0, 200) },
      choices: [],
      partId: found.current.id,
    });
    found.isEmpty = false;
    const at = found.rows.findLastIndex((one) => one.number === number);
    const before = found.rows[at];
    if (before) found.rows[at] = { ...before, became: 'unread', ids: [...before.ids, id] };
    else row(found, number, raw, 'unread', [id]);
  }
}

/** `# Harbor light` over a recipe is its name, as Rovack writes it; any other such line is left out. */
const MARKED = /^\s*#\s*(\S.*)$/;

function takeRow(found: Found, raw: string, number: number): void {
  const marked = MARKED.exec(raw)?.[1];
  if (found.isEmpty && found.title === '' && marked !== undefined && isName(found, marked))
    return takeTitle(found, marked, raw, number);
  const { text, notes } = bareLine(raw);
  if (text === '' && notes.length === 0) return;
  const isFirst = found.isEmpty && found.title === '';
  found.isEmpty = false;
  found.pieces = readYield(notes) ?? found.pieces;
  if (text === '') return takeNote(found, notes.join(', '), number);
  const forEvery = readForEvery(text);
  const heading = forEvery ? null : readHeading(text, notes);
  if (heading) return takeHeading(found, heading, raw, number);
  if (found.isTold) return takeTold(found, raw, text, number);
  if (forEvery && PIECE.test(forEvery.per)) return takePerPiece(found, forEvery.each, raw, number);
  if (forEvery) {
    found.waiting.push({ ...forEvery, raw, number, part: found.current });
    return;
  }
  const perPiece = readPerPiece(text);
  if (perPiece && perPiece.rest !== '')
    return takePerPiece(found, `${perPiece.massG} g ${perPiece.rest}`, raw, number);
  const readings = readWritten(raw, found.known);
  const [only] = readings;
  if (readings.length === 1 && only && isRemark(only.reading, text)) {
    if (isFirst && isTitle(text)) takeTitle(found, text, raw, number);
    else takeNote(found, raw.trim(), number);
    return;
  }
  takeReadings(found, readings, raw, number);
}

const PIECE =
  /^(?:each |every |one )?(?:piece|(?:bath |shower )?bomb|(?:shower )?steamer|cube|tablet|puck|jar|sachet|mold)s?$/i;
/** An amount that could be meant for the bowl. */
const AMOUNT =
  /\d\s*(?:g|kg|grams?|oz|ounces?|lbs?|cups?|c|tbsps?|tsps?|tablespoons?|teaspoons?|ml|drops?|squirts?)\b/i;
const MOST_TITLE_WORDS = 9;
const SENTENCE_WORDS = 6;

function takeTitle(found: Found, text: string, raw: string, number: number): void {
  found.title = text.replace(/[\s:.]+$/, '');
  row(found, number, raw, 'title', []);
}

/** A name, and nothing that was left out of the recipe. */
function isName(found: Found, text: string): boolean {
  const [only, ...others] = readWritten(text, found.known);
  return only !== undefined && others.length === 0 && isTitle(text) && isRemark(only.reading, text);
}

/** A sentence, and nothing that may have to be weighed. */
function isRemark(reading: LineReading, text: string): boolean {
  if (reading.kind === 'read' || reading.hadAmount) return false;
  if (reading.reason.code === 'dangerous' || AMOUNT.test(text)) return false;
  if (reading.reason.code === 'no-amount')
    return isInstruction(text) && text.split(/\s+/).length > 3;
  const bare = withoutVerb(text).text;
  if (/humidity/i.test(bare)) return true;
  return isInstruction(bare) || bare.split(/\s+/).length >= SENTENCE_WORDS || isTitle(text);
}

/** A name for the whole, and not a material, an amount or a sentence. */
function isTitle(text: string): boolean {
  return (
    !/^[\d½¼¾]|%|humidity/i.test(text) &&
    readVague(text) === null &&
    text.split(/\s+/).length <= MOST_TITLE_WORDS &&
    !/[.!?]$/.test(text) &&
    !isInstruction(text)
  );
}

function takeHeading(found: Found, heading: Heading, raw: string, number: number): void {
  if (heading.kind === 'yield') {
    found.pieces = heading.pieces;
    row(found, number, raw, 'yield', []);
    return;
  }
  found.isTold = heading.kind === 'told';
  if (heading.kind === 'part') openPart(found, heading, number);
  row(found, number, raw, 'heading', []);
}

function openPart(
  found: Found,
  { partKind, name, perPieceG }: Extract<Heading, { kind: 'part' }>,
  number: number,
): void {
  const [main] = found.parts;
  const isFresh = found.parts.length === 1 && main.lines.length === 0;
  if (partKind === null && isFresh && found.current === main) {
    found.mainIsGuessed = { name, line: number };
    if (found.title === '') found.title = name;
    return;
  }
  if (partKind === 'main') {
    if (found.mainIsGuessed && main.lines.length > 0) moveMainAside(found, found.mainIsGuessed);
    found.current = found.parts[0];
    return;
  }
  const part = {
    ...newPart(partKind ?? 'embed', name),
    ...(perPieceG !== null && perPieceG > 0 && { perPieceG }),
  };
  if (partKind === null) found.askedParts.push({ partId: part.id, line: number, name });
  found.parts.push(part);
  found.current = part;
}

/** What stood under a heading nobody knows was not the main mix after all. */
function moveMainAside(
  found: Found,
  { name, line }: { readonly name: string; readonly line: number },
): void {
  const aside = { ...newPart('embed', name), lines: [...found.parts[0].lines] };
  found.parts.push(aside);
  found.askedParts.push({ partId: aside.id, line, name });
  const main = newPart('main', 'Main mix');
  const wasId = found.parts[0].id;
  found.parts[0] = main;
  found.mainIsGuessed = null;
  found.unread.forEach((entry, i) => {
    if (entry.partId === wasId) found.unread[i] = { ...entry, partId: aside.id };
  });
  found.rows.forEach((entry, i) => {
    if (entry.partId === wasId) found.rows[i] = { ...entry, partId: aside.id };
  });
}

/** Under `Method:` a line is told; one that plainly names an amount and a material is still asked about. */
function takeTold(found: Found, raw: string, text: string, number: number): void {
  const readings = AMOUNT.test(text) ? readWritten(raw, found.known) : [];
  const isDangerous = readWritten(raw, found.known).some(
    ({ reading }) => reading.kind === 'unread' && reading.reason.code === 'dangerous',
  );
  const isPlain =
    !isInstruction(withoutVerb(text).text) &&
    readings.every(({ reading }) => reading.kind === 'read');
  if ((readings.length > 0 && isPlain) || isDangerous)
    takeReadings(found, readWritten(raw, found.known), raw, number);
  else takeNote(found, raw.trim(), number);
}

function takeNote(found: Found, text: string, number: number): void {
  found.notes.push(text.slice(0, 500));
  row(found, number, text, 'note', []);
}

/** `2 g petals per bomb`: as often as there are pieces, or a part in grams a piece. */
function takePerPiece(found: Found, each: string, raw: string, number: number): void {
  const readings = readWritten(each, found.known).map((one) => ({ ...one, text: raw.trim() }));
  for (const { reading } of readings)
    if (reading.kind === 'read') found.perPiece.add(reading.line.id);
  takeReadings(found, readings, raw, number);
}

function takeReadings(
  found: Found,
  readings: ReturnType<typeof readWritten>,
  raw: string,
  number: number,
): void {
  const ids = readings.map(({ text, reading }) =>
    takeReading(found, found.current, text, number, reading),
  );
  const isRead = readings.every(({ reading }) => reading.kind === 'read');
  row(found, number, raw, isRead ? 'line' : 'unread', ids);
}

function takeReading(
  found: Found,
  part: Part,
  text: string,
  number: number,
  reading: LineReading,
): string {
  if (reading.kind === 'read') {
    found.sawAmount = true;
    part.lines.push({ ...reading.line, written: text });
    if (reading.remark) found.remarks.push(`Line ${number}: ${reading.remark}`);
    return reading.line.id;
  }
  found.sawAmount ||= reading.hadAmount;
  if (reading.reason.code === 'no-unit') found.unitless++;
  const id = newId();
  found.unread.push({
    id,
    line: number,
    text,
    reason: reading.reason,
    choices: [...reading.choices],
    partId: part.id,
  });
  return id;
}

/**
 * `1 tsp kaolin for every 3 cups of baking soda`, times as often as the recipe holds them. A base that the
 * recipe does not hold yet is taken as a line of its own where the base stands first.
 */
function takeForEvery(found: Found, entry: Waiting): void {
  const { each, per, raw, number, part } = entry;
  const takeOne = (text: string) => {
    const [first] = readWritten(text, found.known);
    return first ? takeReading(found, part, text.trim(), number, first.reading) : '';
  };
  if (each === '') {
    row(found, number, raw, 'line', [takeOne(per)]);
    return;
  }
  const isFirst = /^\W*for\b/i.test(raw.trim());
  const base = isFirst && !timesIn(per, part.lines, found.known).ok ? [takeOne(per)] : [];
  const times = timesIn(per, part.lines, found.known);
  if (!times.ok) {
    found.sawAmount = true;
    const id = newId();
    found.unread.push({
      id,
      line: number,
      text: raw.trim(),
      reason: times.reason,
      choices: [],
      partId: part.id,
    });
    row(found, number, raw, 'unread', [...base, id]);
    return;
  }
  const before = part.lines.length;
  const id = takeOne(each);
  row(found, number, raw, part.lines.length > before ? 'line' : 'unread', [...base, id]);
  const line = part.lines[before];
  if (!line) return;
  part.lines[before] = { ...timesLine(line, times.factor), written: raw.trim() };
  found.remarks.push(
    `Line ${number}: ${each.trim()}, ${Number(times.factor.toFixed(2))} times, by the ${times.of.toLowerCase()} in the recipe.`,
  );
}

function row(
  found: Found,
  number: number,
  raw: string,
  became: PageRow['became'],
  ids: readonly string[],
): void {
  found.rows.push({ number, text: raw.trim(), partId: found.current.id, became, ids });
}
