import { newId } from '@/core/basics/newId';
import { materialById } from '@/core/matter/materials/catalog';
import { accountFor } from './accountFor';
import { takeVerbs } from './actions';
import { addYield, ask, textOf, type Found, type Question, type Sentence } from './found';
import { gather, type Gathered, type Item } from './items';
import { takeItems } from './lines';
import { isListed, isNameKnownAt, linesOf } from './linesOf';
import { nameIn } from './names';
import { isGreeting } from './phrases/lexicon';
import { scan } from './phrases/scan';
import type { Phrase } from './phrases/types';
import { nameText } from './readItem';

/** What became of a sentence. */
export interface Took {
  readonly ids: readonly string[];
  readonly asks: boolean;
  readonly isYield: boolean;
  /** Does it say what is to be done? */
  readonly isDone: boolean;
  /** Where its first words of the yield begin. */
  readonly firstYield: number | null;
  /** What of it has to be kept as a remark. */
  readonly remark: string;
}

const NOTHING: Took = {
  ids: [],
  asks: false,
  isYield: false,
  isDone: false,
  firstYield: null,
  remark: '',
};

/** Takes a sentence, or a line of a list, into the page: its lines, its yield, what it asks to be done. */
export function takeSentence(found: Found, sentence: Sentence): Took {
  const { words, known } = found;
  const phrases = scan({ words, catalog: known.catalog }, sentence.from, sentence.to);
  if (phrases.length === 0) return NOTHING;
  const later = NEXT_TIME.exec(words.low.slice(sentence.from, sentence.to));
  if (later) {
    const to = sentence.from + later.index;
    found.account.push({ from: to, to: sentence.to, as: 'remark' });
    const took = takeSentence(found, { ...sentence, to });
    return { ...took, remark: textOf(found, sentence) };
  }
  const part = ONE_PART.exec(textOf(found, sentence));
  if (part) {
    found.partText = part[1] ?? '';
    found.account.push({ from: sentence.from, to: sentence.to, as: 'amount' });
    return { ...NOTHING, isYield: true };
  }
  const again = SAME_AGAIN.exec(words.low.slice(sentence.from, sentence.to));
  const gathered = gather(phrases, words, (name) => isNameKnownAt(found, name));
  if (again) copyLast(found);
  const lines = linesOf(found, gathered, sentence);
  const firstYield = phrases.find(({ kind }) => kind === 'yield')?.from ?? null;
  const isDone = gathered.verbs.length > 0;
  if (lines.length > 0 && !isTold(found, gathered, lines)) {
    if (gathered.ratio === null) takeYields(found, gathered, lines);
    const ids = takeItems(found, lines, gathered, sentence);
    takeVerbs(found, gathered, sentence);
    takeMentions(found, gathered, lines, sentence);
    accountFor(found, phrases, gathered, ids.names);
    return {
      ids: ids.ids,
      asks: ids.asks,
      isYield: gathered.yields.length > 0,
      isDone,
      firstYield,
      remark: again || ids.ids.length === 0 ? textOf(found, sentence) : '',
    };
  }
  takeYields(found, gathered, lines);
  takeVerbs(found, gathered, sentence);
  const isYield = gathered.yields.length > 0;
  const question = isYield && !lines.length ? null : questionOf(found, phrases, gathered, sentence);
  accountFor(
    found,
    phrases,
    gathered,
    new Map(),
    question ? 'unknown' : isDone ? 'action' : 'remark',
  );
  if (question)
    return {
      ids: [ask(found, sentence.number, textOf(found, sentence), question)],
      asks: true,
      isYield,
      isDone,
      firstYield,
      remark: '',
    };
  if (!found.isTold && isDone) takeNamesOf(found, gathered, sentence);
  const says = words.low.slice(sentence.from, sentence.to);
  const remark = !isYield || NEEDS_NOTE.test(says) ? textOf(found, sentence) : '';
  return { ...NOTHING, isYield, isDone, firstYield, remark };
}

/** `(1 part = 100 g)`, `One part is 150 grams.` */
const ONE_PART =
  /^\(?(?:where |with )?(?:one|1|a|each) part (?:=|is|:|equals|weighs) ?([^).]{1,30})\)?\.?$/i;

/** What the maker means to change is not in this recipe. */
const NEXT_TIME = /\bnext time\b|\b(?:would|could) (?:try|use|add) (?:more|less)\b/;

const SAME_AGAIN =
  /^\W*(?:the )?same (?:again|as (?:above|before))|^\W*(?:ditto|repeat the above)\b/;
const NEEDS_NOTE = /\d ?-?(?:mm|cm|inch)|"|sold|half|each/;

/** `500 g soda, kaolin`: a name in a list that no amount belongs to. */
function takeMentions(
  found: Found,
  { items, verbs, met }: Gathered,
  lines: readonly Item[],
  { number, raw }: Sentence,
): void {
  for (const { from, to } of met) {
    const recognition = nameIn(found.known.catalog, found.words.text.slice(from, to), null);
    if (recognition.kind === 'certain')
      found.mentions.push({ materialId: recognition.material.id, number, text: raw });
  }
  if (verbs.length > 0) return;
  for (const item of items) {
    if (item.name === null || lines.includes(item)) continue;
    const name = nameText(item, found.words);
    const recognition = nameIn(found.known.catalog, name, null);
    if ('material' in recognition)
      found.mentions.push({ materialId: recognition.material.id, number, text: raw });
    // A figure among words that nobody knows may be an amount.
    else if (/\d/.test(name))
      ask(found, number, textOf(found, item), {
        reason: { code: 'unknown', about: name.slice(0, 40) },
        choices: recognition.choices,
      });
  }
}

