import type { Method } from '@/core/formula/model/schema';
import type { Spread } from '@/core/basics/units/spread';

interface PackedRow {
  readonly densityGMl: Spread;
  readonly source: string;
}

const source = 'Rovack estimate from usual pieces of 100–170 g, until you weigh your own fills';

/** g/mL of the pressed piece by way of forming. */
const PACKED_DENSITIES: Readonly<Record<Method, PackedRow>> = {
  hand: { densityGMl: { low: 0.9, best: 1, high: 1.12 }, source },
  press: { densityGMl: { low: 1, best: 1.1, high: 1.22 }, source },
  silicone: { densityGMl: { low: 0.88, best: 0.98, high: 1.08 }, source },
  detail: { densityGMl: { low: 0.92, best: 1.02, high: 1.14 }, source },
  'in-pack': { densityGMl: { low: 0.88, best: 0.98, high: 1.1 }, source },
  loose: { densityGMl: { low: 0.85, best: 0.95, high: 1.08 }, source },
};

/** Density of a finished piece in g/mL, with the spread seen between hands. */
export function packedDensityGMl(method: Method): Spread {
  return PACKED_DENSITIES[method].densityGMl;
}
