import { MAX_LINE_G, type LineWay } from '../model/kinds';
import { lineOf } from '../model/create';
import { waysOf } from '../model/ways';
import type { Line, UnreadReason } from '../model/schema';
import { findMaterial, type Catalog } from '@/core/matter/materials/catalog';
import type { Recognition } from '@/core/matter/materials/names/recognize';
import type { Material } from '@/core/matter/materials/material';
import { exactly, multiplySpreads, type Spread } from '@/core/basics/units/spread';
import { formatCount } from '@/core/basics/format/numbers';
import { readBulkState } from './amount';
import type { Item } from './items';
import { massOfMeasuresG, type SmallMeasures } from './massOfMeasures';
import { nameIn } from './names';
import type { Words } from './words';

/** What a line is a share of until the page is settled: the whole mix, the sum of parts, the mix that it is sprayed on. */
export type ShareKind = 'percent' | 'parts' | 'until-it-holds';

/** What a line had to say. `hadAmount` tells a recipe from prose. */
export type LineReading =
  | {
      readonly kind: 'read';
      readonly line: Line;
      readonly remark: string | null;
      /** A share of the page instead of a weight: the line is in these until the page is settled. */
      readonly share: ShareKind | null;
    }
  | {
      readonly kind: 'unread';
      readonly reason: UnreadReason;
      readonly choices: readonly string[];
      readonly hadAmount: boolean;
    };

/** What a line is read with: the materials this workshop knows, and its dropper and sprayer. */
export interface Known {
  readonly catalog: Catalog;
  readonly small: SmallMeasures;
  /** What a number without a unit means, once the maker or the page has said so. */
  readonly bareUnit?: 'g' | 'part' | 'percent';
  /** Are percents and parts shares of this page? Else each one is asked. */
  readonly takesShares?: boolean;
}

/** Grams of a line, or the line itself where it cannot be weighed yet. @param chosenId a material the maker has chosen for it */
export function readItem(item: Item, words: Words, known: Known, chosenId?: string): LineReading {
  const name = nameText(item, words);
  const recognition = recognizedItem(item, name, words, known.catalog, chosenId);
  const { much } = item;
  if (name === '' && chosenId === undefined)
    return unread({ code: 'no-name', about: '' }, [], true);
  if (much?.as === 'bad') return unread(much.reason, [], true);
  if (!('material' in recognition))
    return unread(whyUnknown(recognition, name), recognition.choices, much !== null);
  const { material } = recognition;
  const asked = askedAmount(item, words, known);
  if (asked) return unread(asked, [material.id], asked.code !== 'no-amount');
  const grams = gramsOf(item, material, words, known);
  const problem = weightProblem(grams);
  if (problem) return unread(problem, [material.id], true);
  const way = wayFor(material, wayOf(item));
  return {
    kind: 'read',
    line: {
      ...lineOf(material, grams),
      written: writtenOf(item, words),
      ...(way && { how: way }),
    },
    remark: remarkOn(recognition, name, item, words),
    share: isUntilItHolds(item) ? 'until-it-holds' : shareOf(much, known),
  };
}

function shareOf(much: Item['much'], { bareUnit }: Known): 'percent' | 'parts' | null {
  if (much?.as === 'bare')
    return bareUnit === 'part' ? 'parts' : bareUnit === 'percent' ? 'percent' : null;
  return much?.as === 'percent' || much?.as === 'parts' ? much.as : null;
}

export function nameText({ name }: Item, { text }: Words): string {
  return name === null ? '' : text.slice(name.from, name.to).replace(/\s+/g, ' ').trim();
}

export function writtenOf({ from, to }: Item, { text }: Words): string {
  return text
    .slice(from, to)
    .replace(/<[^<>\n]{1,300}>/g, ' ')
    .trim()
    .replace(/[,;]$/, '')
    .slice(0, 600);
}

const LONGEST_NOTE_WORDS = 2;

/** `mica (gold)`: a word in brackets may be what makes the name whole, or its other name. */
function recognizedItem(
  item: Item,
  name: string,
  words: Words,
  catalog: Catalog,
  chosenId?: string,
): Recognition {
  const head = item.head ? nameText({ ...item, name: item.head }, words) : '';
  const chosen = chosenId === undefined ? undefined : findMaterial(catalog, chosenId);
  if (chosen) return { kind: 'certain', material: chosen };
  const plain = nameIn(catalog, name, item.much);
  if (plain.kind === 'dangerous') return plain;
  if (head !== '' && plain.kind !== 'certain')
    for (const whole of [`${name} ${head}`, `${head} ${name}`, ...scentOf(name, head)]) {
      const meant = nameIn(catalog, whole, item.much);
      if (meant.kind === 'certain' || meant.kind === 'dangerous') return meant;
      // `scent - bubblegum`
      if (plain.kind === 'unknown' && meant.kind === 'assumed') return meant;
    }
  for (const note of item.notes.filter((one) => one.split(/\s+/).length <= LONGEST_NOTE_WORDS)) {
    const fuller = nameIn(catalog, `${note} ${name}`, item.much);
    if (fuller.kind === 'certain' || fuller.kind === 'dangerous') return fuller;
    if ('material' in plain && plain.kind === 'certain') continue;
    const other = nameIn(catalog, note, item.much);
    if (other.kind === 'certain') return other;
  }
  return plain;
}

