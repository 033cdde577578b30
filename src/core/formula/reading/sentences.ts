import { newId } from '@/core/basics/newId';
import { newPart } from '../model/create';
import type { Line, Part } from '../model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { exactly } from '@/core/basics/units/spread';
import { findUnit } from '@/core/basics/units/household';
import { readAmount } from './amount';
import { readQuantity } from './quantity';
import {
  addYield,
  ask,
  note,
  type Became,
  type Found,
  type LineDetail,
  type Question,
} from './found';
import { gather, type Gathered, type Item } from './items';
import { nameIn } from './names';
import { cellsOf, type ColumnRole, type Table } from './pageTables';
import { waysOfTwo } from './phrases/doings';
import { isGreeting } from './phrases/lexicon';
import { scan } from './phrases/scan';
import type { Much, Phrase, Span } from './phrases/types';
import { nameText, readItem, wayFor, type LineReading } from './readItem';
import { takeStock } from './stocks';
import type { Row } from './words';

export interface Sentence extends Span {
  readonly number: number;
  /** The row it stands in. */
  readonly raw: string;
}

/** What became of a sentence. */
export interface Took {
  readonly ids: readonly string[];
  readonly asks: boolean;
  readonly isYield: boolean;
  /** Does it say what is to be done? */
  readonly isDone: boolean;
  /** Where its first words of the yield begin. */
  readonly firstYield: number | null;
  /** What of it has to be kept as a remark. */
  readonly remark: string;
}

const NOTHING: Took = {
  ids: [],
  asks: false,
  isYield: false,
  isDone: false,
  firstYield: null,
  remark: '',
};

/** Takes a sentence, or a line of a list, into the page: its lines, its yield, what it asks to be done. */
export function takeSentence(found: Found, sentence: Sentence): Took {
  const { words, known } = found;
  const phrases = scan({ words, catalog: known.catalog }, sentence.from, sentence.to);
  if (phrases.length === 0) return NOTHING;
  const again = SAME_AGAIN.exec(words.low.slice(sentence.from, sentence.to));
  const gathered = gather(phrases, words, (name) => isNameKnownAt(found, name));
  if (again) copyLast(found);
  const lines = linesOf(found, gathered, sentence);
  const firstYield = phrases.find(({ kind }) => kind === 'yield')?.from ?? null;
  const isDone = gathered.verbs.length > 0;
  if (lines.length > 0 && !isTold(found, gathered, lines)) {
    if (gathered.ratio === null) takeYields(found, gathered, lines);
    const ids = takeItems(found, lines, gathered, sentence);
    takeVerbs(found, gathered, sentence);
    accountFor(found, phrases, gathered, ids.names);
    return {
      ids: ids.ids,
      asks: ids.asks,
      isYield: gathered.yields.length > 0,
      isDone,
      firstYield,
      remark: again || ids.ids.length === 0 ? textOf(found, sentence) : '',
    };
  }
  takeYields(found, gathered, lines);
  takeVerbs(found, gathered, sentence);
  const isYield = gathered.yields.length > 0;
  const question = isYield && !lines.length ? null : questionOf(found, phrases, gathered, sentence);
  accountFor(
    found,
    phrases,
    gathered,
    new Map(),
    question ? 'unknown' : isDone ? 'action' : 'remark',
  );
  if (question)
    return {
      ids: [ask(found, sentence.number, textOf(found, sentence), question)],
      asks: true,
      isYield,
      isDone,
      firstYield,
      remark: '',
    };
  const says = words.low.slice(sentence.from, sentence.to);
  const remark = !isYield || NEEDS_NOTE.test(says) ? textOf(found, sentence) : '';
  return { ...NOTHING, isYield, isDone, firstYield, remark };
}

function isNameKnownAt({ words, known }: Found, { from, to }: Span): boolean {
  return nameIn(known.catalog, words.text.slice(from, to).trim(), null).kind !== 'unknown';
}

