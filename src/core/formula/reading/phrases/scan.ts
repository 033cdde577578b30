import { exactly } from '@/core/basics/units/spread';
import { remembered, type Remembered } from '@/core/basics/remembered';
import type { Catalog } from '@/core/matter/materials/catalog';
import { readAmount } from '../amount';
import { nameIn } from '../names';
import { readQuantity } from '../quantity';
import { numberInWords } from '../quantityWords';
import { wordsOf, type Words } from '../words';
import { doingAt } from './doings';
import { knownNameAt } from './knownName';
import {
  correctionAt,
  inHalfAt,
  joinAt,
  littleAt,
  remarkAt,
  sectionAt,
  timeAt,
  untilAt,
  vagueAt,
  verbAt,
} from './lexicon';
import type { Much, Phrase, PhraseOf } from './types';
import { yieldAt } from './yields';

/** May an amount begin with this? */
const STARTS_AMOUNT =
  /(?:[\d½¼¾⅓⅔⅕⅛⅜⅝⅞.~≈]|(?:an?|one|half|quarter|third|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|dozen|point|couple|few|about|around|approx|approximately|roughly|ca|heaping|heaped|rounded|generous|overflowing|scant|short|slightly|level|leveled|up to|at most|max|good|big|large|small|full|packed|sifted|scooped|pinch|dash|smidgen|squirt|spray|spritz|drop|metric)\b)/y;
const EACH = / ?(?:of )?(?:each|apiece|avg|average|on average)\b(?: of\b| :)?/y;
const WORD = /[\p{L}\p{N}][\p{L}\p{N}'·-]*/uy;
const PERCENT =
  /^(?:about |~)?([\d.,/½¼¾]+|half an?)(?: ?(?:-|–|to) ?([\d.,]+))? ?(?:%|percent\b|per cent\b|pct\b|wt%)(?: (?:of (?:the )?(?:total|whole|batch|mix(?:ture)?|weight)(?: (?:weight|mix|batch))?|of|by weight))?/;
const PARTS =
  /^(?:about )?([\d.,/½¼¾ ]+?|an?|one|two|three|four|five|six|half an?) ?parts?\b(?: (?:of|by weight|by volume))?/;
const RATIO = /(\d+(?:[.,]\d+)?(?:(?::| : )\d+(?:[.,]\d+)?)+)(?![\d:])/y;
/** What a thing is called, behind what it is. */
const QUOTED = /"[^"\n]{1,40}"/y;
const MARKUP = /<[^<>\n]{1,300}>|&[a-z]{2,8};/y;
const FIGURE = /(?:\d{1,5}(?:[.,]\d+)?|\.\d+)(?![\d%/])/y;

/** A phrase within a stretch, its closing place with it. */
interface Scanned {
  readonly words: Words;
  readonly catalog: Catalog;
}

/** More is no line of a recipe, but noise. */
const LONGEST = 600;

/**
 * Second pass: what the words of a stretch are, phrase by phrase. Every word is in just one phrase; spaces are in none.
 */
export function scan({ words, catalog }: Scanned, from: number, to: number): readonly Phrase[] {
  const known = scannedBefore.get(catalog) ?? remembered<readonly Phrase[]>(MOST_KEPT);
  scannedBefore.set(catalog, known);
  const text = words.text.slice(from, to);
  const alone = known.of(text, () => scanFresh({ words: wordsOf(text), catalog }, 0, text.length));
  return from === 0 ? alone : alone.map((phrase) => moved(phrase, from));
}

const scannedBefore = new WeakMap<Catalog, Remembered<readonly Phrase[]>>();
const MOST_KEPT = 2000;

function moved(phrase: Phrase, by: number): Phrase {
  const placed = { ...phrase, from: phrase.from + by, to: phrase.to + by };
  return placed.kind === 'bracket'
    ? { ...placed, inner: placed.inner.map((one) => moved(one, by)) }
    : placed;
}

