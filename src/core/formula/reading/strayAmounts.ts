import type { Phrase, PhraseOf, Span } from './phrases/types';
import type { Words } from './words';

/** So much of a mix is no share of it, but how strong its alcohol is. */
const STRONG_PCT = 50;

/** `alcohol 91%`, `99% iso` */
function isStrength({ from, to, much }: PhraseOf<'amount'>, low: string): boolean {
  if (!(much.as === 'percent' || much.as === 'bare') || much.share.best < STRONG_PCT) return false;
  return (
    /\b(?:alcohol|iso|isopropyl|ipa|ethanol|spirit|vodka)\W{0,2}$/.test(
      low.slice(from - 14, from),
    ) || /^(?: ?-)? ?(?:rubbing |iso|ipa|alcohol|ethanol|spirit)/.test(low.slice(to, to + 12))
  );
}

/** `10 patchouli`, `10 of patchouli` */
function isNameNext(
  phrases: readonly Phrase[],
  i: number,
  isKnown: (name: Span) => boolean,
): boolean {
  const next = phrases[i + 1];
  const name = next?.kind === 'join' && next.word === 'of' ? phrases[i + 2] : next;
  return name?.kind === 'run' && isKnown(name);
}

/** Percents and bare numbers beside a plain amount belong to a name: `99% alcohol`, `ps 80`. */
export function withoutStray(
  phrases: readonly Phrase[],
  { low }: Words,
  isKnown: (name: Span) => boolean,
): readonly Phrase[] {
  const hasPlain = phrases.some(
    (phrase) =>
      phrase.kind === 'amount' && (phrase.much.as === 'measured' || phrase.much.as === 'parts'),
  );
  const hasPercent = phrases.some(
    (phrase) => phrase.kind === 'amount' && phrase.much.as === 'percent',
  );
  const isStray = (phrase: Phrase, next: Phrase | undefined): boolean =>
    phrase.kind === 'amount' &&
    (((phrase.much.as === 'percent' || (phrase.much.as === 'bare' && next?.kind === 'amount')) &&
      isStrength(phrase, low)) ||
      (phrase.much.as === 'percent' && hasPlain) ||
      (phrase.much.as === 'bare' && (hasPlain || hasPercent)));
  const out: Phrase[] = [];
  for (const [i, phrase] of phrases.entries()) {
    const before = out.at(-1);
    const next = phrases[i + 1];
    // `500 g soda, 250 citric`: a line of its own, in the unit before it.
    const isLine =
      phrase.kind === 'amount' &&
      phrase.much.as === 'bare' &&
      (before?.kind === 'mark' || before?.kind === 'join') &&
      isNameNext(phrases, i, isKnown);
    const now: Phrase =
      !isLine && isStray(phrase, next) ? { kind: 'run', from: phrase.from, to: phrase.to } : phrase;
    if (now.kind === 'run' && before?.kind === 'run' && now.from - before.to <= 1)
      out[out.length - 1] = { ...before, to: now.to };
    else out.push(now);
  }
  return out;
}