const SAME_AGAIN =
  /^\W*(?:the )?same (?:again|as (?:above|before))|^\W*(?:ditto|repeat the above)\b/;
const NEEDS_NOTE = /\d ?-?(?:mm|cm|inch)|"|sold|half|each/;

function textOf({ words }: Found, { from, to }: Span): string {
  return words.text.slice(from, to).trim();
}

/** Items that are lines of the recipe: with a name and an amount, whatever becomes of them. */
function linesOf(found: Found, gathered: Gathered, { from, to }: Sentence): readonly Item[] {
  const { items, ratio } = gathered;
  const named = items.filter(({ name }) => name !== null);
  if (ratio !== null && named.length >= ratio.length && ratio.length >= 2) {
    const total = gathered.yields.find(({ totalG }) => totalG !== undefined)?.totalG;
    const sum = ratio.reduce((all, one) => all + one, 0);
    const known = named.filter(({ name }) => name !== null && isNameKnownAt(found, name));
    (known.length >= ratio.length ? known : named).slice(0, ratio.length).forEach((item, i) => {
      const share = ratio[i] ?? 0;
      item.much = total === undefined ? partsOf(share) : gramsOf((total * share) / sum);
      item.isEach = false;
    });
  }
  const low = found.words.low.slice(from, to);
  const times = TIMES_AS_MUCH.exec(low);
  const lastLine = found.current.lines.at(-1);
  if (times && lastLine && named[0]?.much === null)
    named[0].much = gramsOf(lastLine.massG * (TIMES[times[1] ?? ''] ?? 1));
  const same = SAME_AS.exec(low);
  if (same && named[0]?.much === null) {
    const reference = lineNamed(found, same[2] ?? '');
    if (reference) named[0].much = gramsOf(reference.massG);
  }
  return items.filter(
    ({ name, much, until }) =>
      (name !== null &&
        (much !== null ||
          (until !== null && (items.length === 1 || isNameKnownAt(found, name))))) ||
      (much !== null &&
        items.length === 1 &&
        gathered.yields.length === 0 &&
        gathered.verbs.length === 0),
  );
}

/** `half as much citric`: of the line before it. */
const TIMES_AS_MUCH =
  /\b(half|twice|double|a third|a quarter|three times|the same|just|exactly)(?: again)? (?:as much|the amount|amount)(?: of)?\b/;
const TIMES: Readonly<Record<string, number>> = {
  half: 0.5,
  twice: 2,
  double: 2,
  'a third': 1 / 3,
  'a quarter': 0.25,
  'three times': 3,
};

/** `same of corn starch as citric` */
const SAME_AS = /^\W*(?:the )?same (?:amount |weight )?of (?:the )?(.+?) as (?:the |of )?([a-z ]+)/;

function lineNamed({ parts, known }: Found, name: string): Line | undefined {
  const recognition = nameIn(known.catalog, name.trim(), null);
  if (!('material' in recognition)) return undefined;
  return parts
    .flatMap(({ lines }) => lines)
    .find(({ materialId }) => materialId === recognition.material.id);
}

function partsOf(share: number): Much {
  return { as: 'parts', share: exactly(share) };
}

function gramsOf(massG: number): Much {
  const unit = findUnit('g');
  return unit ? { as: 'measured', measures: [{ count: exactly(massG), unit }] } : partsOf(massG);
}

function isListed({ parts }: Found, id: string): boolean {
  return parts.some(({ lines }) => lines.some(({ materialId }) => materialId === id));
}

/** A sentence of the method speaks of lines that stand on the page already: it adds none of them again. */
function isTold(found: Found, { verbs }: Gathered, lines: readonly Item[]): boolean {
  if (!found.isTold && verbs.length === 0) return false;
  const listed = new Set(
    found.parts.flatMap((part) => part.lines.map(({ materialId }) => materialId)),
  );
  if (listed.size === 0) return false;
  const ids = lines.map((item) => {
    const recognition = nameIn(found.known.catalog, nameText(item, found.words), item.much);
    if ('material' in recognition) return recognition.material.id;
    return recognition.kind === 'dangerous' ? 'danger' : null;
  });
  if (ids.includes('danger')) return false;
  if (found.isTold) return verbs.length > 0 || ids.every((id) => id === null || listed.has(id));
  return ids.every((id) => id !== null && listed.has(id)) && ids.length > 0;
}

