import { newPart } from '../model/create';
import { dangerousMeant, dangersIn, isStop } from '@/core/matter/materials/names/dangers/find';
import { readForEvery } from './forEvery';
import { addRow, addYield, ask, nothingFound, note, type Found } from './found';
import { readHeading, readInlineHeading, readSizedHeading, type Heading } from './headings';
import { headerOf, isRule, type Table } from './pageTables';
import { cardLabelAt, nameInWords, type CardLabel } from './cardLabels';
import { gather } from './items';
import { nameIn } from './names';
import { isGreeting, verbAt } from './phrases/lexicon';
import { scan } from './phrases/scan';
import { yieldAtEnd } from './phrases/yields';
import type { Known } from './readItem';
import { takeSentence } from './sentences';
import { takeTableRow } from './tableRows';
import { behindMarks, sentencesOf, type Row, type Words } from './words';

/** Third pass: reads a page row by row into its parts, notes and questions. */
export function collect(words: Words, known: Known): Found {
  const found = nothingFound(words, known);
  let table: Table | null = null;
  for (const row of words.rows) {
    const asked = found.unread.length;
    table = takeRow(found, row, table);
    askOfDangers(found, row, asked);
  }
  if (found.title === '') found.title = nameInWords(words.text);
  for (const { materialId, number, text } of found.mentions) {
    const isTaken = found.parts.some(({ lines }) =>
      lines.some((line) => line.materialId === materialId),
    );
    if (isTaken || found.unread.some(({ choices }) => choices.includes(materialId))) continue;
    ask(found, number, text, { reason: { code: 'no-amount', about: '' }, choices: [materialId] });
  }
  for (const { isUsed, text, number, name } of found.stocks)
    if (!isUsed) ask(found, number, text, { reason: { code: 'vague', about: name }, choices: [] });
  return found;
}

/**
 * A danger is asked about wherever it stands: in a chatty sentence, a heading, behind a line that was read. Only a line that
 * is left out, and a plain warning, are quiet.
 * @param asked how many questions there were before this row
 */
function askOfDangers(found: Found, row: Row, asked: number): void {
  const raw = rawOf(found, row);
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
    if (isAskedAlready(found, asked, substance.id, words, isStop(substance))) continue;
    const id = ask(found, row.number, raw, {
      reason: { code: isStop(substance) ? 'dangerous' : 'unknown', about: words.slice(0, 200) },
      choices: [],
    });
    found.isEmpty = false;
    const at = found.rows.findLastIndex((one) => one.number === row.number);
    const before = found.rows[at];
    if (before) found.rows[at] = { ...before, became: 'unread', ids: [...before.ids, id] };
    else addRow(found, row.number, raw, 'unread', [id]);
  }
}

/** The sentence that names it may be asked about for another reason: the danger goes before that. */
function isAskedAlready(
  found: Found,
  asked: number,
  id: string,
  words: string,
  stops: boolean,
): boolean {
  const at = found.unread.findIndex(
    ({ text, reason }, i) =>
      i >= asked &&
      reason.code !== 'dangerous' &&
      dangersIn(text).some(({ substance }) => substance.id === id),
  );
  const entry = found.unread[at];
  if (!entry) return false;
  if (stops)
    found.unread[at] = {
      ...entry,
      reason: { code: 'dangerous', about: words.slice(0, 200) },
      choices: [],
    };
  return true;
}

function rawOf({ words }: Found, { from, to }: Row): string {
  return words.text.slice(from, to);
}

/** `# Harbor light` over a recipe is its name, as Rovack writes it; any other such line is left out. */
const MARKED = /^\s*#\s*(\S.*)$/;

function takeRow(found: Found, row: Row, table: Table | null): Table | null {
  const raw = rawOf(found, row);
  const { words } = found;
  if (raw.trim() === '') {
    if (found.stock) found.stock = null;
    return table?.delimiter === '|' ? table : null;
  }
  const marked = MARKED.exec(raw)?.[1];
  if (marked !== undefined) {
    const at = row.to - marked.length;
    if (found.isEmpty && found.title === '' && isTitle(found, row, at)) takeTitle(found, row, at);
    else found.account.push({ from: row.from, to: row.to, as: 'remark' });
    return table;
  }
  if (found.other) {
    found.notes.push(raw.trim().slice(0, 500));
    addRow(found, row.number, raw, 'note');
    found.account.push({ from: row.from, to: row.to, as: 'remark' });
    return null;
  }
  const from = behindMarks(words.low, row);
  const text = words.text.slice(from, row.to).trim();
  const isFirst =
    found.title === '' && !found.sawAmount && found.rows.every(({ became }) => became === 'note');
  if (isRule(text) || text === '') {
    found.account.push({ from: row.from, to: row.to, as: 'remark' });
    return table;
  }
  found.isEmpty = false;
  const header = headerOf(words, from, row.to);
  if (header) {
    found.account.push({ from: row.from, to: row.to, as: 'heading' });
    addRow(found, row.number, raw, 'heading');
    return header;
  }
  if (table && words.low.slice(from, row.to).includes(table.delimiter)) {
    takeTableRow(found, { row, from, table });
    return table;
  }
  takeWords(found, { row, from, raw, text, isFirst });
  return null;
}

