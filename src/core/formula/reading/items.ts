import { findUnit } from '@/core/basics/units/household';
import { exactly, multiplySpreads } from '@/core/basics/units/spread';
import { isOnlyQualifiers } from '@/core/matter/materials/names/recognize';
import type { Words } from './words';
import type { LineWay, OpKind } from '../model/kinds';
import { withoutStray } from './strayAmounts';
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
  /** The kind that stands before the name: `butter - mango`. */
  head: Span | null;
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
  /** Names that a line meets, as `rubbed into the salts`. */
  readonly met: readonly Span[];
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
    head: null,
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
    met: [...before.met, ...after.met],
  };
}

/** Words as they are being put together, phrase by phrase. */
interface Gathering {
  readonly words: Words;
  readonly isKnown: (name: Span) => boolean;
  readonly items: Item[];
  readonly yields: Yield[];
  readonly verbs: PhraseOf<'verb'>[];
  readonly met: Span[];
  /** How the last of them is joined. */
  metBy: string | null;
  ratio: readonly number[] | null;
  /** The line that words belong to now. */
  open: Item | null;
  section: Section | null;
  /** What is done with the name that comes next: `melted cocoa butter`. */
  waiting: Doing[];
  /** Do amounts stand before their names here? */
  isAmountFirst: boolean;
  /** The word or mark since the last name or amount; empty for none. */
  link: string;
  /** The kind that names of this row are of, where one stands before them: `EO - clove bud`. */
  head: Span | null;
}

function gatherPlain(
  phrases: readonly Phrase[],
  words: Words,
  isKnown: (name: Span) => boolean,
): Gathered {
  const state: Gathering = {
    words,
    isKnown,
    items: [],
    yields: [],
    verbs: [],
    met: [],
    metBy: null,
    ratio: null,
    open: null,
    section: null,
    waiting: [],
    isAmountFirst: false,
    link: '',
    head: null,
  };
  const settled = withoutStray(phrases, words, isKnown);
  settled.forEach((phrase, i) => {
    take(state, phrase, settled[i + 1]);
  });
  state.items.at(-1)?.doings.push(...state.waiting);
  const { items, yields, verbs, ratio, met } = state;
  return { items, yields, verbs, ratio, met };
}

function take(state: Gathering, phrase: Phrase, next: Phrase | undefined): void {
  const { open, words } = state;
  switch (phrase.kind) {
    case 'amount':
      takeAmount(state, phrase, next?.kind === 'run' ? next : null);
      return;
    case 'run':
      takeName(state, phrase);
      return;
    case 'doing':
      takeDoing(state, phrase, next?.kind === 'join' && next.word === 'with');
      return;
    case 'verb':
      takeVerb(state, phrase);
      return;
    case 'bracket':
      takeBracket(phrase, open, state.yields, state.words);
      takeInside(state, phrase);
      return;
    case 'ratio':
      state.ratio = phrase.shares;
      state.link = '';
      return;
    case 'yield':
      if (open?.much?.as === 'measured' && TIMES.test(words.low.slice(phrase.from, phrase.to))) {
        // `a spray of water x 5`
        open.much = timesMuch(open.much, phrase.says.count ?? 1);
        return;
      }
      state.yields.push(phrase.says);
      state.link = '';
      return;
    case 'section':
      if (phrase.isBehind) {
        if (open) open.section = phrase;
        return;
      }
      Object.assign(state, { section: phrase, open: null, waiting: [], link: '' });
      return;
    case 'time':
      if (open) open.minutes = phrase.minutes;
      return;
    case 'until':
      if (open) Object.assign(open, { until: phrase, to: phrase.to });
      return;
    case 'join':
      state.link = joined(state.link, phrase.word);
      return;
    case 'mark':
      if (MARKS.has(phrase.char) && state.link === '') state.link = phrase.char;
      return;
    case 'remark':
    case 'correction':
      return;
  }
}

const TIMES = /^[x×] ?\d+$/;

