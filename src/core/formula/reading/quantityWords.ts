const SMALL = (
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen ' +
  'eighteen nineteen'
).split(' ');
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
const VALUE: ReadonlyMap<string, number> = new Map([
  ...SMALL.map((word, i) => [word, i] as const),
  ...TENS.map((word, i) => [word, (i + 2) * 10] as const),
]);
const WORD = /[a-z]+/y;

/**
 * A number in words at the start of a text: `two hundred and fifty`, `thirty-five`, `one point five`, `two dozen`, and
 * `two fifty` as it is dictated.
 * @param low lower case
 * @returns its value and how long its words are; null where there is none, or only a word that is also an article
 */
export function numberInWords(
  low: string,
): { readonly value: number; readonly length: number } | null {
  let at = 0;
  let end = 0;
  let whole = 0;
  let part = 0;
  let last: 'none' | 'ones' | 'tens' | 'scale' = 'none';
  for (;;) {
    WORD.lastIndex = at;
    const word = WORD.exec(low)?.[0];
    if (word === undefined) break;
    const next = at + word.length;
    const value = VALUE.get(word);
    if (value !== undefined) {
      if (last === 'ones' && value >= 10) part = part * 100 + value;
      else if (last === 'ones') break;
      else if (last === 'tens' && value >= 10) break;
      else part += value;
      last = value >= 20 ? 'tens' : 'ones';
    } else if (word === 'hundred' && last !== 'scale') {
      part = (part || 1) * 100;
      last = 'scale';
    } else if (word === 'thousand' && (last !== 'none' || part > 0)) {
      whole += (part || 1) * 1000;
      part = 0;
      last = 'scale';
    } else if (word === 'dozen') {
      part = (part || 1) * 12;
      end = next;
      break;
    } else if (word === 'point' && (last !== 'none' || /^point [a-z]+/.test(low.slice(at)))) {
      const tail = digitsAfter(low, next);
      if (!tail) break;
      return { value: whole + part + tail.value, length: tail.end };
    } else if (!(word === 'and' && last === 'scale')) break;
    if (word !== 'and') end = next;
    const gap = /^[ -]/.exec(low.slice(next));
    if (!gap) break;
    at = next + 1;
  }
  return end > 0 ? { value: whole + part, length: end } : null;
}

function digitsAfter(
  low: string,
  from: number,
): { readonly value: number; readonly end: number } | null {
  let digits = '';
  let end = from;
  for (;;) {
    const word = /^ ([a-z]+)/.exec(low.slice(end));
    const value = word ? VALUE.get(word[1] ?? '') : undefined;
    if (!word || value === undefined || value > 9) break;
    digits += String(value);
    end += word[0].length;
  }
  return digits === '' ? null : { value: Number(`0.${digits}`), end };
}
