import { newPart } from '../model/create';
import type { Line, Part } from '../model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { takeDoings } from './actions';
import { ask, textOf, type Found, type LineDetail, type Sentence } from './found';
import type { Gathered, Item } from './items';
import { nameIn } from './names';
import { waysOfTwo } from './phrases/doings';
import type { Span } from './phrases/types';
import { nameText, readItem, wayFor, type LineReading } from './readItem';
import { takeInfused } from './infusions';
import { takeStock } from './stocks';

export interface TookItems {
  readonly ids: readonly string[];
  readonly asks: boolean;
  /** By the place of its name: was it understood? */
  readonly names: ReadonlyMap<number, boolean>;
}

/** Takes the lines of a sentence into the page. @param isTable a table says of itself what its columns are */
export function takeItems(
  found: Found,
  items: readonly Item[],
  { verbs, yields }: Gathered,
  sentence: Sentence,
  isTable = false,
): TookItems {
  const known = isTable ? { ...found.known, takesShares: true } : found.known;
  const names = new Map<number, boolean>();
  const ids: string[] = [];
  let asks = false;
  let before: { readonly line: Line; readonly part: Part } | null = null;
  const isOne = items.length === 1;
  const kind = sharedKind(found, items);
  items.forEach((raw, i) => {
    const next = items[i + 1];
    const item = isOne
      ? { ...raw, from: sentence.from, to: sentence.to }
      : widened(raw, i, items, sentence);
    const part = partFor(found, item);
    if (takeInfused(found, item)) {
      names.set(raw.name?.from ?? raw.from, true);
      before = null;
      return;
    }
    const stock = takeStock(found, item, sentence.number, part);
    if (stock) {
      ids.push(...stock);
      names.set(raw.name?.from ?? raw.from, true);
      before = null;
      return;
    }
    const reading = readWithKind(found, known, item, kind);
    names.set(raw.name?.from ?? raw.from, isNameKnown(reading));
    if (reading.kind === 'unread') {
      if (reading.reason.code === 'no-name' && (verbs.length > 0 || items.length > 1)) return;
      if (raw.much?.as === 'bare' && (verbs.length > 0 || yields.length > 0)) return;
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
    const isPerPiece = found.isPerPiece || (raw.isEach && isOne && next === undefined);
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

/** `1 tsp each of lavender and orange oil`: the oil is meant for both. @returns empty for none */
function sharedKind(found: Found, items: readonly Item[]): string {
  const last = items.at(-1);
  return items.length > 1 && items.every(({ isEach }) => isEach) && last !== undefined
    ? (/\b(?:oil|eo|mica|dye|lake|butter|clay)(?=s?$)/i.exec(nameText(last, found.words))?.[0] ??
        '')
    : '';
}

function readWithKind(found: Found, known: Found['known'], item: Item, kind: string): LineReading {
  const plain = readItem(item, found.words, known);
  if (kind === '' || plain.kind === 'read') return plain;
  const recognition = nameIn(known.catalog, `${nameText(item, found.words)} ${kind}`, item.much);
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
