import { editDistance } from './editDistance';

/** Shorter words are slips of too many others. */
const SHORTEST_SLIP = 4;
const TWO_SLIPS_FROM = 9;

/** Is a word that was typed the word of a name, its beginning, or a slip of it? */
function matches(typed: string, word: string): 'begins' | 'slip' | null {
  if (word.startsWith(typed)) return 'begins';
  if (typed.length < SHORTEST_SLIP || /\d/.test(typed)) return null;
  const limit = typed.length >= TWO_SLIPS_FROM ? 2 : 1;
  return Math.abs(word.length - typed.length) <= limit && editDistance(typed, word, limit) <= limit
    ? 'slip'
    : null;
}

/**
 * How well a name answers what was typed, lower is better: all of it, its start, words of it in the order typed, its words in
 * any order, within it, its words with a slip in them.
 * @param name a comparable name @param typed likewise
 * @returns 0 to 5, or Infinity where it does not
 */
export function nameRank(name: string, typed: string): number {
  if (name === typed) return 0;
  if (name.startsWith(typed)) return 1;
  if (` ${name}`.includes(` ${typed}`)) return 2;
  const words = typed.split(' ');
  const own = name.split(' ');
  const found = words.map((word) => {
    const each = own.map((one) => matches(word, one));
    return each.includes('begins') ? 'begins' : each.includes('slip') ? 'slip' : null;
  });
  if (found.every((one) => one === 'begins')) return 3;
  if (name.includes(typed)) return 4;
  return found.every((one) => one !== null) ? 5 : Infinity;
}

/** How many telling words two names share, slips of them too. */
export function sharedWords(words: readonly string[], own: readonly string[]): number {
  return words.filter(
    (word) =>
      own.includes(word) ||
      (word.length > SHORTEST_SLIP && own.some((one) => matches(word, one) === 'slip')),
  ).length;
}