/** An amount without a name is what each piece weighs, or all of it. */
function takeYields(found: Found, { yields, items }: Gathered, lines: readonly Item[]): void {
  for (const says of yields) addYield(found, says);
  for (const { name, much, isEach, notes } of items) {
    if (name !== null || much?.as !== 'measured' || notes.length > 0) continue;
    if (lines.some((line) => line.much === much)) continue;
    if (!much.measures.every(({ unit }) => unit.kind === 'mass')) continue;
    const pieceG = much.measures.reduce((sum, { count, unit }) => sum + count.best * unit.size, 0);
    if (isEach || yields.some(({ count }) => count !== undefined)) addYield(found, { pieceG });
  }
}

interface TookItems {
  readonly ids: readonly string[];
  readonly asks: boolean;
  /** By the place of its name: was it understood? */
  readonly names: ReadonlyMap<number, boolean>;
}

function takeItems(
  found: Found,
  items: readonly Item[],
  { verbs }: Gathered,
  sentence: Sentence,
  isTable = false,
): TookItems {
  const known = isTable ? { ...found.known, takesShares: true } : found.known;
  const names = new Map<number, boolean>();
  const ids: string[] = [];
  let asks = false;
  let before: { readonly line: Line; readonly part: Part } | null = null;
  const isOne = items.length === 1;
  const sharesOil = sharedOil(found, items);
  items.forEach((raw, i) => {
    const next = items[i + 1];
    const item = isOne
      ? { ...raw, from: sentence.from, to: sentence.to }
      : widened(raw, i, items, sentence);
    const part = partFor(found, item);
    const stock = takeStock(found, item, sentence.number, part);
    if (stock) {
      ids.push(...stock);
      names.set(raw.name?.from ?? raw.from, true);
      before = null;
      return;
    }
    const reading = readWithOil(found, known, item, sharesOil);
    names.set(raw.name?.from ?? raw.from, isNameKnown(reading));
    if (reading.kind === 'unread') {
      if (reading.reason.code === 'no-name' && (verbs.length > 0 || items.length > 1)) return;
      if (raw.much?.as === 'bare' && verbs.length > 0) return;
      if (reading.reason.code === 'no-unit') found.unitless++;
      found.sawAmount ||= reading.hadAmount;
      asks = true;
      ids.push(
        ask(
          found,
          sentence.number,
          isOne ? rowText(sentence, textOf(found, sentence)) : textOf(found, item),
          {
            ...reading,
            partId: part.id,
          },
        ),
      );
      before = null;
      return;
    }
    found.sawAmount = true;
    const line = withWay(found, reading.line, raw, before?.line ?? null);
    if (before && raw.join) wayOfFirst(found, before, line, raw.join);
    const isPerPiece = raw.isEach && isOne && next === undefined;
    const lines = found.stock ? found.stock.lines : part.lines;
    lines.push({
      ...line,
      written: isOne ? rowText(sentence, textOf(found, sentence)) : line.written,
    });
    if (reading.share) found.shares.set(line.id, reading.share);
    if (reading.share === 'until-it-holds')
      found.remarks.push(
        `Line ${sentence.number}: Rovack plans 1% of the mix for what you spray until it holds. Count the squirts at the bench.`,
      );
    if (isPerPiece) found.perPiece.add(line.id);
    found.details.set(line.id, detailOf(found, raw, item));
    if (reading.remark) found.remarks.push(`Line ${sentence.number}: ${reading.remark}`);
    takeDoings(found, raw, line, before?.line ?? null, textOf(found, item));
    if (found.groupOp)
      found.actions.push({
        op: found.groupOp,
        materialIds: [line.materialId],
        minutes: null,
        until: '',
        text: textOf(found, item),
      });
    ids.push(line.id);
    before = { line, part };
  });
  return { ids, asks, names };
}

