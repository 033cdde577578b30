import type { Family } from '@/core/formula/model/schema';
import { isOily } from '../fizz/composition';
import { gramsWhere, portionsG, type Portion } from '@/core/matter/materials/portion';

export interface ScentReading {
  readonly scentG: number;
  /** Scent in % of the mix by mass. */
  readonly loadPct: number;
  readonly usualLowPct: number;
  readonly usualHighPct: number;
  /** Emulsifier over oils and scent by mass; null when there is nothing to carry. */
  readonly emulsifierToOil: number | null;
}

interface LoadRow {
  readonly lowPct: number;
  readonly highPct: number;
  readonly source: string;
}

/** Usual scent loads in % of the mix. */
const USUAL_LOADS: Readonly<Record<Family, LoadRow>> = {
  'bath-bomb': { lowPct: 0.3, highPct: 2, source: 'common practice' },
  'shower-steamer': { lowPct: 1, highPct: 5, source: 'common practice' },
  'fizzing-salts': { lowPct: 0.3, highPct: 5, source: 'common practice' },
  'cleaning-fizzy': { lowPct: 0, highPct: 2, source: 'common practice' },
};

/**
 * Scent by mass against the family's usual range, and what carries oils and scent into the water.
 * The limit each constituent sets is not computed here.
 * @param contents grams 0 or more
 */
export function scentReading(contents: readonly Portion[], family: Family): ScentReading {
  const usual = USUAL_LOADS[family];
  const totalG = portionsG(contents);
  const scentG = gramsWhere(contents, ({ role }) => role === 'scent');
  const carriedG = gramsWhere(contents, isOily);
  const emulsifierG = gramsWhere(contents, ({ role }) => role === 'emulsifier');
  return {
    scentG,
    loadPct: totalG > 0 ? (100 * scentG) / totalG : 0,
    usualLowPct: usual.lowPct,
    usualHighPct: usual.highPct,
    emulsifierToOil: carriedG > 0 ? emulsifierG / carriedG : null,
  };
}
