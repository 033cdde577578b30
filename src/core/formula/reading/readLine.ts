import { MAX_LINE_G, type LineWay } from '../model/kinds';
import { lineOf } from '../model/create';
import { waysOf } from '../model/ways';
import type { Line, UnreadReason } from '../model/schema';
import { findMaterial, type Catalog } from '@/core/matter/materials/catalog';
import { recognizeMaterial, type Recognition } from '@/core/matter/materials/names/recognize';
import type { Material } from '@/core/matter/materials/material';
import type { Spread } from '@/core/basics/units/spread';
import { readAmount, readBulkState, type AmountReading } from './amount';
import { bareLine } from './lineText';
import { massOfMeasuresG, type SmallMeasures } from './massOfMeasures';
import { formatCount } from '@/core/basics/format/numbers';
import { namesWithin, readUnitless, readVague, withoutVerb } from './remarks';
import { readWay } from './ways';

/** What a line had to say. `hadAmount` tells a recipe from prose. */
export type LineReading =
  | { readonly kind: 'read'; readonly line: Line; readonly remark: string | null }
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
  /** What a number without a unit means, once the maker has said so. */
  readonly bareUnit?: 'g';
}

/** More words than this are a sentence, not a name. */
const LONGEST_NAME_WORDS = 5;

interface Amounted {
  readonly amount: AmountReading;
  readonly name: string;
}

/**
 * Reads one ingredient line: amount first or last, notes in brackets or behind a comma, and how it goes in.
 * @param chosenId a material the maker has chosen for this line, instead of recognizing the name
 */
export function readLine(raw: string, known: Known, chosenId?: string): LineReading {
  const { catalog, small } = known;
  const { text: bare, notes } = bareLine(raw);
  const { text, isSprayed } = withoutVerb(bare);
  const { way, rest } = wayBeside(text, known);
  const { amount, name } = withUnit(findAmount(rest), rest, known);
  if (amount.kind === 'bad') return unread(amount.reason, [], true);
  if (amount.kind === 'none') return withoutAmount(catalog, rest, name, chosenId);
  const recognition = recognizedWith(notes, catalog, name, chosenId);
  if (!('material' in recognition))
    return unread(whyUnknown(recognition, name), recognition.choices, true);
  const { material } = recognition;
  const weighed = weightInNotes(notes);
  const measures = weighed ?? amount.measures;
  const grams = massOfMeasuresG(measures, material, readBulkState(raw), small);
  const problem = weightProblem(grams);
  if (problem) return unread(problem, [material.id], true);
  const squirted = isSprayed || measures.some(({ unit }) => unit.kind === 'squirt');
  const how = wayFor(material, way ?? (squirted ? 'sprayed' : wayInNotes(notes)));
  return {
    kind: 'read',
    line: { ...lineOf(material, grams), written: raw.trim(), ...(how && { how }) },
    remark: remarkOn(recognition, name),
  };
}

/** Words that belong to a name on file say nothing of how it goes in. */
function wayBeside(text: string, { catalog }: Known): ReturnType<typeof readWay> {
  const found = readWay(text);
  if (found.way === null) return found;
  const { amount, name } = findAmount(text);
  const isName = amount.kind === 'read' && recognizeMaterial(catalog, name).kind === 'certain';
  return isName ? { way: found.way, rest: text } : found;
}

/** How a material goes in by what is written of it; undefined where that does not fit it. */
export function wayWritten(raw: string, material: Material): LineWay | undefined {
  const { text, notes } = bareLine(raw);
  return wayFor(material, readWay(text).way ?? wayInNotes(notes));
}

function wayInNotes(notes: readonly string[]): LineWay | null {
  for (const note of notes) {
    const { way } = readWay(`, ${note}`);
    if (way) return way;
  }
  return null;
}

/** A word may belong to the name: infused oil is no herb, and only a fat is melted. */
function wayFor(material: Material, way: LineWay | null): LineWay | undefined {
  return way !== null && waysOf(material).includes(way) ? way : undefined;
}

const MOST_FIGURES = 24;

