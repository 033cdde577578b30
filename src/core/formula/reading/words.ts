/** A row of a page: the text from `from` up to `to`, without its line break. */
export interface Row {
  /** From 1. */
  readonly number: number;
  readonly from: number;
  readonly to: number;
}

/** One page, as pass after pass reads it: places are offsets into its text. */
export interface Words {
  /** As written. */
  readonly text: string;
  /** The same length, lower case, with plain spaces, quotes and dashes: what phrases are looked for in. */
  readonly low: string;
  readonly rows: readonly Row[];
}

const PLAIN: Readonly<Record<string, string>> = {
  '\u00a0': ' ',
  '\u2009': ' ',
  '\u202f': ' ',
  '\u3000': ' ',
  '\u2018': "'",
  '\u2019': "'",
  '`': "'",
  '\u201c': '"',
  '\u201d': '"',
  '\u201e': '"',
  '\u00ab': '"',
  '\u00bb': '"',
  '\u2010': '-',
  '\u2011': '-',
  '\u2012': '-',
  '\u2212': '-',
  '\u2044': '/',
};

/** Lower case, char for char: one that would grow stays as it is. */
export function plain(text: string): string {
  let out = '';
  for (const char of text.split('')) {
    const low = (PLAIN[char] ?? char).toLowerCase();
    out += low.length === 1 ? low : char;
  }
  return out;
}

/** First pass: the text in a form that is compared, and its rows. */
export function wordsOf(text: string): Words {
  const rows: Row[] = [];
  let from = 0;
  for (const match of text.matchAll(/\r\n|\r|\n|$/g)) {
    if (match.index < from) continue;
    rows.push({ number: rows.length + 1, from, to: match.index });
    from = match.index + match[0].length;
    if (match[0] === '') break;
  }
  return { text, low: plain(text), rows };
}

/** Bullets, numbers, check boxes and quote marks before the words of a row. */
const LIST_MARK =
  /(?:\s*(?:[*•·▪‣◦✓✔☐☑☒>●○]\s*|[-–—]\s+|\[[ x]?\]\s*|\(?\d{1,3}[.)](?:\s+(?=\S)|(?=[a-z]))))+|\s+/y;

/** Where the words of a row begin, behind its list marks. */
export function behindMarks(low: string, { from, to }: Row): number {
  LIST_MARK.lastIndex = from;
  const found = LIST_MARK.exec(low);
  return found ? Math.min(to, from + found[0].length) : from;
}

/** A stop after one of these ends no sentence. */
const SHORTENED =
  /(?:^|[\s(])(?:oz|lb|lbs|tsp|tbsp|tbs|tbl|fl|approx|ca|c|t|g|gr|kg|ml|l|pt|qt|min|max|no|e\.g|i\.e|etc|vs|sw|opt|pcs|hr|hrs)$/;

/** The sentences of a stretch: at a stop before a capital or the end, never behind a unit. */
export function sentencesOf(
  { text, low }: Words,
  from: number,
  to: number,
): readonly { readonly from: number; readonly to: number }[] {
  const sentences: { from: number; to: number }[] = [];
  let start = from;
  const STOP = /[.!?]+(?=["')\]]*\s+["'(]*\S|["')\]]*\s*$)/g;
  const stretch = low.slice(from, to);
  for (const match of stretch.matchAll(STOP)) {
    const at = from + match.index;
    const next = /\S/.exec(text.slice(at + match[0].length, to))?.[0] ?? '';
    const opensSentence = next === '' || next !== next.toLowerCase();
    const isShort = match[0] === '.' && SHORTENED.test(low.slice(start, at));
    if (match[0].length > 1 && match[0].startsWith('..')) continue;
    if (!opensSentence || isShort) continue;
    sentences.push({ from: start, to: at + match[0].length });
    start = at + match[0].length;
  }
  if (low.slice(start, to).trim() !== '') sentences.push({ from: start, to });
  return sentences.flatMap((sentence) => partedAtPauses(low, sentence.from, sentence.to));
}

/** Longer is told in several breaths: parted at a comma, else between words, so that nothing of it is passed over. */
const LONGEST_BREATH = 500;

function partedAtPauses(low: string, from: number, to: number): { from: number; to: number }[] {
  const parts: { from: number; to: number }[] = [];
  let start = from;
  while (to - start > LONGEST_BREATH) {
    const breath = low.slice(start, start + LONGEST_BREATH);
    const pause = Math.max(breath.lastIndexOf(', '), breath.lastIndexOf('; '));
    const cut = pause > 0 ? pause + 1 : breath.lastIndexOf(' ');
    if (cut <= 0) break;
    parts.push({ from: start, to: start + cut });
    start += cut;
  }
  return [...parts, { from: start, to }];
}
