import type { UnreadReason } from '../model/schema';
import { exactly, type Spread } from '@/core/basics/units/spread';
import { numberInWords } from './quantityWords';

export type QuantityReading =
  | { readonly kind: 'read'; readonly count: Spread; readonly rest: string }
  | { readonly kind: 'bad'; readonly reason: UnreadReason }
  | { readonly kind: 'none' };

const FRACTIONS: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅕': 1 / 5,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const FRACTION_SIGNS = Object.keys(FRACTIONS).join('');

const WORDS: ReadonlyArray<readonly [RegExp, Spread]> = [
  [/^(?:three quarters?|three fourths?)(?: of)?(?: an?)?\b/i, exactly(0.75)],
  [/^(?:two thirds?)(?: of)?(?: an?)?\b/i, exactly(2 / 3)],
  [/^(?:an? |one )?half(?: of)?(?: an?)?\b/i, exactly(0.5)],
  [/^(?:an? |one )?(?:quarter|fourth)(?: of)?(?: an?)?\b/i, exactly(0.25)],
  [/^(?:an? |one )?third(?: of)?(?: an?)?\b/i, exactly(1 / 3)],
  [/^(?:an? )?baker'?s dozen\b/i, exactly(13)],
  [/^an? dozen\b/i, exactly(12)],
  [/^an? couple(?: of)?\b/i, exactly(2)],
  [/^(?:an? )?few\b/i, { low: 2, best: 3, high: 5 }],
];
const ARTICLE = /^(?:an?|one)\b/i;

const NUMBER = String.raw`(?:\d+(?:\s+|-)\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|\d+\s*[${FRACTION_SIGNS}]|[${FRACTION_SIGNS}]|\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+[.,]\d+|\.\d+|\d+)`;
const RANGE = new RegExp(`^(${NUMBER})\\s*(?:-|–|—|\\bto\\b)\\s*(${NUMBER})`, 'i');
/** `1-1/2` is one and a half, not a range. */
const HYPHENED_MIXED = /^\d+-\d+\s*\//;
const SINGLE = new RegExp(`^(${NUMBER})`);

/**
 * Reads the count at the start of a text: `1 1/2`, `½`, `1.5`, `1,000`, `5-10`, `half a`, `three`.
 * A range keeps its ends and takes the middle.
 * @returns the count and what follows; `bad` with a reason for a count no one can weigh (`1/0`, `-5`); `none` without a count
 */
export function readQuantity(text: string): QuantityReading {
  const start = text.trimStart().replace(/\u2044/g, '/');
  if (/^[-−–]\s*[.\d]/.test(start)) return belowZero();
  const range = HYPHENED_MIXED.test(start) ? null : RANGE.exec(start);
  if (range) {
    const [first, last] = [toNumber(range[1]), toNumber(range[2])];
    // `Polysorbate 80 - 1 tsp`: a dash between a name and its amount is no range.
    if (last < first && /\s[-–—]\s/.test(range[0])) return readSingle(start);
    const ends = [first, last].sort((a, b) => a - b);
    const [low = NaN, high = NaN] = ends;
    if (!Number.isFinite(low + high)) return divided();
    return read({ low, best: (low + high) / 2, high }, start.slice(range[0].length));
  }
  return readSingle(start);
}

/** `two and a half`, `one and three quarters`. */
const AND_A = /^ ?(?:and|&) (?:an? |one )?(half|quarter|third|three quarters)\b/i;
const PARTS: Readonly<Record<string, number>> = {
  half: 0.5,
  quarter: 0.25,
  third: 1 / 3,
  'three quarters': 0.75,
};
const LONGEST_WORDS = 80;

function readSingle(start: string): QuantityReading {
  const single = SINGLE.exec(start);
  if (single) {
    const value = toNumber(single[1]);
    if (!Number.isFinite(value)) return divided();
    const rest = start.slice(single[0].length);
    const dozen = /^\s*dozen\b/i.exec(rest);
    if (dozen) return read(exactly(value * 12), rest.slice(dozen[0].length));
    return andAPart(value, rest);
  }
  const half = /^(?:an? )?half (?:a )?dozen\b/i.exec(start);
  if (half) return read(exactly(6), start.slice(half[0].length));
  for (const [pattern, count] of WORDS) {
    const match = pattern.exec(start);
    if (match) return read(count, start.slice(match[0].length));
  }
  const words = numberInWords(start.slice(0, LONGEST_WORDS).toLowerCase());
  const article = ARTICLE.exec(start);
  if (words && words.value > 0) return andAPart(words.value, start.slice(words.length));
  if (article) return andAPart(1, start.slice(article[0].length));
  return { kind: 'none' };
}

function andAPart(value: number, rest: string): QuantityReading {
  const more = AND_A.exec(rest);
  return more
    ? read(exactly(value + (PARTS[more[1]?.toLowerCase() ?? ''] ?? 0)), rest.slice(more[0].length))
    : read(exactly(value), rest);
}

function toNumber(written = ''): number {
  const text = written.trim();
  const sign = new RegExp(`^(\\d*)\\s*([${FRACTION_SIGNS}])$`).exec(text);
  if (sign) return Number(sign[1] || 0) + (FRACTIONS[sign[2] ?? ''] ?? NaN);
  const fraction = /^(?:(\d+)(?:\s+|-))?(\d+)\s*\/\s*(\d+)$/.exec(text);
  if (fraction) return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
  if (/^\d{1,3}(,\d{3})+(\.\d+)?$/.test(text)) return Number(text.replaceAll(',', ''));
  return Number(text.replace(',', '.'));
}

function read(count: Spread, rest: string): QuantityReading {
  return { kind: 'read', count, rest: rest.trimStart() };
}

function divided(): QuantityReading {
  return { kind: 'bad', reason: { code: 'by-zero', about: '' } };
}

function belowZero(): QuantityReading {
  return { kind: 'bad', reason: { code: 'below-zero', about: '' } };
}