function scanFresh(scanned: Scanned, from: number, to: number): readonly Phrase[] {
  const phrases: Phrase[] = [];
  const { low } = scanned.words;
  const end = Math.min(to, from + LONGEST);
  let at = from;
  while (at < end) {
    if (/\s/.test(low.charAt(at))) {
      at++;
      continue;
    }
    const before = phrases.at(-1);
    const phrase = phraseAt(scanned, at, end, before);
    // A name goes on over words that nothing else knows.
    if (phrase.kind === 'run' && before?.kind === 'run' && /^[ -]*$/.test(low.slice(before.to, at)))
      phrases[phrases.length - 1] = { ...before, to: phrase.to };
    else phrases.push(phrase);
    at = Math.max(at + 1, phrase.to);
  }
  if (end < to && low.slice(end, to).trim() !== '') phrases.push({ kind: 'remark', from: end, to });
  return phrases;
}

function phraseAt(scanned: Scanned, at: number, to: number, before?: Phrase): Phrase {
  const { low } = scanned.words;
  const char = low.charAt(at);
  if (char === '(' || char === '[') {
    const close = closing(low, at, to);
    if (close !== null)
      return { kind: 'bracket', from: at, to: close + 1, inner: scanFresh(scanned, at + 1, close) };
  }
  const tag = char === '<' || char === '&' ? exec(MARKUP, low, at) : null;
  if (tag) return { kind: 'remark', from: at, to: Math.min(to, at + tag[0].length) };
  const quoted = char === '"' && before?.kind === 'run' ? exec(QUOTED, low, at) : null;
  if (quoted && at + quoted[0].length <= to)
    return { kind: 'remark', from: at, to: at + quoted[0].length };
  if (char === '#') return { kind: 'remark', from: at, to };
  const corrected = correctionAt(low, at);
  if (corrected !== null && corrected <= to && before)
    return { kind: 'correction', from: at, to: corrected };
  if (char === '-' && /^\.?\d/.test(low.slice(at + 1, at + 3)) && /^\s?$/.test(low.charAt(at - 1)))
    return {
      kind: 'amount',
      from: at,
      to: Math.min(to, at + badLength(low.slice(at, to))),
      much: { as: 'bad', reason: { code: 'below-zero', about: '' } },
      isEach: false,
    };
  if (!/[\p{L}\p{N}½¼¾⅓⅔⅕⅛⅜⅝⅞.~≈+&%-]/u.test(char))
    return { kind: 'mark', from: at, to: at + 1, char };
  return wordsAt(scanned, at, to, before);
}

function closing(low: string, at: number, to: number): number | null {
  let depth = 0;
  for (let i = at; i < to; i++) {
    const char = low.charAt(i);
    if (char === '(' || char === '[') depth++;
    else if (char === ')' || char === ']') {
      depth--;
      if (depth === 0) return i;
    }
  }
  return null;
}

