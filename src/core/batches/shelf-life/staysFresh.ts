import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { barrierById, type BarrierId } from './barriers';

/** What a piece loses first while it lies, however hard it is. */
export type Fading = 'vapor' | 'scent' | 'fizz';

export interface StaysFresh {
  /** Days, each over 0. */
  readonly days: number;
  readonly lowDays: number;
  readonly highDays: number;
  readonly fades: Fading;
}

type Tightness = 'open' | 'paper' | 'film' | 'tight';

/** Days in each kind of wrap. Common practice: menthol in a bare steamer is gone in weeks, a wrapped scent holds a year. */
const DAYS: Readonly<Record<Fading, Readonly<Record<Tightness, number>>>> = {
  vapor: { open: 30, paper: 45, film: 180, tight: 365 },
  scent: { open: 90, paper: 120, film: 365, tight: 730 },
  fizz: { open: 180, paper: 240, film: 540, tight: 1095 },
};
/** Half to twice as long. Rovack estimate. */
const SPREAD = 2;
/** Less scent than this is no reason to buy it, % of the mix. Rovack estimate. */
const SCENTED_FROM_PCT = 0.3;
/** Water let through, g/m² a day, up to which a wrap counts as tight, as a film, as paper. Rovack estimate. */
const TIGHT_TO = 1;
const FILM_TO = 100;

/**
 * How long a piece has what it is bought for: crystals of menthol first, then scent, then fizz, by its tightest wrap.
 * Rovack estimate on common practice. Null where there is neither: salts stay salts.
 * @param contents grams 0 or more @param wraps none is bare
 */
export function staysFresh(
  contents: readonly Portion[],
  wraps: readonly BarrierId[],
): StaysFresh | null {
  const fades = fadesFirst(contents);
  if (fades === null) return null;
  const days = DAYS[fades][tightnessOf(wraps)];
  return { days, lowDays: days / SPREAD, highDays: days * SPREAD, fades };
}

function fadesFirst(contents: readonly Portion[]): Fading | null {
  const totalG = portionsG(contents);
  const pct = (matches: (material: Portion['material']) => boolean) =>
    totalG > 0
      ? (100 * portionsG(contents.filter(({ material }) => matches(material)))) / totalG
      : 0;
  if (pct(({ traits }) => traits.includes('menthol')) >= SCENTED_FROM_PCT) return 'vapor';
  if (pct(({ role }) => role === 'scent') >= SCENTED_FROM_PCT) return 'scent';
  return pct(({ role }) => role === 'acid') > 0 && pct(({ role }) => role === 'base') > 0
    ? 'fizz'
    : null;
}

function tightnessOf(wraps: readonly BarrierId[]): Tightness {
  const least = Math.min(...wraps.map((id) => barrierById(id).gM2Day ?? Infinity), Infinity);
  if (least <= TIGHT_TO) return 'tight';
  if (least <= FILM_TO) return 'film';
  return least < Infinity ? 'paper' : 'open';
}
