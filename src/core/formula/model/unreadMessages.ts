import { dangerousMeant } from '@/core/matter/materials/names/dangers/find';
import type { UnreadLine } from './schema';

type Reason = UnreadLine['reason'];
type Words = { readonly [C in Reason['code']]: (about: string) => string };

const WORDS: Words = {
  parts: () => 'Parts are shares, not weights. How many grams or cups?',
  'by-zero': () => 'The amount divides by zero. How much is it?',
  'below-zero': () => 'The amount is below zero. How much is it?',
  zero: () => 'The amount is zero. How much is it?',
  'too-heavy': (kg) => `That would be ${kg} kg. A line holds up to 1,000 kg. How much is it?`,
  'no-amount': () => 'There is no amount. How much is it?',
  vague: (amount) => `“${amount}” can be any amount. How many grams or spoons?`,
  'no-unit': (figure) => `${figure} of what: grams, ounces, spoons?`,
  heading: (name) => `“${name}” is not a known section. Which one is it?`,
  'no-line': () => 'This doesn’t read as an amount and a material. What is it?',
  'no-name': () => 'There is an amount without a name. What is it?',
  ambiguous: (name) => `“${name}” can be several things. Which one is it?`,
  guess: (name) => `“${name}” is not on file in this spelling. Is it this?`,
  strength: (name) => `“${name}” is not on file at that strength. Which one is it?`,
  dangerous: (name) =>
    `“${name}” must not be in a fizzing product: ${dangerousMeant(name)?.why ?? 'leave it out'}`,
  unknown: (name) => `“${name}” is not a material on file. Which one is it?`,
  'for-every-how-much': (per) => `For every how much? It says “${per}”.`,
  'for-every-of-what': (name) => `For every how much of what? It says “${name}”.`,
  'for-every-missing': (name) => `There is no ${name} in the recipe. How much is it?`,
  'for-every-no-powder': () => 'There is no powder yet to work it out from. How much is it?',
  before: () => 'This was not read when you pasted it. What is it?',
};

/** Why a written line waits, as part of a sentence. */
export function sayUnread({ code, about }: Reason): string {
  return WORDS[code](about);
}