interface RowWords {
  readonly row: Row;
  readonly from: number;
  readonly raw: string;
  readonly text: string;
  readonly isFirst: boolean;
}

function takeWords(found: Found, { row, from, raw, text, isFirst }: RowWords): void {
  const { number } = row;
  const brackets = [...text.matchAll(/\(([^)]*)\)/g)].map((match) => (match[1] ?? '').trim());
  const bare = text
    .replace(/\([^)]*\)/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/ (?=[:.,]$)/, '')
    .trim();
  const per = text.startsWith('(') ? null : readForEvery(text);
  const forEvery = per && readHeading(bare, brackets)?.kind === 'per-piece' ? null : per;
  const labeled = cardLabelAt(words(found, from, row.to).toLowerCase());
  if (labeled && labeled.label !== 'yield') {
    found.account.push({ from, to: from + labeled.length, as: 'heading' });
    takeLabeled(found, labeled.label, { row, from: from + labeled.length, raw });
    return;
  }
  const heading =
    readSizedHeading(bare) ?? (forEvery || bare === '' ? null : readHeading(bare, brackets));
  if (heading) {
    takeHeading(found, heading, row, raw);
    return;
  }
  if (isFirst && isTitle(found, row, from)) {
    takeTitle(found, row, from);
    return;
  }
  const inline = /^([^:]{2,60}?)\s*:\s*(?=\S)/.exec(words(found, from, row.to));
  const inHeading = inline
    ? readInlineHeading((inline[1] ?? '').replace(/\([^)]*\)/g, ' ').trim())
    : null;
  if (inline && inHeading && (inHeading.kind === 'part' || !forEvery)) {
    takeInline(found, inHeading, { row, from: from + inline[0].length, raw, headingFrom: from });
    return;
  }
  if (forEvery && PIECE.test(forEvery.per)) {
    takePerPiece(found, forEvery.each, { row, from, raw });
    return;
  }
  if (forEvery && !found.isTold) {
    found.waiting.push({ ...forEvery, raw, number, part: found.current });
    found.account.push({ from, to: row.to, as: 'amount' });
    return;
  }
  takeSentences(found, row, from, raw);
}

/** The name of a card replaces the line over it; what is optional is a line like any other. */
function takeLabeled(
  found: Found,
  label: CardLabel,
  at: { readonly row: Row; readonly from: number; readonly raw: string },
): void {
  if (label === 'told') {
    note(found, words(found, at.row.from, at.row.to));
    found.account.push({ from: at.from, to: at.row.to, as: 'remark' });
    addRow(found, at.row.number, at.raw, 'note');
    return;
  }
  if (label !== 'name') {
    takeSentences(found, at.row, at.from, at.raw);
    return;
  }
  found.title = words(found, at.from, at.row.to).trim();
  found.account.push({ from: at.from, to: at.row.to, as: 'name' });
  addRow(found, at.row.number, at.raw, 'title');
}

function words(found: Found, from: number, to: number): string {
  return found.words.text.slice(from, to);
}

function takeSentences(found: Found, row: Row, from: number, raw: string): void {
  const took = sentencesOf(found.words, from, row.to).map((sentence) =>
    takeSentence(found, { ...sentence, number: row.number, raw }),
  );
  const ids = took.flatMap((one) => one.ids);
  const isRemark = took.some(({ remark }) => remark !== '');
  if (ids.length > 0) {
    const asks = took.some((one) => one.asks);
    for (const { remark } of took) note(found, remark);
    addRow(found, row.number, raw, asks ? 'unread' : 'line', ids);
    return;
  }
  if (isRemark) note(found, raw);
  addRow(found, row.number, raw, took.some(({ isYield }) => isYield) ? 'yield' : 'note');
}

