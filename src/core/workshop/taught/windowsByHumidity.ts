import { dampTaughtBy } from '@/core/batches/records/fromBatches';
import type { Batch } from '@/core/batches/records/schema';
import type { Catalog } from '@/core/matter/materials/catalog';
import {
  dampWindow,
  movedWindow,
  type DampWindow,
  type Setting,
} from '@/core/results/binder/windows';
import { DAMP_WANTED, askedOf, type Place } from '@/core/results/learning/quantities';

export interface WindowAt {
  readonly humidityPct: number;
  readonly shipped: DampWindow;
  /** As own batches have it, with the band of its target; null while none speaks. */
  readonly yours: (DampWindow & { readonly aimLowPct: number; readonly aimHighPct: number }) | null;
}

/**
 * The moisture range of a mix over the humidity of the room, as shipped and as own batches have it.
 * @param batches those that may speak of it
 * @param setting what holds the mix beside its liquid
 * @param humidities 0 to 100%
 */
export function windowsByHumidity(
  batches: readonly Batch[],
  { family, method }: Pick<Place, 'family' | 'method'>,
  setting: Setting,
  humidities: readonly number[],
  catalog: Catalog,
): readonly WindowAt[] {
  const own = dampTaughtBy(batches, method, catalog);
  return humidities.map((humidityPct) => {
    const shipped = dampWindow(method, humidityPct, setting);
    if (!own) return { humidityPct, shipped, yours: null };
    const { estimate, low, high } = askedOf(DAMP_WANTED, own.taught, {
      family,
      method,
      humidityPct,
    });
    return {
      humidityPct,
      shipped,
      yours: {
        ...movedWindow(shipped, estimate, own.ends),
        aimLowPct: shipped.aimPct * low,
        aimHighPct: shipped.aimPct * high,
      },
    };
  });
}