/** `scent - bubblegum` is a fragrance by that name. */
function scentOf(name: string, head: string): readonly string[] {
  return /^(?:scent|fragrance|perfume)$/i.test(head) ? [`${name} fragrance oil`] : [];
}

/** Why the amount has to be asked for; null where it is one. */
function askedAmount(
  { much, until, doings }: Item,
  { text }: Words,
  known: Known,
): UnreadReason | null {
  const oneSquirt =
    much?.as === 'measured' &&
    much.measures.length === 1 &&
    much.measures[0]?.unit.kind === 'squirt' &&
    much.measures[0].count.high <= 1;
  if (much === null && isSprayed(doings)) return null;
  if (until && (much === null || oneSquirt)) {
    if (oneSquirt) return null;
    return { code: 'vague', about: shortened(text.slice(until.from, until.to).trim()) };
  }
  switch (much?.as) {
    case undefined:
      return { code: 'no-amount', about: '' };
    case 'vague':
      return { code: 'vague', about: shortened(much.words) };
    case 'bare':
      return known.bareUnit === undefined ? { code: 'no-unit', about: much.figure } : null;
    case 'percent':
    case 'parts':
      return known.takesShares === true
        ? null
        : { code: 'parts', about: much.as === 'percent' ? 'percent' : '' };
    case 'bad':
      return much.reason;
    case 'measured':
      return null;
  }
}

function isSprayed(doings: Item['doings']): boolean {
  return doings.some(({ way }) => way === 'sprayed');
}

/** Percent of the mix that spraying until it holds takes. Common practice: none in a damp room, two in a dry one. */
const UNTIL_IT_HOLDS_PCT: Spread = { low: 0, best: 1, high: 2 };

/** Is it sprayed until it holds, by no amount of its own? */
function isUntilItHolds({ much, until, doings }: Item): boolean {
  if (much === null) return isSprayed(doings);
  if (!until) return false;
  return (
    much.as === 'measured' &&
    much.measures.every(({ unit, count }) => unit.kind === 'squirt' && count.high <= 1)
  );
}

function gramsOf(item: Item, material: Material, words: Words, known: Known): Spread {
  const { much } = item;
  if (isUntilItHolds(item)) return UNTIL_IT_HOLDS_PCT;
  if (much === null || much.as === 'vague' || much.as === 'bad') return exactly(0);
  if (much.as !== 'measured') return much.share;
  const measured = massOfMeasuresG(much.measures, material, bulkStateOf(item, words), known.small);
  return item.doings.reduce(
    (grams, { filling }) => (filling ? multiplySpreads(grams, filling) : grams),
    measured,
  );
}

/** `2 cups sifted soda` was sifted first; `2 cups soda, sifted` was measured first. */
function bulkStateOf({ from, name, notes }: Item, { text }: Words) {
  const before = text.slice(from, name?.to ?? from);
  const behind = /^ (?:sifted|sieved|packed|scooped)\b/i.exec(text.slice(name?.to ?? from))?.[0];
  return readBulkState([before, behind ?? '', ...notes].join(' '));
}

/** How a line goes in by what is written of it. */
function wayOf({ doings, much }: Item): LineWay | null {
  const written = doings.findLast(({ way }) => way !== null)?.way ?? null;
  const isSquirted =
    much?.as === 'measured' && much.measures.some(({ unit }) => unit.kind === 'squirt');
  return written ?? (isSquirted ? 'sprayed' : null);
}

/** A word may belong to the name: infused oil is no herb, and only a fat is melted. */
export function wayFor(material: Material, way: LineWay | null): LineWay | undefined {
  return way !== null && waysOf(material).includes(way) ? way : undefined;
}

function weightProblem({ best, high }: Spread): UnreadReason | null {
  if (!(best > 0)) return { code: 'zero', about: '' };
  if (high > MAX_LINE_G) return { code: 'too-heavy', about: formatCount(Math.round(best / 1000)) };
  return null;
}

function whyUnknown(recognition: Recognition, name: string): UnreadReason {
  const { kind } = recognition;
  const code = kind === 'certain' || kind === 'assumed' ? 'unknown' : kind;
  // A danger is looked up again by this name: all of it counts.
  return { code, about: kind === 'dangerous' ? name.slice(0, 200) : shortened(name) };
}

function remarkOn(
  recognition: Recognition,
  name: string,
  { alternatives }: Item,
  { text }: Words,
): string | null {
  if (!('material' in recognition)) return null;
  const other = alternatives[0];
  if (other)
    return `“${shortened(name)} or ${text.slice(other.from, other.to)}” is read as ${recognition.material.name}.`;
  return recognition.kind === 'certain'
    ? null
    : `“${shortened(name)}” is read as ${recognition.material.name}.`;
}

function shortened(name: string): string {
  return name.length > 40 ? `${name.slice(0, 39)}…` : name;
}

function unread(reason: UnreadReason, choices: readonly string[], hadAmount: boolean): LineReading {
  return { kind: 'unread', reason, choices, hadAmount };
}
