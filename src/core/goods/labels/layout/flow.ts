import type { Pictogram } from '../classification/statements';
import { SYMBOL_SIDES_MM, symbolRow } from './symbols';
import type { LabelBlock, LabelField, LabelItem, LabelSide, Measure } from './types';

/** Between the edge and the print, millimeters. */
const MARGIN_MM = 2.5;
/** Round labels are cut less truly. */
const ROUND_MARGIN_MM = 3;
const QR_MM = 11;
/** Line to line, and baseline below a line’s top, shares of the em. */
const LINE = 1.18;
const BASELINE = 0.93;
const AFTER_BLOCK = 0.45;
const LARGEST_SMALL_MM = 2.4;
const LARGEST_FRONT_MM = 3.6;
const SHRINK = 0.95;
/** What would need more room than so many labels is laid no further. */
const MOST_HEIGHTS = 12;
/** More letters than any line of a label holds. */
const MOST_LETTERS = 400;

export interface FlowQuestion {
  readonly blocks: readonly LabelBlock[];
  readonly widthMm: number;
  readonly heightMm: number;
  readonly isRound: boolean;
  readonly hasQr: boolean;
  readonly hasPicture: boolean;
  /** Hazard symbols, before the cautions. */
  readonly symbols: readonly Pictogram[];
  /** Least size of the net weight and of all small text, em in millimeters. */
  readonly leastNetMm: number;
  readonly leastSmallMm: number;
  readonly measure: Measure;
  /** Head alone: larger letters, in the middle of the height. */
  readonly isFront: boolean;
}

interface Sizes {
  readonly smallMm: number;
  readonly titleMm: number;
  readonly pictureMm: number;
  /** Side of a hazard symbol’s square. */
  readonly symbolMm: number;
}

/**
 * One side of a label: head in the middle, the rest below it, as large as it fits; the picture goes before letters get
 * too small. What does not fit at the smallest size is cut and named.
 */
export function flowSide(question: FlowQuestion): LabelSide {
  const asked = { ...question, measure: byWords(question.measure) };
  const least: Sizes = {
    smallMm: asked.leastSmallMm,
    titleMm: Math.max(asked.leastSmallMm * 1.4, 2.6),
    pictureMm: 0,
    symbolMm: SYMBOL_SIDES_MM.at(-1) ?? 0,
  };
  const largest = Math.max(asked.leastSmallMm, asked.isFront ? LARGEST_FRONT_MM : LARGEST_SMALL_MM);
  for (const { pictureMm, symbolMm, downTo } of trialsFor(asked, largest))
    for (const smallMm of sizesDown(largest, downTo)) {
      const titleMm = titleFor(asked, smallMm);
      const laid = lay(asked, { smallMm, titleMm, pictureMm, symbolMm });
      if (laid.cut.length === 0) return asked.isFront ? inTheMiddle(laid, asked) : laid;
    }
  return lay(asked, least);
}

/**
 * A large picture is worth smaller letters down to the middle between large and least, a small one down to the least;
 * hazard symbols stay large as long as everything fits beside them.
 */
function trialsFor(
  { hasPicture, symbols, heightMm, widthMm, leastSmallMm }: FlowQuestion,
  largest: number,
) {
  const short = Math.min(heightMm, widthMm);
  const middle = (largest + leastSmallMm) / 2;
  const pictures = hasPicture
    ? [
        { pictureMm: 0.26 * short, downTo: middle },
        { pictureMm: 0.16 * short, downTo: leastSmallMm },
        { pictureMm: 0, downTo: leastSmallMm },
      ]
    : [{ pictureMm: 0, downTo: leastSmallMm }];
  const sides = symbols.length > 0 ? SYMBOL_SIDES_MM : [0];
  return pictures.flatMap((one) => sides.map((symbolMm) => ({ ...one, symbolMm })));
}

