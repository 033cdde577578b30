/** One beep of the pouring hand: how high, how often, and what it says. */
export interface Beep {
  readonly says: 'toward' | 'inside' | 'over';
  readonly hz: number;
  /** From the start of one to the start of the next, ms. */
  readonly everyMs: number;
  readonly lengthMs: number;
}

/** Two octaves from the first grams to the band; the ear knows the way without a look. Rovack estimates. */
const LOW_HZ = 220;
const OCTAVES = 1.6;
const SLOW_MS = 900;
const QUICK_MS = 130;
/** Less than this of the target is a vessel that settles, share. */
const BEGUN = 0.02;
const INSIDE: Beep = { says: 'inside', hz: 880, everyMs: 1200, lengthMs: 320 };
const OVER: Beep = { says: 'over', hz: 110, everyMs: 600, lengthMs: 380 };

/**
 * The beep for what is on the scale: rising and quickening toward the target, one for inside, a low one for too much.
 * @param massG on the scale @param targetG wanted, over 0 @param toleranceG to either side
 * @returns null before anything is poured
 */
export function pourBeep(massG: number, targetG: number, toleranceG: number): Beep | null {
  if (!(targetG > 0) || !(massG > BEGUN * targetG)) return null;
  if (massG > targetG + toleranceG) return OVER;
  if (massG >= targetG - toleranceG) return INSIDE;
  const share = massG / (targetG - toleranceG);
  return {
    says: 'toward',
    hz: LOW_HZ * 2 ** (OCTAVES * share),
    everyMs: SLOW_MS + (QUICK_MS - SLOW_MS) * share,
    lengthMs: 70,
  };
}