const PIECE =
  /^(?:each |every |one )?(?:piece|(?:bath |shower )?bomb|(?:shower )?steamer|cube|tablet|puck|jar|sachet|mold)s?$/i;
const MOST_TITLE_WORDS = 9;
/** A name may be made of words that nobody knows. */
const TITLE_MAY_ASK: ReadonlySet<string> = new Set(['no-line', 'no-name', 'unknown', 'guess']);
/** `Steamers, 10% menthol`: a share in the name of the whole. */
const NAMES_PRODUCT = /\b(?:bombs?|steamers?|fizz(?:ers?|ies)?|salts|soak|tabs|tablets|cubes)\b/i;

const SHARE = /\d ?%(?! humidity)/i;

/** A name for the whole, and not a material, an amount or a sentence. */
function isTitle(found: Found, row: Row, from: number): boolean {
  const text = words(found, from, row.to).trim();
  const bare = text.replace(/\([^)]*\)/g, '').trim();
  if (bare === '' || bare.split(/\s+/).length > MOST_TITLE_WORDS) return false;
  if (isGreeting(bare.toLowerCase())) return false;
  if (
    (/^[\d½¼¾]|[.!?]$/.test(bare) && !/\b(?:in|oz|lb|pcs|approx)\.$/.test(bare)) ||
    (SHARE.test(bare) && !NAMES_PRODUCT.test(bare)) ||
    dangersIn(text).length > 0
  )
    return false;
  const trial: Found = { ...nothingFound(found.words, found.known), isEmpty: false };
  const atEnd = yieldAtEnd(found.words.low.slice(from, row.to));
  const to = atEnd ? from + atEnd.from : row.to;
  const took = takeSentence(trial, { from, to, number: row.number, raw: text });
  const isLine = trial.parts.some((part) => part.lines.length > 0);
  const hasAmount = scan({ words: found.words, catalog: found.known.catalog }, from, to).some(
    (phrase) =>
      phrase.kind === 'amount' && phrase.much.as !== 'bare' && phrase.much.as !== 'percent',
  );
  // `Milk & honey soak`: materials in the name of the whole; a material by itself is a line.
  const isMore = nameIn(found.known.catalog, bare, null).kind === 'unknown';
  const asks = trial.unread.some(
    ({ reason }) =>
      !(
        TITLE_MAY_ASK.has(reason.code) ||
        (isMore && (reason.code === 'no-amount' || reason.code === 'parts'))
      ) ||
      (hasAmount && reason.code === 'unknown'),
  );
  return !isLine && !asks && !took.isDone;
}

