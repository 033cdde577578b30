import type { Family } from '../formula';
import type { MaterialMass } from '../binder';
import { materialById } from '../materials';

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
  readonly family: Family;
  readonly lowPct: number;
  readonly highPct: number;
  readonly source: string;
}

/** Usual scent loads in % of the mix. */
const USUAL_LOADS = [
  { family: 'bath-bomb', lowPct: 0.3, highPct: 2, source: 'common practice' },
  { family: 'shower-steamer', lowPct: 1, highPct: 5, source: 'common practice' },
  { family: 'fizzing-salts', lowPct: 0.3, highPct: 5, source: 'common practice' },
  { family: 'cleaning-fizzy', lowPct: 0, highPct: 2, source: 'common practice' },
] as const satisfies readonly LoadRow[];

/**
 * Scent by mass against the family's usual range, and what carries oils and scent into the water.
 * The limit each constituent sets is not reckoned here.
 * @param contents grams 0 or more
 */
export function scentReading(contents: readonly MaterialMass[], family: Family): ScentReading {
  const usual = USUAL_LOADS.find((row) => row.family === family);
  if (!usual) throw new RangeError(`family ${family} has no scent range`);
  const gramsOf = (...roles: readonly string[]) =>
    contents.reduce(
      (total, { materialId, massG }) =>
        roles.includes(materialById(materialId).role) ? total + massG : total,
      0,
    );
  const totalG = contents.reduce((total, { massG }) => total + massG, 0);
  const scentG = gramsOf('scent');
  const carriedG = gramsOf('oil', 'butter', 'scent');
  return {
    scentG,
    loadPct: totalG > 0 ? (100 * scentG) / totalG : 0,
    usualLowPct: usual.lowPct,
    usualHighPct: usual.highPct,
    emulsifierToOil: carriedG > 0 ? gramsOf('emulsifier') / carriedG : null,
  };
}
