import { remembered } from '@/core/basics/remembered';
import { CATALOG_ROWS } from '../../rows';
import { comparableName } from '../comparable';
import { editDistance, slipsAllowed } from '../editDistance';
import { CHEMICALS } from './chemicals';
import { HARMLESS, ONLY_CALLED, OWN_WORDS, PLANT_PART } from './harmless';
import { PLANTS } from './plants';
import type { DangerousSubstance } from './types';

/** Everything that must not be in a fizzing product, or not without a word. */
export const DANGEROUS: readonly DangerousSubstance[] = [...CHEMICALS, ...PLANTS];

/** A danger in a text, and the words that say it. */
export interface FoundDanger {
  readonly substance: DangerousSubstance;
  readonly words: string;
}

const PLANT_ROWS: ReadonlySet<DangerousSubstance> = new Set(PLANTS);
const BY_NAME: ReadonlyMap<string, DangerousSubstance> = new Map(
  DANGEROUS.flatMap((row) => row.names.map((name) => [comparable(name), row] as const)),
);
/** Shipped names too: a name on file goes before a danger inside it. */
const KNOWN_HARMLESS: ReadonlySet<string> = new Set(
  [
    ...HARMLESS,
    ...CATALOG_ROWS.flatMap(({ id, name, inci, synonyms }) => [id, name, inci, ...synonyms]),
  ]
    .map(comparable)
    .filter((name) => !BY_NAME.has(name)),
);
const LONGEST_WORDS = Math.max(
  ...[...BY_NAME.keys(), ...KNOWN_HARMLESS].map((name) => name.split(' ').length),
);
/** Words that a name begins with: at any other nothing is looked up. */
const FIRST_WORDS: ReadonlySet<string> = new Set(
  [...KNOWN_HARMLESS, ...BY_NAME.keys()].map((name) => name.split(' ')[0] ?? ''),
);
const KNOWN_WORDS: ReadonlySet<string> = new Set([
  ...OWN_WORDS,
  ...[...KNOWN_HARMLESS, ...BY_NAME.keys()].flatMap((name) => name.split(' ')),
]);
/** Shorter words are slips of too many others. */
const SHORTEST_SLIP = 8;
/** Words that say a danger by themselves, to be met with a slip in them. */
const TELLING: readonly (readonly [string, DangerousSubstance])[] = [...BY_NAME].filter(
  ([name, row]) => !PLANT_ROWS.has(row) && name.length >= SHORTEST_SLIP && /^[a-z]+$/.test(name),
);

/** A share over this makes burning acid of vinegar, % by mass. Source: EU Regulation 1272/2008, annex VI, not looked up. */
const STRONG_ACETIC_PCT = 25;
const ACETIC =
  /\b(?:acetic acid|vinegar|vinegar essence|essig|essigsaure|acide acetique|acido acetico|vinaigre|vinagre|aceto)\b/;

/**
 * Every danger that a text names, whatever shape the text has: a line of a recipe, a sentence, a name, a formula, a number.
 * A plain warning (`never with bleach`, `ammonia free`) names none.
 * @param written any text
 */
export function dangersIn(written: string): readonly FoundDanger[] {
  return lookedFor.of(written, () => lookFor(written));
}

const lookedFor = remembered<readonly FoundDanger[]>(2000);

function lookFor(written: string): readonly FoundDanger[] {
  const found: FoundDanger[] = [];
  /** A warning goes on through a list behind commas. */
  let isWarned = false;
  for (const clause of clausesOf(written)) {
    const words = comparable(clause).split(' ');
    if (isWarned && isOnlyNames(words)) continue;
    isWarned = warns(words.join(' '));
    found.push(...foundIn(words));
  }
  return found;
}