/** Is it only the amount that is asked for? */
function isNameKnown(reading: LineReading): boolean {
  return reading.kind === 'read' || AMOUNT_ASKED.has(reading.reason.code);
}
const AMOUNT_ASKED: ReadonlySet<string> = new Set([
  'vague',
  'no-amount',
  'no-unit',
  'parts',
  'zero',
  'by-zero',
  'below-zero',
  'too-heavy',
]);

/** The whole row where it is one line; the words of the sentence in prose. */
function rowText({ raw, from, to }: Sentence, words: string): string {
  const own = raw.trim();
  return (own.length <= to - from + LONGEST_MARK ? own : words).slice(0, 600);
}
const LONGEST_MARK = 12;

/** Every word between two lines belongs to one of them. */
function widened(item: Item, i: number, items: readonly Item[], sentence: Sentence): Item {
  const next = items[i + 1];
  return {
    ...item,
    from: i === 0 ? sentence.from : item.from,
    to: next ? next.from : sentence.to,
  };
}

/** `1 tsp each of lavender and orange oil`: the oil is meant for both. */
function sharedOil(found: Found, items: readonly Item[]): boolean {
  const last = items.at(-1);
  return (
    items.length > 1 &&
    items.every(({ isEach }) => isEach) &&
    last !== undefined &&
    /\b(?:oils?|eos?)$/i.test(nameText(last, found.words))
  );
}

function readWithOil(
  found: Found,
  known: Found['known'],
  item: Item,
  sharesOil: boolean,
): LineReading {
  const plain = readItem(item, found.words, known);
  if (!sharesOil || plain.kind === 'read') return plain;
  const recognition = nameIn(known.catalog, `${nameText(item, found.words)} oil`, item.much);
  if (!('material' in recognition)) return plain;
  return readItem(item, found.words, known, recognition.material.id);
}

/** The part an item stands in: its own section of the row, else the one that is open. */
function partFor(found: Found, { section }: Item): Part {
  if (!section) return found.current;
  const name = section.name.trim().replace(/\s+gets$/i, '');
  const known = found.parts.find((part) => part.kind === section.partKind && part.name === name);
  if (known) return known;
  const part = newPart(section.partKind, name.charAt(0).toUpperCase() + name.slice(1));
  found.parts.push(part);
  return part;
}

function withWay(found: Found, line: Line, item: Item, before: Line | null): Line {
  const material = materialById(found.known.catalog, line.materialId);
  if (before && item.join) {
    const first = materialById(found.known.catalog, before.materialId);
    const [, second] = pairWays(first, material, item.join);
    const way = wayFor(material, second ?? null);
    return way ? { ...line, how: way } : line;
  }
  const way = line.how === undefined ? wayFor(material, found.sectionWay) : undefined;
  return way ? { ...line, how: way } : line;
}

type Material = ReturnType<typeof materialById>;

function pairWays(first: Material, second: Material, join: string) {
  const isWater = second.waterFraction.value > 0.95;
  const isOily = second.role === 'oil' || second.role === 'butter';
  const plainIn = join === 'in' || join === 'into' || join === 'with';
  if (plainIn && isWater && first.role === 'color')
    return waysOfTwo('bloomed', { isOily, isWater });
  if (plainIn && second.role === 'alcohol' && first.role === 'scent')
    return waysOfTwo('dissolved', { isOily, isWater });
  if (plainIn) return [undefined, undefined] as const;
  if (isWater && first.role !== 'color') return [undefined, undefined] as const;
  return waysOfTwo(join, { isOily, isWater });
}

