import { isOnlyQualifiers } from '@/core/matter/materials/names/recognize';
import type { Words } from './words';
import type { Much, Phrase, PhraseOf, Span, Yield } from './phrases/types';

type Doing = PhraseOf<'doing'>;
type Section = PhraseOf<'section'>;

/** Words of one line of a recipe that belong together: how much of what, and what is done with it. */
export interface Item extends Span {
  much: Much | null;
  /** Is the amount meant for each of several, or for each piece? */
  isEach: boolean;
  muchAt: Span | null;
  name: Span | null;
  /** `witch hazel or alcohol`. */
  alternatives: Span[];
  doings: Doing[];
  /** What stands in brackets behind it. */
  notes: string[];
  minutes: number | null;
  until: Span | null;
  /** Which word joins it to the item before: `bloomed in`. */
  join: string | null;
  section: Section | null;
  from: number;
  to: number;
}

/** What a stretch of phrases holds, put together. */
export interface Gathered {
  readonly items: Item[];
  readonly yields: readonly Yield[];
  /** Does it begin with what is to be done? */
  readonly verbs: readonly PhraseOf<'verb'>[];
  readonly ratio: readonly number[] | null;
  readonly hasUntil: boolean;
}

function freshItem(at: Span, section: Section | null): Item {
  return {
    much: null,
    isEach: false,
    muchAt: null,
    name: null,
    alternatives: [],
    doings: [],
    notes: [],
    minutes: null,
    until: null,
    join: null,
    section,
    from: at.from,
    to: at.to,
  };
}

/** Puts phrases together into lines of a recipe; words that were taken back give way to those behind them. */
export function gather(
  phrases: readonly Phrase[],
  words: Words,
  isKnown: (name: Span) => boolean = () => true,
): Gathered {
  const corrected = phrases.findIndex(({ kind }) => kind === 'correction');
  if (corrected < 0) return gatherPlain(phrases, words, isKnown);
  const before = gatherPlain(phrases.slice(0, corrected), words, isKnown);
  const after = gather(phrases.slice(corrected + 1), words, isKnown);
  const old = before.items.at(-1);
  const [now, ...others] = after.items;
  if (!old || !now) return { ...before, ...after, items: [...before.items, ...after.items] };
  const mended: Item = {
    ...now,
    much: now.much ?? old.much,
    muchAt: now.muchAt ?? old.muchAt,
    name: now.name ?? old.name,
    doings: [...old.doings, ...now.doings],
    section: now.section ?? old.section,
    from: old.from,
  };
  return {
    items: [...before.items.slice(0, -1), mended, ...others],
    yields: [...before.yields, ...after.yields],
    verbs: [...before.verbs, ...after.verbs],
    ratio: before.ratio ?? after.ratio,
    hasUntil: before.hasUntil || after.hasUntil,
  };
}

function gatherPlain(
  phrases: readonly Phrase[],
  words: Words,
  isKnown: (name: Span) => boolean,
): Gathered {
  const items: Item[] = [];
  const yields: Yield[] = [];
  const verbs: PhraseOf<'verb'>[] = [];
  let ratio: readonly number[] | null = null;
  let open: Item | null = null;
  let section: Section | null = null;
  let waiting: Doing[] = [];
  let link = '';
  let hasUntil = false;
  /** The figure of a strength or a name is none of an amount. */
  const settled = withoutStray(phrases);

  const start = (at: Span): Item => {
    const item = freshItem(at, section);
    item.doings.push(...waiting);
    waiting = [];
    items.push(item);
    return item;
  };
  const closes = () => {
    link = '';
  };

  for (const [i, phrase] of settled.entries()) {
    switch (phrase.kind) {
      case 'amount': {
        const leads = settled[i + 1]?.kind === 'run';
        const takes =
          open !== null &&
          open.name !== null &&
          open.much === null &&
          !BREAKS.has(link) &&
          !(leads && (endsInOf(phrase, words) || !isKnown(open.name)))
            ? open
            : null;
        const shares = open !== null && open.much !== null && open.name === null && link === '';
        if (takes) {
          takes.much = phrase.much;
          takes.muchAt = phrase;
          takes.isEach = phrase.isEach;
          takes.to = phrase.to;
          if (phrase.isEach) shareBack(items, takes);
        } else if (shares && open?.much?.as === 'vague' && phrase.much.as !== 'vague') {
          open.much = phrase.much;
          open.muchAt = phrase;
        } else {
          const join = open && JOINING.test(link) && open.name ? link : null;
          open = start(phrase);
          open.much = phrase.much;
          open.muchAt = phrase;
          open.isEach = phrase.isEach;
          open.join = join;
        }
        closes();
        break;
      }
      case 'ratio':
        ratio = phrase.shares;
        closes();
        break;
      case 'run': {
        if (open?.name && isOnlyQualifiers(words.text.slice(phrase.from, phrase.to))) {
          open.to = phrase.to;
          break;
        }
        if (open && open.much !== null && open.name === null) {
          open.name = phrase;
          open.to = phrase.to;
          open.doings.push(...waiting);
          waiting = [];
        } else if (open?.name && link === 'or') {
          open.alternatives.push(phrase);
          open.to = phrase.to;
        } else if (open && open.isEach && LISTS.has(link)) {
          const item: Item = start(phrase);
          item.name = phrase;
          item.much = open.much;
          item.muchAt = open.muchAt;
          item.isEach = true;
          open = item;
        } else if (open?.name && !LISTS.has(link) && link !== '') {
          // `rubbed into the salts`: what it meets, and no line of its own.
          open.to = phrase.to;
        } else {
          open = start(phrase);
          open.name = phrase;
        }
        closes();
        break;
      }
      case 'doing':
        if (open?.name) {
          open.doings.push(phrase);
          open.to = phrase.to;
          link = phrase.join ?? link;
        } else waiting.push(phrase);
        break;
      case 'time':
        if (open) open.minutes = phrase.minutes;
        break;
      case 'until':
        hasUntil = true;
        if (open) {
          open.until = phrase;
          open.to = phrase.to;
        }
        break;
      case 'bracket':
        takeBracket(phrase, open, yields, words);
        break;
      case 'yield':
        yields.push(phrase.says);
        closes();
        break;
      case 'section':
        section = phrase;
        open = null;
        waiting = [];
        closes();
        break;
      case 'verb':
        verbs.push(phrase);
        if (phrase.op === 'spray') {
          open = null;
          waiting.push({ ...phrase, kind: 'doing', way: 'sprayed', join: null });
        }
        link = link === '' || LISTS.has(link) ? 'verb' : link;
        break;
      case 'join':
        link = joined(link, phrase.word);
        break;
      case 'mark':
        if (MARKS.has(phrase.char)) link = link === '' ? phrase.char : link;
        break;
      case 'remark':
      case 'correction':
        break;
    }
  }
  const last = items.at(-1);
  if (last && waiting.length > 0) last.doings.push(...waiting);
  return { items, yields, verbs, ratio, hasUntil };
}