function timesMuch(much: Extract<Much, { readonly as: 'measured' }>, factor: number): Much {
  return {
    ...much,
    measures: much.measures.map(({ count, unit }) => ({
      count: multiplySpreads(count, exactly(factor)),
      unit,
    })),
  };
}

function start(state: Gathering, at: Span): Item {
  const item = freshItem(at, state.section);
  item.doings.push(...state.waiting);
  state.waiting = [];
  state.items.push(item);
  state.open = item;
  return item;
}

/** An amount belongs to the name before it, or begins a line of its own. */
function takeAmount(state: Gathering, phrase: PhraseOf<'amount'>, nameBehind: Span | null): void {
  const { open, link, words, isKnown } = state;
  const { much, isEach } = phrase;
  const isNamed = open !== null && open.name !== null;
  // `500 g soda, kaolin, 250 g citric acid`: the amount is of the name right behind it.
  const isListed = link === ',' || state.isAmountFirst;
  const namesNext =
    nameBehind !== null &&
    (endsInOf(phrase, words) ||
      (isNamed && !isKnown(open.name ?? phrase)) ||
      (isListed && isKnown(nameBehind)));
  const met = state.met.at(-1);
  if (
    isNamed &&
    open.much !== null &&
    met &&
    open.name &&
    met.from > open.name.from &&
    isRight(met, phrase)
  ) {
    // `shea 20, melted with cocoa butter 10`: what it meets has an amount of its own.
    state.met.pop();
    const join = state.metBy;
    Object.assign(start(state, met), { name: met, much, muchAt: phrase, to: phrase.to, join });
    state.link = '';
    return;
  }
  state.link = '';
  if (isNamed && open.much === null && !BREAKS.has(link) && !namesNext) {
    Object.assign(open, { much, muchAt: phrase, isEach, to: phrase.to });
    if (isEach) shareBack(state.items, open);
    return;
  }
  const isSaidBetter = open?.much?.as === 'vague' && much.as !== 'vague' && nameBehind === null;
  if (isSaidBetter && link === '') {
    Object.assign(open, { much, muchAt: phrase });
    return;
  }
  const join = isNamed && JOINING.test(link) ? link : null;
  Object.assign(start(state, phrase), { much, muchAt: phrase, isEach, join });
}

/** A name belongs to the amount before it, is another word for the name before it, or begins a line of its own. */
function takeName(state: Gathering, phrase: PhraseOf<'run'>): void {
  const { open, link, words } = state;
  const text = words.text.slice(phrase.from, phrase.to);
  if (open?.name && isOnlyQualifiers(text)) {
    // `salt, coarse`: it may be what makes the name whole.
    open.notes.push(text);
    open.to = phrase.to;
    return;
  }
  // `104 g each, crumbly`: what each weighs has no name.
  const isOfEach = open?.isEach === true && link === ',';
  state.link = '';
  if (open && open.much !== null && open.name === null && !isOfEach) {
    Object.assign(open, { name: phrase, to: phrase.to });
    state.isAmountFirst = true;
    open.doings.push(...state.waiting);
    state.waiting = [];
  } else if (open?.name && link === 'or') {
    open.alternatives.push(phrase);
    open.to = phrase.to;
  } else if (open?.isEach && open.name && LISTS.has(link)) {
    const { much, muchAt } = open;
    Object.assign(start(state, phrase), { name: phrase, much, muchAt, isEach: true });
  } else if (open?.name && !LISTS.has(link)) {
    // `rubbed into the salts`: what it meets, and no line of its own.
    open.to = phrase.to;
    state.met.push(phrase);
    state.metBy = JOINING.test(link) ? link : null;
  } else {
    const before = state.items.at(-1);
    if (before?.name && before.much === null && HEADED.has(link)) state.head = before.name;
    Object.assign(start(state, phrase), { name: phrase, head: state.head });
  }
}

/** `butter - mango`, `salt, pink` */
const HEADED = new Set(['', ',', '-', ':']);

/** With nothing but spaces between them. */
function isRight({ to }: Span, { from }: Span): boolean {
  return from - to <= 2;
}

