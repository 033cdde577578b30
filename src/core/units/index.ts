export { GRAMS_PER_KILOGRAM, GRAMS_PER_OUNCE, GRAMS_PER_POUND } from './mass';
export {
  ML_PER_METRIC_CUP,
  ML_PER_US_CUP,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_TABLESPOON,
  ML_PER_US_TEASPOON,
} from './volume';
export { MEASURE_UNITS, UNIT_SPELLINGS, findUnit } from './household';
export type { MeasureUnit, MeasureUnitId, UnitKind } from './household';
export { addSpreads, exactly, multiplySpreads } from './spread';
export type { Spread } from './spread';
export { parseNumber } from './parseNumber';
