import type { Method } from '@/core/formula/model/schema';
import type { Saying } from './types';

/** Minutes at hand, for each job: so much, and so much more for every piece. Common practice, until own batches are timed. */
interface JobMinutes {
  readonly once: number;
  readonly eachPiece?: number;
}

const MINUTES: Readonly<Record<Saying, JobMinutes>> = {
  weigh: { once: 1 },
  sieve: { once: 4 },
  melt: { once: 8 },
  'warm-oil': { once: 4 },
  'dissolve-in-alcohol': { once: 5 },
  'dissolve-in-oil': { once: 5 },
  infuse: { once: 10 },
  soak: { once: 2 },
  bloom: { once: 4 },
  furrow: { once: 1 },
  'rub-in': { once: 3 },
  // Lowest speed: 10 to 12 minutes for the dry and color, 5 to 20 for the wet, 1 to 2 after the acid.
  'mix-dry': { once: 10 },
  'mix-color': { once: 5 },
  'mix-foam': { once: 2 },
  'mix-wet': { once: 10 },
  'mix-salts': { once: 5 },
  'mix-loose': { once: 4 },
  'mix-acid': { once: 1.5 },
  'mix-part': { once: 3 },
  'pour-pan': { once: 1 },
  'pour-cup': { once: 1 },
  'pour-powders': { once: 1 },
  scrape: { once: 2 },
  'keep-dry': { once: 1 },
  part: { once: 3 },
  'mix-second': { once: 2 },
  'mix-first': { once: 2 },
  squeeze: { once: 1 },
  'squeeze-before': { once: 1 },
  'squeeze-after': { once: 1 },
  spray: { once: 2 },
  // A spoonful, a mix and a squeeze, several times. Rovack estimate.
  'by-spoon': { once: 8 },
  lay: { once: 0, eachPiece: 0.15 },
  // About one piece a minute on a single press, twenty in twenty minutes.
  fill: { once: 0, eachPiece: 1 },
  spread: { once: 5 },
  rest: { once: 0 },
  unmold: { once: 0, eachPiece: 0.2 },
  tray: { once: 0, eachPiece: 0.1 },
  count: { once: 2 },
  turn: { once: 0, eachPiece: 0.1 },
  dry: { once: 0 },
  top: { once: 0, eachPiece: 0.2 },
  ice: { once: 5, eachPiece: 1 },
  paint: { once: 5, eachPiece: 0.5 },
  drizzle: { once: 5, eachPiece: 0.3 },
  jar: { once: 5, eachPiece: 0.75 },
  wrap: { once: 0, eachPiece: 0.7 },
  own: { once: 5 },
};

/** A plate is filled cavity by cavity and pressed at once. Rovack estimates. */
const PLATE_FILL_MIN = 0.2;
const PLATE_STROKE_MIN = 1.5;

/** Minutes to fill and form so many pieces @param cavities pieces that the mold makes at one go; null where it is not known */
export function formingMinutes(method: Method, pieces: number, cavities: number | null): number {
  if (method !== 'press' || cavities === null || cavities <= 1) return usualMinutes('fill', pieces);
  return pieces * PLATE_FILL_MIN + Math.ceil(pieces / cavities) * PLATE_STROKE_MIN;
}

/** Up to this much mix, grams, hands do in the bowl what else a mixer does. Rovack estimate. */
const SMALL_BOWL_G = 500;

/** Minutes for so little, by hand, and without a mixer to clean. Rovack estimate. */
const SMALL: Readonly<Partial<Record<Saying, number>>> = {
  sieve: 2,
  'mix-dry': 2,
  'mix-color': 2,
  'mix-foam': 1,
  'mix-wet': 3,
  'mix-salts': 3,
  'mix-loose': 2,
  'mix-part': 2,
};

export function isSmallBowl(bowlG: number): boolean {
  return bowlG <= SMALL_BOWL_G;
}

/** @returns minutes at hand for a job of a batch of so many pieces @param isSmall is it a bowl that hands mix? */
export function usualMinutes(saying: Saying, pieces: number, isSmall = false): number {
  const { once, eachPiece = 0 } = MINUTES[saying];
  return ((isSmall ? SMALL[saying] : undefined) ?? once) + eachPiece * pieces;
}
