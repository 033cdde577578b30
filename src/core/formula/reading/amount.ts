import type { UnreadReason } from '../model/schema';
import type { BulkState } from '@/core/matter/materials/types';
import { UNIT_SPELLINGS, findUnit, type MeasureUnit } from '@/core/basics/units/household';
import { addSpreads, exactly, multiplySpreads, type Spread } from '@/core/basics/units/spread';
import { readQuantity } from './quantity';

/** One counted measure, as `1 1/2 cups` or `a heaping tsp`. */
export interface Measure {
  readonly count: Spread;
  readonly unit: MeasureUnit;
}

export type AmountReading =
  | { readonly kind: 'read'; readonly measures: readonly Measure[]; readonly rest: string }
  | { readonly kind: 'bad'; readonly reason: UnreadReason }
  | { readonly kind: 'none' };

/** How a spoon is heaped or left short, on the count. Common practice. */
const FILLINGS: ReadonlyArray<readonly [RegExp, Spread]> = [
  [/^(?:heaping|heaped|rounded|generous|overflowing)\b/i, { low: 1.1, best: 1.25, high: 1.5 }],
  [/^(?:scant|short|slightly less than)\b/i, { low: 0.85, best: 0.92, high: 1 }],
  [/^(?:up to|at most|max(?:imum)?(?: of)?)\b/i, { low: 0, best: 1, high: 1 }],
  [
    /^(?:(?:level|leveled|about|around|approx\.?|approximately|roughly|ca\.?|c\.(?=\s*\d)|good|big|large|small|full|packed|sifted|scooped|spooned)(?=\s|$)|~|≈)/i,
    { low: 1, best: 1, high: 1 },
  ],
];

/** `2 T` and `2 t.`, which only capitals tell apart. */
const ONE_LETTER_SPOON = /^[Tt](?=\.?(?:\s|$))\.?/;
const UNIT = new RegExp(
  `^(${UNIT_SPELLINGS.map((s) => s.replace(/[.]/g, '\\.').replace(/ /g, '\\s+')).join('|')})(?:\\.|\\b)(?![/'’])`,
  'i',
);
const JOIN = /^(?:\+|&|plus\b|and\b)\s*/i;

/**
 * Reads the amount at the start of a text, sums included: `1/4 cup + 1 tbsp cornstarch`.
 * @returns the measures and the text after them
 */
export function readAmount(text: string): AmountReading {
  const first = readMeasure(text);
  if (first.kind !== 'read') return first;
  const measures = [first.measure];
  let rest = first.rest;
  for (;;) {
    const join = JOIN.exec(rest)?.[0] ?? '';
    const next = readMeasure(rest.slice(join.length));
    // `1 lb 2 oz` needs no word between; a cup and a spoon do.
    if (next.kind === 'none' || (join === '' && !areMasses(measures, next))) break;
    if (next.kind === 'bad') return next;
    measures.push(next.measure);
    rest = next.rest;
  }
  return { kind: 'read', measures, rest: rest.replace(/^of\b\s*/i, '') };
}

/** How a cup or spoon was filled, from any word of the line. */
export function readBulkState(text: string): BulkState {
  if (/\bpacked\b/i.test(text) && !/\bcold[- ]packed\b/i.test(text)) return 'packed';
  if (/\b(sifted|sieved)\b/i.test(text)) return 'sifted';
  if (/\b(scooped|scoops?)\b/i.test(text)) return 'scooped';
  return 'level';
}

type MeasureReading =
  | { readonly kind: 'read'; readonly measure: Measure; readonly rest: string }
  | { readonly kind: 'bad'; readonly reason: UnreadReason }
  | { readonly kind: 'none' };

function readMeasure(text: string): MeasureReading {
  const before = readFilling(text);
  const counted = readQuantity(before.rest);
  if (counted.kind === 'bad') return counted;
  const quantity = counted.kind === 'read' ? counted : oneUncounted(before);
  if (!quantity) return { kind: 'none' };
  const after = readFilling(quantity.rest);
  const match = ONE_LETTER_SPOON.exec(after.rest) ?? UNIT.exec(after.rest);
  const unit = match && findUnit(match[1] ?? match[0]);
  if (!unit) return /^parts?\b/i.test(after.rest) ? parts() : { kind: 'none' };
  const rest = after.rest.slice(match[0].length);
  const more = AND_A_PART.exec(rest);
  const own = more
    ? addSpreads(quantity.count, exactly(PART_OF[more[1]?.toLowerCase() ?? ''] ?? 0))
    : quantity.count;
  const count = multiplySpreads(multiplySpreads(own, before.factor), after.factor);
  return {
    kind: 'read',
    measure: { count, unit },
    rest: rest.slice(more?.[0].length ?? 0).trimStart(),
  };
}

/** `a cup and a half`. */
const AND_A_PART = /^ and an? (half|quarter|third)\b(?! (?:cup|tsp|tbsp|tea|table))/i;
const PART_OF: Readonly<Record<string, number>> = { half: 0.5, quarter: 0.25, third: 1 / 3 };

/** `pinch of mica`, `spritz of witch hazel` and `scant tsp` mean one; `cup soda` is left to ask. */
function oneUncounted({
  factor,
  rest,
}: {
  readonly factor: Spread;
  readonly rest: string;
}): { count: Spread; rest: string } | null {
  const isFilled = factor.low !== factor.high && UNIT.test(rest);
  return isFilled || /^(?:pinch|dash|smidgen)\b|^(?:squirt|spray|spritz|drop)(?= of\b)/i.test(rest)
    ? { count: exactly(1), rest }
    : null;
}

function areMasses(before: readonly Measure[], next: MeasureReading): boolean {
  return (
    next.kind === 'read' && [...before, next.measure].every(({ unit }) => unit.kind === 'mass')
  );
}

function parts(): MeasureReading {
  return { kind: 'bad', reason: { code: 'parts', about: '' } };
}

function readFilling(text: string): { factor: Spread; rest: string } {
  let rest = text.trimStart();
  let factor: Spread = { low: 1, best: 1, high: 1 };
  for (let found = true; found;) {
    found = false;
    for (const [pattern, value] of FILLINGS) {
      // "a scant half cup" and "a heaping tsp": the article before the word is kept for the count.
      const match = pattern.exec(rest.replace(/^an?\s+/i, ''));
      if (!match) continue;
      const article = /^an?\s+/i.exec(rest)?.[0] ?? '';
      const tail = rest.slice(article.length + match[0].length).trimStart();
      rest = article && !/^(?:\d|half|quarter|third|an?\b)/i.test(tail) ? article + tail : tail;
      factor = multiplySpreads(factor, value);
      found = true;
      break;
    }
  }
  return { factor, rest };
}