/** Sizes to try, each a step smaller, the last one exactly `to`: counted beforehand, so that no rounding decides where it ends. */
function sizesDown(from: number, to: number): readonly number[] {
  const steps = Math.max(0, Math.ceil(Math.log(to / from) / Math.log(SHRINK)));
  return [...Array.from({ length: steps }, (_, i) => from * SHRINK ** i), to];
}

/** Down by half of what is left over. A round label stays: its lines are as wide as they are where they stand. */
function inTheMiddle(laid: LabelSide, { heightMm, isRound }: FlowQuestion): LabelSide {
  const downMm = isRound ? 0 : Math.max(0, (heightMm - laid.neededMm) / 2);
  return { ...laid, items: laid.items.map((item) => ({ ...item, yMm: item.yMm + downMm })) };
}

function titleFor({ heightMm, leastSmallMm }: FlowQuestion, smallMm: number): number {
  return Math.max(leastSmallMm * 1.4, Math.min(smallMm * 2.2, heightMm * 0.12));
}

function lay(asked: FlowQuestion, { smallMm, titleMm, pictureMm, symbolMm }: Sizes): LabelSide {
  const { widthMm, heightMm, isRound, measure } = asked;
  const margin = isRound ? ROUND_MARGIN_MM : MARGIN_MM;
  const items: LabelItem[] = [];
  const cut = new Set<LabelField>();
  const qrTop = heightMm - margin - QR_MM;
  const bottom = isRound && asked.hasQr ? qrTop - 1 : heightMm - margin;
  let y = margin;
  if (pictureMm > 0) {
    if (isRound) y += 0.05 * heightMm;
    items.push({ kind: 'picture', xMm: (widthMm - pictureMm) / 2, yMm: y, sizeMm: pictureMm });
    y += pictureMm + 0.8;
  } else if (isRound) y = roomFrom(asked, titleMm);
  let beside = { widthMm: 0, toMm: 0 };
  for (const { field, text } of asked.blocks) {
    if (field === 'cautions' && asked.symbols.length > 0) {
      const at = spanAt(asked, y, y + symbolMm * Math.SQRT2, margin);
      const row = symbolRow(asked.symbols, symbolMm, at, y, isRound);
      if (row === null || y + row.heightMm > bottom + 1e-6) cut.add(field);
      else {
        items.push(...row.items);
        if (row.isBeside) beside = { widthMm: row.widthMm + 1, toMm: y + row.heightMm };
        else y += row.heightMm + 0.6;
      }
    }
    const isHead = HEAD.has(field);
    const sizeMm = sizeOf(field, smallMm, titleMm, asked.leastNetMm);
    const isBold = BOLD.has(field);
    for (const paragraph of text.split('\n')) {
      const words = paragraph.split(/\s+/).filter((word) => word !== '');
      let i = 0;
      while (i < words.length) {
        const top = y;
        if (top > MOST_HEIGHTS * heightMm) {
          // So much is cut that nobody counts the lines.
          cut.add(field);
          break;
        }
        const whole = spanAt(asked, top, top + sizeMm * LINE, margin);
        const from = whole.from + (top < beside.toMm ? beside.widthMm : 0);
        const width = whole.to - from;
        let line = '';
        while (i < words.length) {
          const word = words[i] ?? '';
          const longer = line === '' ? word : `${line} ${word}`;
          if (isWithin(longer, sizeMm, isBold, width, measure)) {
            line = longer;
            i++;
            continue;
          }
          if (line !== '') break;
          // A word wider than the label is broken where it must be.
          const head = headThatFits(word, sizeMm, isBold, width, measure);
          if (head === '') {
            cut.add(field);
            i = words.length;
            break;
          }
          line = head;
          words[i] = word.slice(head.length);
          break;
        }
        if (line === '') break;
        const lineWidth = measure(line, sizeMm, isBold);
        const xMm = isHead || isRound ? from + (width - lineWidth) / 2 : from;
        if (top + sizeMm * LINE > bottom + 1e-6) cut.add(field);
        else
          items.push({
            kind: 'text',
            field,
            text: line,
            xMm,
            yMm: top + sizeMm * BASELINE,
            sizeMm,
            isBold,
          });
        y += sizeMm * LINE;
      }
    }
    if (text !== '') y += sizeMm * AFTER_BLOCK;
  }
  y = Math.max(y, beside.toMm);
  if (asked.hasQr)
    items.push({
      kind: 'qr',
      xMm: isRound ? (widthMm - QR_MM) / 2 : widthMm - margin - QR_MM,
      yMm: qrTop,
      sizeMm: QR_MM,
    });
  return {
    items,
    cut: [...cut],
    neededMm: y + margin + (isRound && asked.hasQr ? QR_MM + 1 : 0),
    smallMm,
  };
}