function wordsAt({ words, catalog }: Scanned, at: number, to: number, before?: Phrase): Phrase {
  const { low } = words;
  // Dots that lead from a name to its amount are none of it.
  if (GRADE.test(low.slice(at, at + 5))) return { kind: 'run', from: at, to: at + 5 };
  const isLeader =
    /^\.(?:\D|$)|^\.\./.test(low.slice(at, at + 2)) || /^\.\./.test(low.slice(at - 1, at + 1));
  const isAmount = !isLeader && matches(STARTS_AMOUNT, low, at);
  const name = knownNameAt(catalog, low, at, to);
  // `oil of sweet almonds`
  const oil = oilOfAt(words.low, catalog, at, to);
  if (oil !== null) return { kind: 'run', from: at, to: oil };
  // A name of several words is one, whatever its words are by themselves.
  if (name && name.words > 1) return { kind: 'run', from: at, to: name.to };
  const opens = before === undefined || before.kind === 'mark' || before.kind === 'join';
  const section = opens ? sectionAt(low, at) : null;
  if (section && section.to <= to)
    return {
      kind: 'section',
      from: at,
      to: section.to,
      partKind: section.partKind,
      name: words.text.slice(at, section.to).replace(/[:,]$/, ''),
      way: section.way,
    };
  const half = before?.kind === 'run' || before?.kind === 'amount' ? inHalfAt(low, at) : null;
  if (half !== null && half <= to)
    return {
      kind: 'section',
      from: at,
      to: half,
      partKind: 'split',
      name: HALF,
      way: null,
      isBehind: true,
    };
  const time = timeAt(low, at);
  if (time && time.to <= to) return { kind: 'time', from: at, to: time.to, minutes: time.minutes };
  const made = yieldAt(low, at, to);
  if (made) return { kind: 'yield', from: at, to: made.to, says: made.says };
  const first = before === undefined && !name ? verbAt(low, at) : null;
  // `Soak the salts overnight`: it is asked to be done.
  if (first && first.op !== null && first.to <= to && matches(OF_IT, low, first.to))
    return { kind: 'verb', from: at, to: first.to, op: first.op };
  const doing = doingAt(low, at, to);
  if (doing && (before !== undefined || doing.join === null) && !(isAmount && doing.filling)) {
    const { to: end, op, way, join, filling } = doing;
    return { kind: 'doing', from: at, to: end, op, way, join, ...(filling && { filling }) };
  }
  const until = untilAt(low, at);
  if (until !== null && until <= to) return { kind: 'until', from: at, to: until };
  const little = littleAt(low, at);
  if (little !== null && little <= to) return { kind: 'remark', from: at, to: little };
  if (isAmount) {
    const amount = amountAt(words, at, to);
    const isBare = amount?.kind === 'amount' && amount.much.as === 'bare';
    // `3 mugs of`: nobody knows how much, and it is no bare number.
    if (amount && !(isBare && vagueAt(low, at) !== null)) return amount;
  }
  const vague = vagueAt(low, at);
  if (vague !== null && vague <= to)
    return {
      kind: 'amount',
      from: at,
      to: vague,
      much: {
        as: 'vague',
        words: words.text
          .slice(at, vague)
          .replace(/\s+of(?:\s+the)?\s*$/i, '')
          .trim(),
      },
      isEach: false,
    };
  const remark = remarkAt(low, at);
  if (remark !== null && remark <= to) return { kind: 'remark', from: at, to: remark };
  // A verb right behind words nobody knows may be one of them; behind a name on file it is none.
  const joinsRun =
    before?.kind === 'run' &&
    !matches(PLAIN_VERB, low, at) &&
    before.to === at - 1 &&
    knownNameAt(catalog, low, before.from, before.to)?.to !== before.to;
  const verb = joinsRun ? null : verbAt(low, at);
  if (verb && !name) return { kind: 'verb', from: at, to: verb.to, op: verb.op };
  const join = joinAt(low, at);
  if (join && !name) return { kind: 'join', from: at, to: join.to, word: join.word };
  if (name) return { kind: 'run', from: at, to: name.to };
  WORD.lastIndex = at;
  const word = WORD.exec(low);
  if (!word) return { kind: 'mark', from: at, to: at + 1, char: low.charAt(at) };
  const end = Math.min(to, at + word[0].length);
  // `sw. almond`: a stop behind a short word belongs to it.
  const isShort = word[0].length <= 4 && /^\. ?[a-z]/.test(low.slice(end, end + 3));
  return { kind: 'run', from: at, to: isShort ? end + 1 : end };
}

const OIL_OF = /oil of ([a-z]+)(?: ([a-z]+))?/y;

