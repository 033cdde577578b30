import { dangerousMeant } from '@/core/matter/materials/names/dangers/find';
import type { UnreadLine } from './schema';

type Reason = UnreadLine['reason'];
type Words = { readonly [C in Reason['code']]: (about: string) => string };

const WORDS: Words = {
  parts: () => 'parts are shares, not weights: say how many grams or cups',
  'by-zero': () => 'the amount divides by zero',
  'below-zero': () => 'the amount is below zero',
  zero: () => 'the amount is zero',
  'too-heavy': (kg) => `that would be ${kg} kg, more than the 1,000 kg a line may hold`,
  'no-amount': () => 'no amount: how much of it?',
  vague: (amount) => `“${amount}” can be anything: how many grams or spoons?`,
  'no-unit': (figure) => `${figure} of what: grams, ounces, spoons?`,
  heading: (name) => `“${name}” is no part that is known: what is it?`,
  'no-line': () => 'this does not read as an amount and a material',
  'no-name': () => 'an amount without a name: of what?',
  ambiguous: (name) => `“${name}” can be several things: which one?`,
  guess: (name) => `“${name}” is not on file as it is spelled: is it this?`,
  strength: (name) => `“${name}” is not on file at that strength: which one?`,
  dangerous: (name) =>
    `“${name}” must not be in a fizzing product: ${dangerousMeant(name)?.why ?? 'leave it out'}`,
  unknown: (name) => `“${name}” is not a material on file: choose one`,
  'for-every-how-much': (per) => `for every how much? “${per}”`,
  'for-every-of-what': (name) => `for every how much of what? “${name}”`,
  'for-every-missing': (name) => `no ${name} is in the recipe`,
  'for-every-no-powder': () => 'there is no powder yet to reckon it from',
  before: () => 'not read when it was pasted: choose what it is',
};

/** Why a written line waits, as part of a sentence. */
export function sayUnread({ code, about }: Reason): string {
  return WORDS[code](about);
}
