import type { Line } from '../model/schema';
import { exactly, multiplySpreads } from '@/core/basics/units/spread';
import { findUnit } from '@/core/basics/units/household';
import type { Found, Sentence } from './found';
import type { Gathered, Item } from './items';
import { nameIn } from './names';
import type { Much, Span } from './phrases/types';

/** Items that are lines of the recipe: with a name and an amount, whatever becomes of them. */
export function linesOf(found: Found, gathered: Gathered, { from, to }: Sentence): readonly Item[] {
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
  const same = SAME_AS.exec(low);
  if (same && named[0]?.much === null) {
    const reference = lineNamed(found, same[2] ?? '');
    if (reference) named[0].much = gramsOf(reference.massG);
  }
  items.forEach((item, i) => {
    if (item.name && item.much === null) item.much = timesAsMuch(found, items, i, from);
  });
  takeUnitsOver(items);
  return items.filter(
    ({ name, much, until, doings }) =>
      (name !== null &&
        (much !== null ||
          isSprayed(doings) ||
          (until !== null && (items.length === 1 || isNameKnownAt(found, name))))) ||
      (much !== null &&
        items.length === 1 &&
        gathered.yields.length === 0 &&
        gathered.verbs.length === 0),
  );
}

/** `500 g soda, 250 citric`: in the unit before it. */
function takeUnitsOver(items: readonly Item[]): void {
  let before: Extract<Much, { readonly as: 'measured' }> | null = null;
  for (const item of items) {
    if (item.much?.as === 'measured') before = item.much;
    const unit = before?.measures.length === 1 ? before.measures[0]?.unit : undefined;
    if (item.much?.as === 'bare' && item.name && unit)
      item.much = { as: 'measured', measures: [{ count: item.much.share, unit }] };
  }
}

/** `half as much citric`, `and the same of kaolin`: of the line before it. */
const TIMES_AS_MUCH =
  /\b(half|twice|double|a third|a quarter|three times|the same|just|exactly|same)(?: again)? (?:(?:as much|the amount|amount|weight|quantity)(?: of)?|of)(?: the)?\s*$/;
const TIMES: Readonly<Record<string, number>> = {
  half: 0.5,
  twice: 2,
  double: 2,
  'a third': 1 / 3,
  'a quarter': 0.25,
  'three times': 3,
};

/** @param from where the sentence begins */
function timesAsMuch(found: Found, items: readonly Item[], i: number, from: number): Much | null {
  const before = items[i - 1];
  const at = items[i]?.name?.from ?? from;
  const times = TIMES_AS_MUCH.exec(found.words.low.slice(before?.name?.to ?? from, at));
  if (!times) return null;
  const factor = TIMES[times[1] ?? ''] ?? 1;
  const much = items.slice(0, i).findLast((one) => one.much !== null)?.much;
  if (much?.as === 'measured')
    return {
      as: 'measured',
      measures: much.measures.map(({ count, unit }) => ({
        count: multiplySpreads(count, exactly(factor)),
        unit,
      })),
    };
  const line = found.current.lines.at(-1);
  return line ? gramsOf(line.massG * factor) : null;
}

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

function isSprayed(doings: Item['doings']): boolean {
  return doings.some(({ way }) => way === 'sprayed');
}

export function isListed({ parts }: Found, id: string): boolean {
  return parts.some(({ lines }) => lines.some(({ materialId }) => materialId === id));
}

/** Is this a name on file, or one that is asked about? */
export function isNameKnownAt({ words, known }: Found, { from, to }: Span): boolean {
  return nameIn(known.catalog, words.text.slice(from, to).trim(), null).kind !== 'unknown';
}