/** What a second color is called that only stands behind a line. */
const HALF = 'Second color';
const OF_IT = / (?:the|it|them|this|these|everything|all|your|my) /y;
/** Verbs that are never the last word of a name, as in `wax melt` or `oil blend`. */
const PLAIN_VERB = /(?:add|infuse|steep|whisk|stir|sift|sieve|dissolve|combine|pour|knead)\b/y;

/** `lavender 40/42` is a grade of the oil. */
const GRADE = /^40\/42$/;

function oilOfAt(low: string, catalog: Catalog, at: number, to: number): number | null {
  const found = exec(OIL_OF, low, at);
  if (!found) return null;
  const [all, one = '', two] = found;
  const ends = two === undefined ? [at + all.length] : [at + all.length, at + 7 + one.length];
  return (
    ends.find((end) => end <= to && 'material' in nameIn(catalog, low.slice(at, end), null)) ?? null
  );
}

const LONGEST_NUMBER = 60;
/** `three hundred citric`; one and two are words of a sentence. */
const LEAST_SAID = 5;

function amountAt({ text, low }: Words, at: number, to: number): Phrase | null {
  const ratio = exec(RATIO, low, at);
  if (ratio && at + ratio[0].length <= to)
    return {
      kind: 'ratio',
      from: at,
      to: at + ratio[0].length,
      shares: (ratio[1] ?? '').split(':').map((one) => Number(one.trim().replace(',', '.'))),
    };
  const rest = text.slice(at, to);
  const percent = PERCENT.exec(rest.toLowerCase());
  if (percent) return shareOf('percent', percent, at);
  const amount = readAmount(rest);
  if (amount.kind === 'bad' && amount.reason.code !== 'parts')
    return ended({ as: 'bad', reason: amount.reason }, low, at, at + badLength(rest));
  if (amount.kind === 'read')
    return ended({ as: 'measured', measures: amount.measures }, low, at, to - amount.rest.length);
  const parts = PARTS.exec(rest.toLowerCase());
  if (parts) return shareOf('parts', parts, at);
  const said = numberInWords(low.slice(at, Math.min(to, at + LONGEST_NUMBER)));
  if (said && said.value >= LEAST_SAID)
    return ended(
      {
        as: 'bare',
        share: exactly(said.value),
        figure: text.slice(at, at + said.length),
      },
      low,
      at,
      at + said.length,
    );
  const figure = exec(FIGURE, low, at);
  if (figure && at + figure[0].length <= to) {
    const count = readQuantity(figure[0]);
    if (count.kind === 'read')
      return ended(
        { as: 'bare', share: count.count, figure: figure[0] },
        low,
        at,
        at + figure[0].length,
      );
  }
  return null;
}

function shareOf(as: 'percent' | 'parts', found: RegExpExecArray, at: number): Phrase | null {
  const [one, two] = [found[1], found[2]].map((written) => {
    const read = written === undefined ? null : readQuantity(written.trim());
    return read?.kind === 'read' ? read.count : null;
  });
  if (!one) return null;
  const share = two ? { low: one.low, best: (one.low + two.high) / 2, high: two.high } : one;
  return { kind: 'amount', from: at, to: at + found[0].length, much: { as, share }, isEach: false };
}

/** With `each` behind it, and without the space before the next word. */
function ended(much: Much, low: string, at: number, rawTo: number): PhraseOf<'amount'> {
  let to = rawTo;
  while (to > at + 1 && /\s/.test(low.charAt(to - 1))) to--;
  const each = exec(EACH, low, to);
  return {
    kind: 'amount',
    from: at,
    to: to + (each?.[0].length ?? 0),
    much,
    isEach: each !== null,
  };
}

function badLength(rest: string): number {
  return /^[-−–]?\s*[\d./½¼¾]+(?:\s*[a-z]+)?/i.exec(rest)?.[0].length ?? 1;
}

function matches(pattern: RegExp, low: string, at: number): boolean {
  pattern.lastIndex = at;
  return pattern.test(low);
}

function exec(pattern: RegExp, low: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(low);
}
