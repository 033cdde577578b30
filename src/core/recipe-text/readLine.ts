import { MAX_LINE_G, lineOf, type Line, type UnreadReason } from '../formula';
import { findMaterial, recognizeMaterial, type Catalog, type Recognition } from '../materials';
import type { Spread } from '../units';
import { readAmount, readBulkState, type AmountReading } from './amount';
import { bareLine } from './lineText';
import { massOfMeasuresG, type SmallMeasures } from './massOfMeasures';
import { formatCount } from '../words';

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
}

/** More words than this are a sentence, not a name. */
const LONGEST_NAME_WORDS = 5;

interface Amounted {
  readonly amount: AmountReading;
  readonly name: string;
}

/**
 * Reads one ingredient line: amount first or last, notes in brackets.
 * @param chosenId a material the maker has chosen for this line, instead of recognizing the name
 */
export function readLine(raw: string, { catalog, small }: Known, chosenId?: string): LineReading {
  const { text, notes } = bareLine(raw);
  const { amount, name } = findAmount(text);
  if (amount.kind === 'bad') return unread(amount.reason, [], true);
  const recognition = recognized(catalog, name, chosenId);
  if (amount.kind === 'none') return withoutAmount(recognition, name);
  if (!('material' in recognition))
    return unread(whyUnknown(recognition, name), recognition.choices, true);
  const { material } = recognition;
  const weighed = weightInNotes(notes);
  const measures = weighed ?? amount.measures;
  const grams = massOfMeasuresG(measures, material, readBulkState(raw), small);
  const problem = weightProblem(grams);
  if (problem) return unread(problem, [material.id], true);
  return {
    kind: 'read',
    line: { ...lineOf(material, grams), written: raw.trim() },
    remark: remarkOn(recognition, name),
  };
}

function findAmount(text: string): Amounted {
  const leading = readAmount(text);
  if (leading.kind === 'bad') return { amount: leading, name: text };
  if (leading.kind === 'read') return { amount: leading, name: tidyName(leading.rest) };
  if (/\s[-−]\.?\d/.test(text))
    return { amount: { kind: 'bad', reason: { code: 'below-zero', about: '' } }, name: text };
  for (const match of text.matchAll(/(?:[:,–-]\s*|\s)(?=[\d.½¼¾⅓⅔⅛]|half\b|an?\s)/gi)) {
    const trailing = readAmount(text.slice(match.index + match[0].length));
    if (trailing.kind === 'read' && tidyName(trailing.rest) === '')
      return { amount: trailing, name: tidyName(text.slice(0, match.index)) };
  }
  return { amount: { kind: 'none' }, name: tidyName(text) };
}

function tidyName(text: string): string {
  return text.replace(/^[\s:,–-]+|[\s:,.;–-]+$/g, '');
}

function recognized(catalog: Catalog, name: string, chosenId?: string): Recognition {
  const chosen = chosenId === undefined ? undefined : findMaterial(catalog, chosenId);
  return chosen ? { kind: 'certain', material: chosen } : recognizeMaterial(catalog, name);
}

/** `2 cups (440 g) baking soda`: the weight in brackets was weighed, the cups were not. */
function weightInNotes(notes: readonly string[]) {
  for (const note of notes) {
    const amount = readAmount(note);
    if (amount.kind === 'read' && amount.measures.every(({ unit }) => unit.kind === 'mass'))
      return amount.measures;
  }
  return null;
}

function weightProblem({ best, high }: Spread): UnreadReason | null {
  if (!(best > 0)) return { code: 'zero', about: '' };
  if (high > MAX_LINE_G) return { code: 'too-heavy', about: formatCount(Math.round(best / 1000)) };
  return null;
}

/** A name alone; a sentence that only speaks of a danger is no line of the recipe. */
function withoutAmount(recognition: Recognition, name: string): LineReading {
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