function foundIn(words: readonly string[]): readonly FoundDanger[] {
  const text = words.join(' ');
  const found: FoundDanger[] = [];
  let start = 0;
  while (start < words.length) {
    const span = longestAt(words, start);
    if (
      span?.substance &&
      !isQuiet(words, start, span.length) &&
      isMeant(span.substance, words, start, span.length)
    )
      found.push({
        substance: span.substance,
        words: words.slice(start, start + span.length).join(' '),
      });
    start += span?.length ?? 1;
  }
  const acetic = /\b(\d+(?:\.\d+)?)%/.exec(text);
  const burning = CHEMICALS.find(({ id }) => id === 'strong-acid');
  if (burning && acetic && ACETIC.test(text) && Number(acetic[1]) > STRONG_ACETIC_PCT)
    found.push({ substance: burning, words: text });
  return found.length > 0 ? found : slipsIn(words);
}

/** The longest name that begins here, dangerous or on file as harmless; a danger goes before a harmless name of its length. */
function longestAt(
  words: readonly string[],
  start: number,
): { readonly substance: DangerousSubstance | null; readonly length: number } | null {
  if (!FIRST_WORDS.has(words[start] ?? '')) return null;
  for (let length = Math.min(words.length - start, LONGEST_WORDS); length >= 1; length--) {
    const name = words.slice(start, start + length).join(' ');
    const substance = BY_NAME.get(name);
    if (substance) return { substance, length };
    // One harmless word says nothing of the next: `lime` of `pickling lime` begins later.
    if (length > 1 && KNOWN_HARMLESS.has(name)) return { substance: null, length };
  }
  return null;
}

/** A plant is meant where a part of it is named, or nothing else; a scent or a color that bears its name is none. */
function isMeant(
  substance: DangerousSubstance,
  words: readonly string[],
  start: number,
  length: number,
): boolean {
  if (!PLANT_ROWS.has(substance)) return true;
  const around = words.slice(Math.max(0, start - 2), start + length + 3).join(' ');
  if (ONLY_CALLED.test(around)) return false;
  const rest = [...words.slice(0, start), ...words.slice(start + length)];
  const isAlone = rest.every((word) =>
    /^[\d.%]+$|^(?:a|of|some|the|g|kg|oz|cup|tbsp|tsp|teaspoon|tablespoon|drop|pinch|handful|ml|and|few|good|little|big|small)$/.test(
      word,
    ),
  );
  return isAlone || PLANT_PART.test(around);
}

/** Words nobody knows that are a slip of a danger’s own word. */
function slipsIn(words: readonly string[]): readonly FoundDanger[] {
  return words.flatMap((word, at) => {
    if (word.length < SHORTEST_SLIP || KNOWN_WORDS.has(word) || isQuiet(words, at, 1)) return [];
    const limit = word.length >= 11 ? 2 : 1;
    const near = TELLING.find(([name]) => editDistance(word, name, limit) <= limit);
    return near ? [{ substance: near[1], words: word }] : [];
  });
}

/** So many words behind a warning it still speaks of what is named. */
const WARNING_REACH = 6;
const WARNING =
  /\b(?:never|do not|dont|must not|should not|shouldnt|may not|cannot|cant|can not|avoid|avoids|instead of|in place of|rather than|away from|not to be confused with|not the same as|contains? no|without|no|nor|not|non)\b/g;
const WARNED_AFTER =
  /^(?:\s+\S+){0,3}\s+(?:free|must not|must never|should not|should never|may not|never|is not|are not|is forbidden|is banned|is barred|is dangerous)\b/;
const AMOUNT =
  /\d\s*(?:g|gram|kg|oz|ounce|lb|cup|c|tbsp|tsp|tablespoon|teaspoon|ml|drop|squirt|part|%)\b|\b(?:splash|pinch|capful|spoonful|scoop|handful|glug|dash)\b/;
/** Bare words of denial reach no further than the name itself. */
const SHORT_WARNING = /^(?:no|nor|not|non|without)$/;