function wayOfFirst(
  found: Found,
  { line, part }: { readonly line: Line; readonly part: Part },
  second: Line,
  join: string,
): void {
  const { catalog } = found.known;
  const first = materialById(catalog, line.materialId);
  const [way] = pairWays(first, materialById(catalog, second.materialId), join);
  const fits = wayFor(first, way ?? null);
  if (!fits) return;
  const lines = found.stock ? found.stock.lines : part.lines;
  const at = lines.findIndex(({ id }) => id === line.id);
  if (at >= 0) lines[at] = { ...line, ...lines[at], how: fits };
}

function detailOf({ words }: Found, item: Item, { from, to }: Span): LineDetail {
  const { much, doings } = item;
  const units = much?.as === 'measured' ? much.measures.map(({ unit }) => unit.kind) : [];
  const as =
    much?.as === 'percent'
      ? 'percent'
      : much?.as === 'parts'
        ? 'ratio'
        : much?.as === 'vague'
          ? 'vague'
          : units.includes('drop')
            ? 'drops'
            : units.every((kind) => kind === 'mass')
              ? 'weighed'
              : 'measured';
  return {
    as,
    preparations: doings.map((doing) => words.text.slice(doing.from, doing.to).trim()),
    from,
    to,
  };
}

function takeDoings(found: Found, item: Item, line: Line, before: Line | null, text: string): void {
  const until = item.until ? found.words.text.slice(item.until.from, item.until.to).trim() : '';
  for (const { op, join } of item.doings) {
    if (op === null || join !== null) continue;
    const salts = op === 'soak' ? saltsOf(found) : [];
    found.actions.push({
      op,
      materialIds: [...new Set([line.materialId, ...salts])],
      minutes: item.minutes,
      until,
      text,
    });
  }
  const op = item.join === null ? null : OP_OF_JOIN[item.join];
  if (op && before)
    found.actions.push({
      op,
      materialIds: [before.materialId, line.materialId],
      minutes: item.minutes,
      until,
      text,
    });
}

const OP_OF_JOIN: Readonly<Record<string, 'bloom' | 'dissolve' | 'melt' | 'infuse' | 'mix'>> = {
  bloomed: 'bloom',
  bloom: 'bloom',
  dispersed: 'bloom',
  wetted: 'bloom',
  dissolved: 'dissolve',
  melted: 'melt',
  infused: 'infuse',
  steeped: 'infuse',
  mixed: 'mix',
  stirred: 'mix',
  stir: 'mix',
  in: 'dissolve',
  into: 'dissolve',
};

function saltsOf({ parts, known }: Found): readonly string[] {
  return parts
    .flatMap(({ lines }) => lines)
    .map(({ materialId }) => materialId)
    .filter((id) => materialById(known.catalog, id).role === 'salt');
}

/** What a sentence asks to be done, with the materials it names. */
function takeVerbs(found: Found, { verbs, items }: Gathered, sentence: Sentence): void {
  const text = textOf(found, sentence);
  for (const { op } of verbs) {
    if (op === null) continue;
    const named = items.flatMap((item) => {
      const recognition = nameIn(found.known.catalog, nameText(item, found.words), item.much);
      return 'material' in recognition ? [recognition.material.id] : [];
    });
    const minutes =
      items.find((item) => item.minutes !== null)?.minutes ?? minutesIn(found, sentence);
    found.actions.push({
      op,
      materialIds: named.length > 0 ? [...new Set(named)] : everything(found, text, op),
      minutes,
      until: '',
      text: text.slice(0, 300),
    });
  }
}

function minutesIn(found: Found, { from, to }: Span): number | null {
  const { words, known } = found;
  for (const phrase of scan({ words, catalog: known.catalog }, from, to))
    if (phrase.kind === 'time') return phrase.minutes;
  return null;
}