function findAmount(text: string): Amounted {
  const leading = readAmount(text);
  if (leading.kind === 'bad') return { amount: leading, name: text };
  if (leading.kind === 'read') return { amount: leading, name: tidyName(leading.rest) };
  if (/\s[-−]\.?\d/.test(text))
    return { amount: { kind: 'bad', reason: { code: 'below-zero', about: '' } }, name: text };
  let looked = 0;
  for (const match of text.matchAll(/(?:[:,=–-]\s*|\s)(?=[\d.½¼¾⅓⅔⅛]|half\b|about\s|an?\s)/gi)) {
    // A line of more figures is no line.
    if (++looked > MOST_FIGURES) break;
    const trailing = readAmount(text.slice(match.index + match[0].length));
    if (trailing.kind !== 'read') continue;
    const name = tidyName(text.slice(0, match.index));
    const after = tidyName(trailing.rest);
    // What follows an amount that follows a name can only remark.
    if (after === '') return { amount: trailing, name };
    if (/^[,;(–-]/.test(trailing.rest.trim()))
      return { amount: trailing, name: `${name}, ${after}` };
  }
  return { amount: { kind: 'none' }, name: tidyName(text) };
}

/** A number without a unit is asked about once for the whole page, and is then of that unit. */
function withUnit(found: Amounted, text: string, known: Known): Amounted {
  if (found.amount.kind !== 'none') return found;
  const bare = readUnitless(text);
  if (!bare) return found;
  const name = tidyName(bare.name);
  const isKnown = namesWithin(name).some(
    (one) => recognizeMaterial(known.catalog, one).kind !== 'unknown',
  );
  if (!isKnown) return found;
  if (known.bareUnit === undefined)
    return { amount: { kind: 'bad', reason: { code: 'no-unit', about: bare.figure } }, name };
  return { amount: readAmount(`${bare.figure} ${known.bareUnit}`), name };
}

function tidyName(text: string): string {
  return text.replace(/^[\s:,=–-]+|[\s:,.;=–-]+$/g, '');
}

function recognized(catalog: Catalog, name: string, chosenId?: string): Recognition {
  const chosen = chosenId === undefined ? undefined : findMaterial(catalog, chosenId);
  if (chosen) return { kind: 'certain', material: chosen };
  const whole = recognizeMaterial(catalog, name);
  if ('material' in whole || whole.kind === 'dangerous') return whole;
  for (const shorter of namesWithin(name).slice(1)) {
    const within = recognizeMaterial(catalog, shorter);
    if ('material' in within || within.kind !== 'unknown') return within;
  }
  return whole;
}

const LONGEST_NOTE_WORDS = 2;

/** `mica (gold)`: a word in brackets may be what makes the name whole. */
function recognizedWith(
  notes: readonly string[],
  catalog: Catalog,
  name: string,
  chosenId?: string,
): Recognition {
  const plain = recognized(catalog, name, chosenId);
  if (chosenId !== undefined || plain.kind === 'dangerous') return plain;
  for (const note of notes.filter((one) => one.split(/\s+/).length <= LONGEST_NOTE_WORDS)) {
    const fuller = recognizeMaterial(catalog, `${note} ${name}`);
    if (fuller.kind === 'certain' || fuller.kind === 'dangerous') return fuller;
  }
  return plain;
}

/** `2 cups (440 g) baking soda`: the weight in brackets was weighed, the cups were not. */
function weightInNotes(notes: readonly string[]) {
  for (const note of notes) {
    const amount = readAmount(note);
    if (
      amount.kind === 'read' &&
      amount.rest.trim() === '' &&
      amount.measures.every(({ unit }) => unit.kind === 'mass')
    )
      return amount.measures;
  }
  return null;
}

function weightProblem({ best, high }: Spread): UnreadReason | null {
  if (!(best > 0)) return { code: 'zero', about: '' };
  if (high > MAX_LINE_G) return { code: 'too-heavy', about: formatCount(Math.round(best / 1000)) };
  return null;
}

/** A name alone, or an amount that says nothing; a sentence that only speaks of a danger is no line of the recipe. */
function withoutAmount(
  catalog: Catalog,
  text: string,
  name: string,
  chosenId?: string,
): LineReading {
  const vague = readVague(text);
  const of = vague ? tidyName(vague.name) : name;
  const recognition = recognized(catalog, of, chosenId);
  if (vague && of.split(' ').length <= LONGEST_NAME_WORDS)
    return 'material' in recognition
      ? unread({ code: 'vague', about: shortened(vague.amount) }, [recognition.material.id], true)
      : unread(whyUnknown(recognition, of), recognition.choices, true);
  if ('material' in recognition)
    return unread({ code: 'no-amount', about: '' }, [recognition.material.id], false);
  return recognition.kind === 'dangerous' && name.split(' ').length <= LONGEST_NAME_WORDS
    ? unread(whyUnknown(recognition, name), [], false)
    : unread({ code: 'no-line', about: '' }, [], false);
}

function whyUnknown(recognition: Recognition, name: string): UnreadReason {
  if (name === '') return { code: 'no-name', about: '' };
  const { kind } = recognition;
  const code = kind === 'certain' || kind === 'assumed' ? 'unknown' : kind;
  // A danger is looked up again by this name: all of it counts.
  return { code, about: kind === 'dangerous' ? name.slice(0, 200) : shortened(name) };
}

function remarkOn(recognition: Recognition, name: string): string | null {
  if (!('material' in recognition) || recognition.kind === 'certain') return null;
  return `“${shortened(name)}” is read as ${recognition.material.name}.`;
}

function shortened(name: string): string {
  return name.length > 40 ? `${name.slice(0, 39)}…` : name;
}

function unread(reason: UnreadReason, choices: readonly string[], hadAmount: boolean): LineReading {
  return { kind: 'unread', reason, choices, hadAmount };
}