const THE = /^(?:.{0,4} )?the /;

/** `Spritz alcohol over both`: what a sentence names that no line takes is asked; water, only where it is sprayed. */
function takeNamesOf(found: Found, { items }: Gathered, { number, raw }: Sentence): void {
  for (const item of items) {
    // `the scent`: of which the page has spoken.
    if (item.name === null || THE.test(found.words.low.slice(item.name.from - 4, item.name.to)))
      continue;
    const recognition = nameIn(found.known.catalog, nameText(item, found.words), item.much);
    if (recognition.kind !== 'certain') continue;
    const isSprayed = item.doings.some(({ way }) => way === 'sprayed');
    if (recognition.material.waterFraction.value > 0.95 && !isSprayed) continue;
    found.mentions.push({ materialId: recognition.material.id, number, text: raw });
  }
}

/** A sentence of the method speaks of lines that stand on the page already: it adds none of them again. */
function isTold(found: Found, { verbs }: Gathered, lines: readonly Item[]): boolean {
  if (!found.isTold && verbs.length === 0) return false;
  const listed = new Set(
    found.parts.flatMap((part) => part.lines.map(({ materialId }) => materialId)),
  );
  if (listed.size === 0) return false;
  const ids = lines.map((item) => {
    const recognition = nameIn(found.known.catalog, nameText(item, found.words), item.much);
    if ('material' in recognition) return recognition.material.id;
    return recognition.kind === 'dangerous' ? 'danger' : null;
  });
  if (ids.includes('danger')) return false;
  if (found.isTold) return verbs.length > 0 || ids.every((id) => id === null || listed.has(id));
  return ids.every((id) => id !== null && listed.has(id)) && ids.length > 0;
}

/** `1.2 kg, 10 pieces`: more than this is all of it. */
const HEAVIEST_PIECE_G = 400;

/** An amount without a name is what each piece weighs, or all of it. */
function takeYields(found: Found, { yields, items }: Gathered, lines: readonly Item[]): void {
  for (const says of yields) addYield(found, says);
  for (const { name, much, isEach, notes } of items) {
    if (name !== null || much?.as !== 'measured' || notes.length > 0) continue;
    if (lines.some((line) => line.much === much)) continue;
    if (!much.measures.every(({ unit }) => unit.kind === 'mass')) continue;
    const pieceG = much.measures.reduce((sum, { count, unit }) => sum + count.best * unit.size, 0);
    if (isEach || yields.some(({ count }) => count !== undefined))
      addYield(found, !isEach && pieceG > HEAVIEST_PIECE_G ? { totalG: pieceG } : { pieceG });
  }
}

/** `Red embed: same again`: the lines of the section before it of the same kind, without its color. */
function copyLast(found: Found): void {
  const at = found.parts.indexOf(found.current);
  const before =
    found.parts.slice(0, at).findLast(({ kind }) => kind === found.current.kind) ??
    (found.current.kind === 'split' ? found.parts[0] : undefined);
  if (!before) return;
  for (const line of before.lines) {
    if (materialById(found.known.catalog, line.materialId).role === 'color') continue;
    found.current.lines.push({ ...line, id: newId() });
  }
}

const LONGEST_NAME_WORDS = 5;
const REMARK_WORDS = 4;

/** What has to be asked of a sentence that is no line; null where it is a remark, or says what is to be done. */
function questionOf(
  found: Found,
  phrases: readonly Phrase[],
  { items, verbs }: Gathered,
  sentence: Sentence,
): Question | null {
  if (found.isTold || isGreeting(found.words.low.slice(sentence.from, sentence.to))) return null;
  const named = items.filter(({ name }) => name !== null);
  const text = textOf(found, sentence);
  const wordCount = text.split(/\s+/).length;
  const [first] = named;
  if (!first || verbs.length > 0) return null;
  const wants = named.flatMap((item) => {
    const recognition = nameIn(found.known.catalog, nameText(item, found.words), null);
    if (recognition.kind === 'dangerous' || recognition.kind === 'unknown') return [];
    const ids = 'material' in recognition ? [recognition.material.id] : recognition.choices;
    return [
      {
        ids,
        isGuess: recognition.kind === 'guess',
        name: nameText(item, found.words),
        isSprayed: item.doings.some(({ way }) => way === 'sprayed'),
      },
    ];
  });
  const fresh = wants.filter(({ ids }) => !ids.some((id) => isListed(found, id)));
  if (wants.length > 0 && fresh.length === 0) return null;
  const isShort = wordCount <= LONGEST_NAME_WORDS + (fresh.length === named.length ? 3 : 0);
  const [one] = fresh;
  if (one && (isShort || one.isSprayed))
    return one.isGuess
      ? { reason: { code: 'guess', about: one.name.slice(0, 40) }, choices: one.ids }
      : { reason: { code: 'no-amount', about: '' }, choices: one.ids };
  const isRemark =
    wordCount >= REMARK_WORDS ||
    phrases.some(({ kind }) => kind === 'remark' || kind === 'until' || kind === 'time');
  if (isRemark) return null;
  // The first words of a page that begins with its name, in one row with the rest.
  if (found.title === '' && !found.sawAmount && found.rows.length === 0 && /[.:]$/.test(text)) {
    found.title = text.replace(/[\s.:]+$/, '');
    return null;
  }
  return { reason: { code: 'no-line', about: '' }, choices: [] };
}