/** `Sift everything but the citric acid`, `break any lumps`: the powders, where nothing else is named. */
function everything(found: Found, text: string, op: string): readonly string[] {
  const { catalog } = found.known;
  const lines = found.parts.flatMap((part) => part.lines);
  const solids = lines.filter(({ materialId }) => !materialById(catalog, materialId).isLiquid);
  const but = /\b(?:but|except|without) (?:for )?(?:the )?([\w ]+)/i.exec(text)?.[1];
  const left = but === undefined ? null : nameIn(catalog, but.trim(), null);
  if (op !== 'sieve' && !/\b(?:everything|all|dry|powders?|salts?)\b/i.test(text)) return [];
  const salts = op === 'soak' ? saltsOf(found) : null;
  return [
    ...new Set(
      (salts ?? solids.map(({ materialId }) => materialId)).filter(
        (id) => !(left && 'material' in left && left.material.id === id),
      ),
    ),
  ];
}

/** `Red embed: same again`: the lines of the section before it of the same kind, without its color. */
function copyLast(found: Found): void {
  const at = found.parts.indexOf(found.current);
  const before = found.parts.slice(0, at).findLast(({ kind }) => kind === found.current.kind);
  if (!before) return;
  for (const line of before.lines) {
    if (materialById(found.known.catalog, line.materialId).role === 'color') continue;
    found.current.lines.push({ ...line, id: newId() });
  }
}

const LONGEST_NAME_WORDS = 5;
const REMARK_WORDS = 4;

/** What has to be asked of a sentence that is no line; null where it is a remark, or says what is to be done. */
function questionOf(
  found: Found,
  phrases: readonly Phrase[],
  { items, verbs }: Gathered,
  sentence: Sentence,
): Question | null {
  if (found.isTold || isGreeting(found.words.low.slice(sentence.from, sentence.to))) return null;
  const named = items.filter(({ name }) => name !== null);
  const text = textOf(found, sentence);
  const wordCount = text.split(/\s+/).length;
  const [first] = named;
  if (!first || verbs.length > 0) return null;
  const wants = named.flatMap((item) => {
    const recognition = nameIn(found.known.catalog, nameText(item, found.words), null);
    if (recognition.kind === 'dangerous' || recognition.kind === 'unknown') return [];
    const ids = 'material' in recognition ? [recognition.material.id] : recognition.choices;
    return [{ ids, isSprayed: item.doings.some(({ way }) => way === 'sprayed') }];
  });
  const fresh = wants.filter(({ ids }) => !ids.some((id) => isListed(found, id)));
  if (wants.length > 0 && fresh.length === 0) return null;
  const isShort = wordCount <= LONGEST_NAME_WORDS + (fresh.length === named.length ? 3 : 0);
  const [one] = fresh;
  if (one && (isShort || one.isSprayed))
    return { reason: { code: 'no-amount', about: '' }, choices: one.ids };
  const isRemark =
    wordCount >= REMARK_WORDS ||
    phrases.some(({ kind }) => kind === 'remark' || kind === 'until' || kind === 'time');
  return isRemark ? null : { reason: { code: 'no-line', about: '' }, choices: [] };
}

/** Fourth pass, phrase by phrase: what each became. */
function accountFor(
  found: Found,
  phrases: readonly Phrase[],
  { items }: Gathered,
  names: ReadonlyMap<number, boolean>,
  otherwise: Became = 'remark',
): void {
  const isName = new Map(items.flatMap(({ name }) => (name ? [[name.from, name] as const] : [])));
  for (const phrase of phrases) {
    const { from, to, kind } = phrase;
    found.account.push({ from, to, as: becameOf() });
    function becameOf(): Became {
      switch (kind) {
        case 'amount':
        case 'ratio':
          return 'amount';
        case 'run': {
          const understood = names.get(from);
          if (understood !== undefined) return understood ? 'material' : 'unknown';
          return isName.has(from) ? otherwise : 'remark';
        }
        case 'doing':
        case 'until':
        case 'time':
          return 'preparation';
        case 'verb':
          return 'action';
        case 'yield':
          return 'yield';
        case 'section':
          return 'heading';
        default:
          return 'remark';
      }
    }
  }
}

const UNIT_OF: Readonly<Partial<Record<ColumnRole, string>>> = {
  grams: 'g',
  ounces: 'oz',
  milliliters: 'ml',
};

