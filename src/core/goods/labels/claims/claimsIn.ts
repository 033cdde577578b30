import type { ClaimVerdict } from './claimRow';
import { LEXICON, NOT_A_CLAIM } from './lexicon';

/** Words in a text of the maker’s that make a product something else than it is. */
export interface Claim {
  /** Where in the text, from 0. */
  readonly start: number;
  readonly end: number;
  readonly words: string;
  readonly verdict: ClaimVerdict;
  readonly topic?: 'green';
  readonly why: string;
  /** What may be said in its place. */
  readonly instead: string;
}

const SENTENCE = /[^.!?;\n]+[.!?;\n]*/g;
const GRAVITY: Readonly<Record<ClaimVerdict, number>> = { drug: 2, pesticide: 2, look: 1 };

/**
 * Claims in a text, in the order of the text, no two of the same words. Warnings and disclaimers claim nothing.
 * A word list, and no lawyer: see {@link LEXICON} for its sources.
 * @param text up to some thousand letters
 */
export function claimsIn(text: string): readonly Claim[] {
  return [...text.matchAll(SENTENCE)].flatMap(({ 0: sentence, index }) =>
    NOT_A_CLAIM.test(sentence) ? [] : claimsOfSentence(sentence, index),
  );
}

function claimsOfSentence(sentence: string, offset: number): readonly Claim[] {
  // Curly and straight, dash and hyphen are one to a reader. Same length, so that places stay.
  const plain = sentence
    .replace(/[’‘]/g, "'")
    .replace(/[‐‑–—]/g, '-')
    .replace(/\s/g, ' ');
  const found = LEXICON.flatMap(({ words, but, verdict, topic, why, instead }) =>
    [...plain.matchAll(words)]
      .filter(({ 0: match, index }) => !isExcused(plain, index, index + match.length, but))
      .map(({ 0: match, index }) => ({
        start: offset + index,
        end: offset + index + match.length,
        words: sentence.slice(index, index + match.length),
        verdict,
        ...(topic && { topic }),
        why,
        instead,
      })),
  ).sort((a, b) => a.start - b.start || GRAVITY[b.verdict] - GRAVITY[a.verdict] || b.end - a.end);
  // What lies in a graver or longer one is said by that.
  return found.filter(
    (one, i) =>
      !found.some(
        (other, j) =>
          i !== j &&
          other.start < one.end &&
          one.start < other.end &&
          (GRAVITY[other.verdict] > GRAVITY[one.verdict] ||
            (GRAVITY[other.verdict] === GRAVITY[one.verdict] && j < i)),
      ),
  );
}

/** Does a harmless turn of speech hold these very words? */
function isExcused(sentence: string, start: number, end: number, but: RegExp | undefined) {
  if (!but) return false;
  return [...sentence.matchAll(new RegExp(but.source, 'gi'))].some(
    ({ 0: match, index }) => index < end && start < index + match.length,
  );
}