function isQuiet(words: readonly string[], start: number, length: number): boolean {
  const before = words.slice(0, start).join(' ');
  const after = words.slice(start + length).join(' ');
  if (AMOUNT.test(` ${after}`) || AMOUNT.test(` ${before} `)) return after.startsWith('free');
  if (after.startsWith('free') || WARNED_AFTER.test(` ${after}`)) return true;
  const warning = [...before.matchAll(WARNING)].at(-1);
  if (!warning) return false;
  const between = before.slice(warning.index + warning[0].length).trim();
  const distance = between === '' ? 0 : between.split(' ').length;
  return distance <= (SHORT_WARNING.test(warning[0]) ? 2 : WARNING_REACH);
}

/** Does a clause warn, so that a list behind it goes on with that? */
function warns(text: string): boolean {
  return [...text.matchAll(WARNING)].length > 0 && !AMOUNT.test(text);
}

/** `ammonia or lye`: a list that goes on behind a comma, and nothing else. */
function isOnlyNames(words: readonly string[]): boolean {
  const rest = words.filter(
    (word) => !/^(?:or|and|nor|any|other|cleaner|product|chemical)$/.test(word),
  );
  let start = 0;
  while (start < rest.length) {
    const span = longestAt(rest, start);
    if (!span?.substance) return false;
    start += span.length;
  }
  return rest.length > 0;
}

/** Parts of a text that speak for themselves: a denial in one says nothing of the next. */
function clausesOf(written: string): readonly string[] {
  return withoutFormulaBrackets(written)
    .replace(/[’`]/g, "'")
    .split(
      /[;:!?\n•|()[\]]|\.(?=\s|$)|,(?!\d)|\s[–—-]+\s|\b(?:(?:but|then|because|so that)\b|and (?=(?:add|use|pour|put|stir|mix|dissolve|drop|i|we|finish|top)\b))/i,
    )
    .filter((clause) => /[a-z0-9]/i.test(clause));
}

function comparable(name: string): string {
  return comparableName(withoutFormulaBrackets(name).replace(/[()]/g, ' '));
}

/** `Ca(ClO)2` is one word, and a word in brackets is not lost. */
function withoutFormulaBrackets(text: string): string {
  return text
    .replace(/([A-Za-z0-9])\(([A-Za-z0-9]+)\)(\d*)/g, '$1$2$3')
    .replace(/\(([A-Z][A-Za-z0-9]*)\)(\d+)/g, '$1$2');
}

/** Not to be in any fizzing product at all. */
export function isStop({ level, notOnSkin }: DangerousSubstance): boolean {
  return level === undefined && notOnSkin === undefined;
}

/** The danger that a text names first of those that stop, else of those that warn; null for none. @param written any text */
export function dangerousNamed(written: string): DangerousSubstance | null {
  const found = dangersIn(written).map(({ substance }) => substance);
  return found.find(isStop) ?? found[0] ?? null;
}

/**
 * The nearest dangerous name as a whole, by typing slips.
 * @param name a comparable name @param limit most slips @returns null where none is so near
 */
export function dangerousNear(
  name: string,
  limit: number,
): { readonly substance: DangerousSubstance; readonly slips: number } | null {
  let best: { substance: DangerousSubstance; slips: number } | null = null;
  for (const [key, substance] of BY_NAME) {
    const slips = editDistance(name, key, limit);
    if (slips <= limit && slips < (best?.slips ?? Infinity) && isSlipOf(name, key))
      best = { substance, slips };
  }
  return best;
}

/** Where both have as many words, a word of its own is no slip of another one: chloride is not chlorite. */
function isSlipOf(name: string, key: string): boolean {
  const [words, others] = [name.split(' '), key.split(' ')];
  if (words.length !== others.length) return true;
  return words.every((word, i) => word === others[i] || !OWN_WORDS.has(word));
}

/** What a name that was read as a danger means, spelled right or nearly so. @param written any text */
export function dangerousMeant(written: string): DangerousSubstance | null {
  const name = comparableName(written);
  return dangerousNamed(written) ?? dangerousNear(name, slipsAllowed(name))?.substance ?? null;
}