function takeTitle(found: Found, row: Row, from: number): void {
  const { low, text } = found.words;
  const trial: Found = { ...nothingFound(found.words, found.known), isEmpty: false };
  const took = takeSentence(trial, { from, to: row.to, number: row.number, raw: '' });
  addYield(found, trial.yields);
  let end = row.to;
  if (trial.yields.count === undefined) {
    const atEnd = yieldAtEnd(low.slice(from, row.to));
    if (atEnd) {
      addYield(found, atEnd.says);
      end = from + atEnd.from;
    }
  }
  if (took.firstYield !== null) end = Math.min(end, took.firstYield);
  // `Half-sphere steamers`: what it makes is its name too.
  if (end <= from) end = row.to;
  found.title = text
    .slice(from, end)
    .replace(/\s*\([^()]*\d[^()]*\)\s*$/, '')
    .replace(/^[\s*_>#]+|[\s*_:.,;(–—@-]+$/g, '')
    .trim();
  found.account.push({ from, to: end, as: 'name' });
  if (end < row.to) found.account.push({ from: end, to: row.to, as: 'yield' });
  addRow(found, row.number, text.slice(row.from, row.to), 'title');
  if (end < row.to && /\d ?-?(?:mm|cm|inch)/i.test(text.slice(end, row.to)))
    note(found, text.slice(row.from, row.to));
}

function takeHeading(found: Found, heading: Heading, row: Row, raw: string): void {
  found.isTold = heading.kind === 'told';
  found.account.push({ from: row.from, to: row.to, as: 'heading' });
  if (heading.kind !== 'part' || heading.perPieceG === null)
    takeHeadingYield(found, row.from, row.to);
  openHeading(found, heading, row.number, raw);
  addRow(found, row.number, raw, 'heading');
}

/** `Ingredients (for 8 x 100 g):` */
function takeHeadingYield(found: Found, from: number, to: number): void {
  const { words: page, known } = found;
  const phrases = scan({ words: page, catalog: known.catalog }, from, to);
  for (const says of gather(phrases, page).yields) addYield(found, says);
}

function openHeading(found: Found, heading: Heading, number: number, raw: string): void {
  found.stock = null;
  found.groupOp =
    heading.kind === 'group' ? (verbAt(raw.trim().toLowerCase(), 0)?.op ?? null) : null;
  found.isPerPiece = heading.kind === 'per-piece';
  if (heading.kind === 'per-piece' || heading.kind === 'group' || heading.kind === 'told') return;
  found.sectionWay = null;
  if (heading.kind === 'stock') {
    const stock = { name: heading.name, text: raw.trim(), number, lines: [], isUsed: false };
    found.stocks.push(stock);
    found.stock = stock;
    return;
  }
  const [main] = found.parts;
  if (heading.isProduct && isWhole(main.lines.length, found)) {
    found.other = { name: heading.name, number };
    ask(found, number, raw, { reason: { code: 'heading', about: heading.name }, choices: [] });
    return;
  }
  found.sectionWay = heading.way === 'on-the-floor' ? 'on-the-floor' : null;
  openPart(found, heading, number);
}

/** Has the page a product of its own already? */
function isWhole(lines: number, { current, parts }: Found): boolean {
  return lines >= 2 && (current === parts[0] || parts.length > 1);
}

/** `Embed: 60 g soda, 42 g citric`: a section of one row. */
function takeInline(
  found: Found,
  heading: Heading,
  at: {
    readonly row: Row;
    readonly from: number;
    readonly raw: string;
    readonly headingFrom: number;
  },
): void {
  const { current, sectionWay, isTold, isPerPiece } = found;
  found.account.push({ from: at.headingFrom, to: at.from, as: 'heading' });
  if (heading.kind === 'told') found.isTold = true;
  if (heading.kind !== 'part' || heading.partKind === 'main')
    takeHeadingYield(found, at.headingFrom, at.from);
  openHeading(found, heading, at.row.number, at.raw);
  const each = readForEvery(words(found, at.from, at.row.to));
  // `3 g sprinkles per piece, pressed on top`
  if (each && PIECE.test(each.per.replace(/\s*[,;].*$/, ''))) takePerPiece(found, each.each, at);
  else takeSentences(found, at.row, at.from, at.raw);
  found.stock = null;
  // A section of one row ends with it; the main mix goes on.
  if (heading.kind === 'part' && heading.partKind !== 'main') {
    found.current = current;
    found.sectionWay = sectionWay;
  }
  found.isTold = isTold;
  found.isPerPiece = isPerPiece;
}

function openPart(
  found: Found,
  { partKind, name, perPieceG, share }: Extract<Heading, { kind: 'part' }>,
  number: number,
): void {
  const [main] = found.parts;
  const isFresh = found.parts.length === 1 && main.lines.length === 0;
  if (partKind === null && isFresh && found.current === main) {
    found.mainIsGuessed = { name, line: number };
    if (found.title === '') found.title = name;
    return;
  }
  // What comes first is the mix itself: nothing is there to be split.
  if (partKind === 'main' || (partKind === 'split' && isFresh)) {
    if (found.mainIsGuessed && main.lines.length > 0) moveMainAside(found, found.mainIsGuessed);
    found.current = found.parts[0];
    return;
  }
  const part = {
    ...newPart(partKind ?? 'embed', name),
    ...(perPieceG !== null && perPieceG > 0 && { perPieceG }),
  };
  if (share !== undefined) found.splitShares.set(part.id, share);
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

/** `2 g petals per bomb`: as often as there are pieces, or a part in grams a piece. */
function takePerPiece(
  found: Found,
  each: string,
  { row, from, raw }: { readonly row: Row; readonly from: number; readonly raw: string },
): void {
  const before = found.current.lines.length;
  const trimmed = each.trim();
  const at = found.words.text.indexOf(trimmed, from);
  if (at >= 0 && at + trimmed.length <= row.to) {
    const took = takeSentence(found, {
      from: at,
      to: at + trimmed.length,
      number: row.number,
      raw,
    });
    addRow(found, row.number, raw, took.asks ? 'unread' : 'line', took.ids);
  } else {
    takeSentences(found, row, from, raw);
  }
  for (const line of found.current.lines.slice(before)) found.perPiece.add(line.id);
}
