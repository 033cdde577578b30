import type { MaterialMass } from '../binder';
import { materialById } from '../materials';
import { compositionOf } from './compositions';
import { constituentById, type Constituent, type ConstituentId } from './constituents';

export interface ConstituentReading {
  readonly constituent: Constituent;
  /** In % of the whole mix. */
  readonly pctOfMix: number;
}

export interface ScentLimits {
  /** Constituents by falling share, those below a millionth left out. */
  readonly constituents: readonly ConstituentReading[];
  /** Most of this very blend in % of the mix, and the constituent that binds; null when none is limited. */
  readonly limit: { readonly loadPct: number; readonly constituent: Constituent } | null;
  /** Scents of which nothing is on file. */
  readonly unknownIds: readonly string[];
}

const LEAST_PCT = 1e-6;
/** An oil from a supplier counts as known only with its document; a fragrance always needs one. */
const ALWAYS_UNKNOWN = new Set(['fragrance-oil', 'vanilla-fragrance-oil']);

/**
 * What a blend may be at most: the smallest of limit / share over its constituents, that one named.
 * Constituents are summed over all scents. Source: the arithmetic of every supplier's document; the
 * shipped limits and compositions are from memory.
 * @param contents the whole mix, grams 0 or more
 */
export function scentLimits(contents: readonly MaterialMass[]): ScentLimits {
  const totalG = contents.reduce((sum, { massG }) => sum + massG, 0);
  const scents = contents.filter(
    ({ materialId, massG }) => massG > 0 && materialById(materialId).role === 'scent',
  );
  const scentG = scents.reduce((sum, { massG }) => sum + massG, 0);
  const gramsOf = new Map<ConstituentId, number>();
  for (const { materialId, massG } of scents)
    for (const [id, share] of Object.entries(compositionOf(materialId) ?? {}))
      gramsOf.set(id as ConstituentId, (gramsOf.get(id as ConstituentId) ?? 0) + share * massG);
  const constituents = [...gramsOf]
    .map(([id, massG]) => ({
      constituent: constituentById(id),
      pctOfMix: totalG > 0 ? (100 * massG) / totalG : 0,
    }))
    .filter(({ pctOfMix }) => pctOfMix > LEAST_PCT)
    .sort((a, b) => b.pctOfMix - a.pctOfMix);
  const loadPct = totalG > 0 ? (100 * scentG) / totalG : 0;
  return {
    constituents,
    limit: bindingLimit(constituents, loadPct),
    unknownIds: scents
      .map(({ materialId }) => materialId)
      .filter((id) => ALWAYS_UNKNOWN.has(id) || compositionOf(id) === undefined),
  };
}

function bindingLimit(
  constituents: readonly ConstituentReading[],
  loadPct: number,
): ScentLimits['limit'] {
  const loads = constituents.flatMap(({ constituent, pctOfMix }) =>
    constituent.limitPct === null
      ? []
      : [{ loadPct: (constituent.limitPct / pctOfMix) * loadPct, constituent }],
  );
  return loads.reduce<ScentLimits['limit']>(
    (least, load) => (least === null || load.loadPct < least.loadPct ? load : least),
    null,
  );
}
