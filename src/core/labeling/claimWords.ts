/** A word on a label that makes a product something else than it is. */
export interface Claim {
  readonly start: number;
  readonly end: number;
  readonly word: string;
  readonly why: string;
}

interface ClaimRow {
  readonly pattern: RegExp;
  readonly why: string;
}

const drug = 'says that it treats or prevents a condition: that makes a cosmetic a drug';
const body = 'says that it changes how the body works: that makes a cosmetic a drug';
const pesticide = 'says that it kills germs: that needs a registration of its own';
const absolute = 'promises more than anyone can prove';

/** Source: US FD&C Act 201(g) and FIFRA, from memory; common practice. */
const CLAIMS: readonly ClaimRow[] = [
  { pattern: /\b(?:heal|cure|remed)(?:s|ed|ing|y|ies)?\b/gi, why: drug },
  { pattern: /\btreat(?:s|ed|ing|ment|ments)?\b(?!\s+(?:yourself|your feet|for))/gi, why: drug },
  { pattern: /\b(?:therapeutic|medicinal|medicated)\b/gi, why: drug },
  {
    pattern: /\b(?:eczema|psoriasis|acne|arthritis|dermatitis|rosacea|insomnia|migraines?)\b/gi,
    why: drug,
  },
  {
    pattern:
      /\b(?:relie(?:ve|ves|ving|f)|ease|eases|soothe|soothes)\b(?:\s+\w+){0,3}?\s+(?:pain|pains|aches?|sore\w*|cramps?|congestion|headaches?|stress|anxiety)\b/gi,
    why: drug,
  },
  {
    pattern: /\b(?:pain|stress|anxiety|headache|muscle|congestion)[- ]relief\b/gi,
    why: drug,
  },
  { pattern: /\b(?:detox|detoxes|detoxif\w*|purge\w*)\b/gi, why: body },
  {
    pattern:
      /\b(?:clear|clears|open|opens|unblock\w*)\s+(?:the\s+|your\s+)?(?:sinus\w*|airways|lungs|nose)\b/gi,
    why: body,
  },
  { pattern: /\b(?:decongest\w*|anti-?inflammator\w*|analgesic)\b/gi, why: body },
  {
    pattern:
      /\b(?:boost|boosts|strengthen|strengthens)\s+(?:the\s+|your\s+)?(?:immun\w*|circulation|metabolism)\b/gi,
    why: body,
  },
  { pattern: /\b(?:sleep aid|puts you to sleep|sedative)\b/gi, why: body },
  {
    pattern:
      /\b(?:anti-?bacterial|antimicrobial|antiseptic|disinfect\w*|sanitiz\w*|kills?\s+\w*\s?(?:germs|bacteria|viruses|mold))\b/gi,
    why: pesticide,
  },
  {
    pattern: /\b(?:100\s?% safe|chemical[- ]free|non-?toxic|safe for everyone)\b/gi,
    why: absolute,
  },
];

/** Words in a text that imply treatment, killing germs or certainty, each with why; in the order of the text. */
export function claimsIn(text: string): readonly Claim[] {
  return CLAIMS.flatMap(({ pattern, why }) =>
    [...text.matchAll(pattern)].map((match) => ({
      start: match.index,
      end: match.index + match[0].length,
      word: match[0],
      why,
    })),
  ).sort((a, b) => a.start - b.start || b.end - a.end);
}