function takeDoing(state: Gathering, phrase: Doing, namesNext: boolean): void {
  // `sprayed with witch hazel`: it is done with what comes next.
  if (phrase.way === 'sprayed' && namesNext) state.open = null;
  const { open } = state;
  if (!open?.name) {
    state.waiting.push(phrase);
    return;
  }
  open.doings.push(phrase);
  open.to = phrase.to;
  state.link = phrase.join ?? state.link;
}

function takeVerb(state: Gathering, phrase: PhraseOf<'verb'>): void {
  state.verbs.push(phrase);
  if (LISTS.has(state.link)) state.link = 'verb';
  const way = phrase.op === null ? undefined : WAY_OF_VERB[phrase.op];
  if (way === undefined) return;
  state.open = null;
  state.waiting.push({ ...phrase, kind: 'doing', way, join: null });
}

/** What a verb does with the name behind it: `infuse 30 g calendula in …`. */
const WAY_OF_VERB: Readonly<Partial<Record<OpKind, LineWay>>> = {
  spray: 'sprayed',
  infuse: 'infused',
};

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

/** `menthol (dissolve in 20 g alcohol)`: a line of its own in brackets; what a stock is made of is none. */
function takeInside(state: Gathering, { inner }: PhraseOf<'bracket'>): void {
  const { open, words, isKnown } = state;
  const name = open?.name ? words.low.slice(open.name.from, open.name.to) : '';
  if (/\b(?:stock|premix|solution)\b/.test(name)) return;
  const inside = gatherPlain(inner, words, isKnown).items.filter(
    (item) => item.name !== null && item.much !== null && isKnown(item.name),
  );
  const [first] = inner;
  const word = first?.kind === 'verb' ? JOIN_OF_VERB[first.op ?? 'rest'] : undefined;
  inside.forEach((item, i) => {
    state.items.push({ ...item, join: i === 0 && open ? (word ?? item.join) : item.join });
  });
}

/** `(dissolve in 20 g alcohol)`: how the line before goes into this one. */
const JOIN_OF_VERB: Readonly<Partial<Record<OpKind, string>>> = {
  dissolve: 'dissolved',
  melt: 'melted',
  bloom: 'bloomed',
  infuse: 'infused',
  mix: 'mixed',
};

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
  const isWeighed = open.much?.as === 'measured' && isMass(open.much);
  const weighed =
    !isWeighed &&
    inside.length === 1 &&
    only?.kind === 'amount' &&
    only.much.as === 'measured' &&
    isMass(only.much)
      ? only
      : null;
  // `just enough alcohol (about 15 ml)`
  const said =
    inside.length === 1 && only?.kind === 'amount' && only.much.as === 'measured' ? only : null;
  const better =
    weighed ?? spoons(open, inside) ?? (open.much?.as === 'vague' || open.until ? said : null);
  if (better) {
    open.much = better.much;
    open.muchAt = better;
    return;
  }
  for (const phrase of inside) {
    if (phrase.kind === 'doing') open.doings.push(phrase);
    if (phrase.kind === 'time') open.minutes = phrase.minutes;
    if (phrase.kind === 'until') open.until = phrase;
  }
  open.notes.push(text.slice(bracket.from + 1, bracket.to - 1).trim());
}

/** `by the teaspoon until it clumps (mine took 9)` */
function spoons(open: Item, inside: readonly Phrase[]): PhraseOf<'amount'> | null {
  const [only, ...others] = inside.filter((phrase) => phrase.kind === 'amount');
  if (only?.much.as !== 'bare' || others.length > 0 || open.much !== null) return null;
  const unit = open.doings.some(({ way }) => way === 'by-the-spoon') ? findUnit('tsp') : undefined;
  return unit
    ? { ...only, much: { as: 'measured', measures: [{ count: only.much.share, unit }] } }
    : null;
}

function isMass({ measures }: Extract<Much, { readonly as: 'measured' }>): boolean {
  return measures.every(({ unit }) => unit.kind === 'mass');
}
