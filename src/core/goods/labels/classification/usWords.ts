import type { HazardCode } from './statements';

/**
 * What a household hazard is called on a label in the US, where there are words for it.
 * Source: FHSA, 16 CFR 1500.3 and 1500.121, statements of the principal hazards. Not checked against the current rule.
 */
export const US_WORDS: Readonly<Partial<Record<HazardCode, string>>> = {
  H314: 'Corrosive. Causes burns to skin and eyes. Wear gloves and eye protection.',
  H318: 'Can burn the eyes. Wear eye protection.',
  H319: 'Eye irritant. Avoid contact with eyes.',
  H315: 'Skin irritant. Wear gloves.',
  H317: 'May cause an allergic skin reaction. Wear gloves.',
  H302: 'Harmful if swallowed.',
  H335: 'Dust may irritate nose and lungs. Avoid breathing dust.',
  H272: 'Keep away from heat, clothing and other things that burn.',
};

/** Corrosives are a danger; every other one asks for caution. */
const US_DANGERS: ReadonlySet<HazardCode> = new Set(['H314', 'H318']);

/** The signal word for these hazards in the US; null where none has words there. */
export function usSignal(codes: readonly HazardCode[]): 'DANGER' | 'CAUTION' | null {
  const told = codes.filter((code) => US_WORDS[code] !== undefined);
  if (told.length === 0) return null;
  return told.some((code) => US_DANGERS.has(code)) ? 'DANGER' : 'CAUTION';
}