/** `five hundred grams of`: its name follows. */
function endsInOf({ to }: Span, { low }: Words): boolean {
  return low.slice(to - 3, to) === ' of';
}

const MARKS = new Set([',', ';', '/', '|', '.']);
/** Behind one of these an amount begins a line of its own. */
const BREAKS = new Set(['and', '&', '+', 'plus', 'then', 'verb', 'with', 'in', 'into', 'or']);
/** What stands between the names of a list. */
const LISTS = new Set(['', ',', ';', 'and', '&', '+', 'plus', 'then', '/', '|', 'verb', '.']);
const JOINING = /^(?:in|into|bloom|disperse|wett|dissolve|melt|infuse|steep|mix|stir)/;
const STRONG = new Set([
  'and',
  '&',
  '+',
  'plus',
  'then',
  'or',
  'with',
  'in',
  'into',
  'of',
  'on',
  'over',
  'to',
  'for',
  'from',
  'per',
]);

function joined(link: string, word: string): string {
  if (JOINING.test(link) && link !== 'in') return link;
  if (word === 'of' || !STRONG.has(word))
    return link === '' ? (STRONG.has(word) ? '' : word) : link;
  return word;
}

/** `equal parts almond oil and poly 80, 10 g each`: every name before it that still waits for an amount. */
function shareBack(items: readonly Item[], last: Item): void {
  for (const item of items)
    if (item !== last && item.name && item.much === null) {
      item.much = last.much;
      item.muchAt = last.muchAt;
      item.isEach = true;
    }
}

function takeBracket(
  bracket: PhraseOf<'bracket'>,
  open: Item | null,
  yields: Yield[],
  { text }: Words,
): void {
  const inside = bracket.inner.filter(({ kind }) => kind !== 'mark');
  for (const phrase of inside) if (phrase.kind === 'yield') yields.push(phrase.says);
  if (!open) return;
  open.to = Math.max(open.to, bracket.to);
  const [only] = inside;
  const weighed =
    inside.length === 1 &&
    only?.kind === 'amount' &&
    only.much.as === 'measured' &&
    only.much.measures.every(({ unit }) => unit.kind === 'mass')
      ? only
      : null;
  if (weighed) {
    open.much = weighed.much;
    open.muchAt = weighed;
    return;
  }
  for (const phrase of inside) {
    if (phrase.kind === 'doing') open.doings.push(phrase);
    if (phrase.kind === 'time') open.minutes = phrase.minutes;
    if (phrase.kind === 'until') open.until = phrase;
  }
  open.notes.push(text.slice(bracket.from + 1, bracket.to - 1).trim());
}

/** Percents and bare numbers beside a plain amount belong to a name: `99% alcohol`, `ps 80`. */
function withoutStray(phrases: readonly Phrase[]): readonly Phrase[] {
  const hasPlain = phrases.some(
    (phrase) =>
      phrase.kind === 'amount' && (phrase.much.as === 'measured' || phrase.much.as === 'parts'),
  );
  const hasPercent = phrases.some(
    (phrase) => phrase.kind === 'amount' && phrase.much.as === 'percent',
  );
  const isStray = (phrase: Phrase): boolean =>
    phrase.kind === 'amount' &&
    ((phrase.much.as === 'percent' && hasPlain) ||
      (phrase.much.as === 'bare' && (hasPlain || hasPercent)));
  const out: Phrase[] = [];
  for (const phrase of phrases) {
    const before = out.at(-1);
    const now: Phrase = isStray(phrase)
      ? { kind: 'run', from: phrase.from, to: phrase.to }
      : phrase;
    if (now.kind === 'run' && before?.kind === 'run' && now.from - before.to <= 1)
      out[out.length - 1] = { ...before, to: now.to };
    else out.push(now);
  }
  return out;
}
