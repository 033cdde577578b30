import { from, type Sourced } from '../sources';

const handbook = from('handbook');
const supplier = from('supplier');

/** Air that a material takes water out of. */
export interface DrawsWater {
  /** Relative humidity from which it turns wet, %. */
  readonly fromPct: number;
  /** Below this it gives up its crystal water and turns to powder, %; left out where it keeps it. */
  readonly givesUpBelowPct?: number;
}

/** Deliquescence at 25°C. */
export const DRAWS_WATER: Readonly<Record<string, Sourced<DrawsWater>>> = {
  'magnesium-chloride': handbook({ fromPct: 33 }),
  'dead-sea-salt': handbook({ fromPct: 33 }),
  'magnesium-sulfate-heptahydrate': handbook({ fromPct: 90, givesUpBelowPct: 50 }),
  // No sharp point: at this humidity it holds a sixth of water.
  glycerin: handbook({ fromPct: 40 }),
  trimethylglycine: supplier({ fromPct: 60 }),
  // From here it takes water into its crystal and cakes.
  'sodium-sulfate': handbook({ fromPct: 80 }),
  'aloe-powder': supplier({ fromPct: 50 }),
};
