import { remembered } from '@/core/basics/remembered';
import type { Catalog } from '@/core/matter/materials/catalog';
import { comparableName, nameIndex } from '@/core/matter/materials/names/comparable';

/** One word of a name, with what may stand before it. */
const NAME_WORD = /(?: ?, ?| |-)?([\p{L}\p{N}][\p{L}\p{N}'·.:]*%?)/uy;
const UNIT_BEHIND = /^ ?(?:g|gr|kg|mg|oz|lbs?|ml|tsp|tbsp|cups?|drops?)\b/;
const LONGEST = 7;

/** The form in which words are compared, worked out once a word. */
const compared = remembered<string>(5000);

/**
 * The longest name on file that begins at this place, over several words.
 * @param low lower case
 * @returns where it ends and how many words it has; null for none
 */
export function knownNameAt(
  catalog: Catalog,
  low: string,
  at: number,
  to: number,
): { readonly to: number; readonly words: number } | null {
  const index = nameIndex(catalog);
  let key = '';
  let place = at;
  let best: { to: number; words: number } | null = null;
  for (let words = 1; words <= LONGEST; words++) {
    NAME_WORD.lastIndex = place;
    const found = NAME_WORD.exec(low);
    if (!found || (words === 1 && found[0] !== found[1])) break;
    let word = found[1] ?? '';
    let end = place + found[0].length;
    if (end > to) break;
    while (/[.:']$/.test(word)) {
      word = word.slice(0, -1);
      end--;
    }
    const percent = /^ ?%/.exec(low.slice(end, end + 2));
    if (percent && /^\d/.test(word)) {
      end += percent[0].length;
      word += '%';
    }
    const form = compared.of(word, () => comparableName(word));
    key = key === '' ? form : `${key} ${form}`;
    // `blue 1 g`: a figure with its unit is an amount, and no name's.
    const isAmount = /^\d/.test(word) && UNIT_BEHIND.test(low.slice(end, end + 8));
    if (index.has(key) && !isAmount) best = { to: end, words };
    place = end;
  }
  return best;
}