const HEAD: ReadonlySet<LabelField> = new Set(['title', 'identity', 'net', 'story']);
const BOLD: ReadonlySet<LabelField> = new Set(['title', 'net', 'foot']);

function sizeOf(field: LabelField, smallMm: number, titleMm: number, leastNetMm: number): number {
  if (field === 'title') return titleMm;
  if (field === 'net') return Math.max(leastNetMm, smallMm * 1.15);
  return field === 'identity' || field === 'story' ? smallMm * 1.15 : smallMm;
}

/** Left and right end of a line between two heights. */
function spanAt(
  { widthMm, heightMm, isRound, hasQr }: FlowQuestion,
  top: number,
  bottom: number,
  margin: number,
): { readonly from: number; readonly to: number } {
  if (isRound) {
    const radius = widthMm / 2;
    const far = Math.max(Math.abs(top - radius), Math.abs(bottom - radius));
    const half = Math.sqrt(Math.max(0, (radius - margin) ** 2 - far ** 2));
    return { from: radius - half, to: radius + half };
  }
  const isBesideQr = hasQr && bottom > heightMm - margin - QR_MM;
  return { from: margin, to: widthMm - margin - (isBesideQr ? QR_MM + 1 : 0) };
}

/** Where a round label is first wide enough for a title. */
function roomFrom({ widthMm }: FlowQuestion, titleMm: number): number {
  const radius = widthMm / 2;
  const half = widthMm * 0.28;
  return Math.max(
    ROUND_MARGIN_MM,
    radius - Math.sqrt(Math.max(0, (radius - ROUND_MARGIN_MM) ** 2 - half ** 2)) - titleMm * 0.1,
  );
}

function headThatFits(
  word: string,
  sizeMm: number,
  isBold: boolean,
  width: number,
  measure: Measure,
): string {
  const letters = Array.from(word.slice(0, MOST_LETTERS));
  // More letters are never narrower: halved, not counted down.
  let [some, tooMany] = [0, letters.length + 1];
  while (tooMany - some > 1) {
    const middle = (some + tooMany) >> 1;
    if (measure(letters.slice(0, middle).join(''), sizeMm, isBold) <= width) some = middle;
    else tooMany = middle;
  }
  return letters.slice(0, some).join('');
}

/** Text without end is not measured to its end: its beginning alone is too wide. */
function isWithin(
  text: string,
  sizeMm: number,
  isBold: boolean,
  width: number,
  measure: Measure,
): boolean {
  const isLong = text.length > MOST_LETTERS;
  if (isLong && measure(text.slice(0, MOST_LETTERS), sizeMm, isBold) > width) return false;
  return measure(text, sizeMm, isBold) <= width;
}

/** A line is as wide as its words and the spaces between them; each word is measured once. */
function byWords(measure: Measure): Measure {
  const known = new Map<string, number>();
  const wide = (word: string, isBold: boolean) => {
    const key = `${isBold ? 'b' : 'r'}${word}`;
    const found = known.get(key) ?? measure(word, 1, isBold);
    known.set(key, found);
    return found;
  };
  return (text, sizeMm, isBold) =>
    text
      .split(' ')
      .reduce((sum, word, i) => sum + (i > 0 ? wide(' ', isBold) : 0) + wide(word, isBold), 0) *
    sizeMm;
}
