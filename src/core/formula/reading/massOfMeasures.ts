import type { BulkState } from '@/core/matter/materials/types';
import type { Material } from '@/core/matter/materials/material';
import { addSpreads, exactly, multiplySpreads, type Spread } from '@/core/basics/units/spread';
import type { Measure } from './amount';

/** The maker's own droppers and sprayers, or the values to start from. */
export interface SmallMeasures {
  /** Drops to the milliliter for watery liquids. */
  readonly dropsPerMl: Spread;
  /** Drops to the milliliter for oils, which drop smaller. */
  readonly oilDropsPerMl: Spread;
  /** Grams of water a squirt. */
  readonly gramsPerSquirt: Spread;
}

/**
 * Twenty drops to the milliliter is a pharmacopoeia's standard dropper for water. Oils run 25 to 40:
 * twenty stays the value computed with, as it errs to the strong side of a scent, and the low end shows the rest.
 * A squirt is a Rovack estimate until the maker weighs ten.
 */
export const USUAL_SMALL_MEASURES: SmallMeasures = {
  dropsPerMl: { low: 18, best: 20, high: 22 },
  oilDropsPerMl: { low: 18, best: 20, high: 40 },
  gramsPerSquirt: { low: 0.3, best: 0.7, high: 1.2 },
};

/**
 * Grams of a material in the measures someone counted out, with the honest spread.
 * @param state how cups and spoons were filled
 * @returns grams
 */
export function massOfMeasuresG(
  measures: readonly Measure[],
  material: Material,
  state: BulkState,
  small: SmallMeasures,
): Spread {
  return measures
    .map((measure) => massOfMeasureG(measure, material, state, small))
    .reduce(addSpreads, exactly(0));
}

function massOfMeasureG(
  { count, unit }: Measure,
  material: Material,
  state: BulkState,
  small: SmallMeasures,
): Spread {
  const size = multiplySpreads(count, exactly(unit.size));
  switch (unit.kind) {
    case 'mass':
      return size;
    case 'volume':
      return multiplySpreads(size, material.densityGMl[state].value);
    case 'drop':
      return multiplySpreads(
        multiplySpreads(size, inverse(dropsPerMl(material, small))),
        exactly(material.trueDensityGMl.value),
      );
    case 'squirt':
      return multiplySpreads(
        multiplySpreads(size, small.gramsPerSquirt),
        exactly(material.trueDensityGMl.value),
      );
  }
}

function dropsPerMl(material: Material, small: SmallMeasures): Spread {
  return material.waterFraction.value > 0.5 ? small.dropsPerMl : small.oilDropsPerMl;
}

function inverse(spread: Spread): Spread {
  return { low: 1 / spread.high, best: 1 / spread.best, high: 1 / spread.low };
}