/** A row of a table whose header names its columns: a column of lots or prices is no amount. */
export function takeTableRow(
  found: Found,
  { row, from, table }: { readonly row: Row; readonly from: number; readonly table: Table },
): void {
  const { words, known } = found;
  const raw = words.text.slice(row.from, row.to);
  const cells = cellsOf(words, from, row.to, table.delimiter);
  const nameAt = cells[table.columns.indexOf('name')];
  const amountAt =
    AMOUNT_COLUMNS.map((role) =>
      cells.findIndex((cell, i) => table.columns[i] === role && cell.to > cell.from),
    ).find((at) => at >= 0) ?? -1;
  const amountCell = cells[amountAt];
  if (!nameAt || nameAt.from === nameAt.to) {
    note(found, raw);
    found.account.push({ from: row.from, to: row.to, as: 'remark' });
    return;
  }
  if (TOTAL_ROW.test(words.low.slice(nameAt.from, nameAt.to))) {
    const total = amountCell
      ? muchIn(words.text.slice(amountCell.from, amountCell.to), table.columns[amountAt])
      : null;
    if (total?.as === 'measured')
      addYield(found, {
        totalG: total.measures.reduce((sum, { count, unit }) => sum + count.best * unit.size, 0),
      });
    found.account.push({ from: row.from, to: row.to, as: 'yield' });
    found.rows.push({
      number: row.number,
      text: raw.trim(),
      partId: found.current.id,
      became: 'yield',
      ids: [],
    });
    return;
  }
  const phrases = scan({ words, catalog: known.catalog }, nameAt.from, nameAt.to);
  const gathered = gather(phrases, words);
  const [item] = gathered.items;
  const much = amountCell
    ? muchIn(words.text.slice(amountCell.from, amountCell.to), table.columns[amountAt])
    : null;
  const whole: Sentence = { from, to: row.to, number: row.number, raw };
  if (!item?.name) {
    const took = takeSentence(found, whole);
    found.rows.push({
      number: row.number,
      text: raw.trim(),
      partId: found.current.id,
      became: took.asks ? 'unread' : 'note',
      ids: took.ids,
    });
    return;
  }
  item.much = much;
  item.muchAt = amountCell ?? null;
  const took = takeItems(found, [item], gathered, whole, true);
  accountFor(found, phrases, gathered, took.names);
  cells.forEach((cell, i) => {
    if (cell === nameAt || cell.from === cell.to) return;
    found.account.push({ ...cell, as: i === amountAt ? 'amount' : 'remark' });
  });
  found.rows.push({
    number: row.number,
    text: raw.trim(),
    partId: found.current.id,
    became: took.asks ? 'unread' : 'line',
    ids: took.ids,
  });
}

/** Of several columns with amounts the one that is weighed by. */
const AMOUNT_COLUMNS: readonly ColumnRole[] = [
  'grams',
  'ounces',
  'milliliters',
  'amount',
  'percent',
  'parts',
];
const TOTAL_ROW = /^(?:grand )?(?:total|sum|together|batch)\b/;

/** The amount in a cell, in the unit of its column where it names none. */
function muchIn(text: string, role: ColumnRole | undefined): Much | null {
  const own = readAmount(text);
  if (own.kind === 'read') return { as: 'measured', measures: own.measures };
  const count = readQuantity(text.replace(/%/g, ''));
  if (count.kind === 'bad') return { as: 'bad', reason: count.reason };
  if (count.kind === 'none') return text === '' ? null : { as: 'vague', words: text };
  if (role === 'percent' || /%/.test(text)) return { as: 'percent', share: count.count };
  if (role === 'parts') return { as: 'parts', share: count.count };
  const unit = findUnit(UNIT_OF[role ?? 'other'] ?? '');
  return unit
    ? { as: 'measured', measures: [{ count: count.count, unit }] }
    : { as: 'bare', share: count.count, figure: text };
}
