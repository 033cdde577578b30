import { GRAMS_PER_KILOGRAM, GRAMS_PER_OUNCE, GRAMS_PER_POUND } from './mass';
import {
  ML_PER_METRIC_CUP,
  ML_PER_US_CUP,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_TABLESPOON,
  ML_PER_US_TEASPOON,
} from './volume';

export type UnitKind = 'mass' | 'volume' | 'drop' | 'squirt';

/** One measure as people write it. `size` is grams for a mass, milliliters for a volume, a count for drops and squirts. */
export interface MeasureUnit {
  readonly id: string;
  readonly kind: UnitKind;
  readonly size: number;
  /** How it is written back, singular and plural. */
  readonly written: readonly [one: string, many: string];
  /** Every usual spelling, lower case, without a closing full stop. */
  readonly spellings: readonly string[];
  readonly source: string;
}

const nist = 'NIST Handbook 44, appendix C';
const kitchen = 'common practice: a pinch is 1/16 teaspoon, a dash 1/8, a smidgen 1/32';

export const MEASURE_UNITS = [
  {
    id: 'gram',
    kind: 'mass',
    size: 1,
    written: ['g', 'g'],
    spellings: ['g', 'gr', 'gm', 'gms', 'gram', 'grams', 'gramme', 'grammes'],
    source: 'definition',
  },
  {
    id: 'kilogram',
    kind: 'mass',
    size: GRAMS_PER_KILOGRAM,
    written: ['kg', 'kg'],
    spellings: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'],
    source: 'definition',
  },
  {
    id: 'milligram',
    kind: 'mass',
    size: 0.001,
    written: ['mg', 'mg'],
    spellings: ['mg', 'milligram', 'milligrams'],
    source: 'definition',
  },
  {
    id: 'ounce',
    kind: 'mass',
    size: GRAMS_PER_OUNCE,
    written: ['oz', 'oz'],
    spellings: ['oz', 'ozs', 'ounce', 'ounces'],
    source: nist,
  },
  {
    id: 'pound',
    kind: 'mass',
    size: GRAMS_PER_POUND,
    written: ['lb', 'lb'],
    spellings: ['lb', 'lbs', 'pound', 'pounds'],
    source: nist,
  },
  {
    id: 'us-cup',
    kind: 'volume',
    size: ML_PER_US_CUP,
    written: ['cup', 'cups'],
    spellings: ['c', 'cup', 'cups'],
    source: nist,
  },
  {
    id: 'metric-cup',
    kind: 'volume',
    size: ML_PER_METRIC_CUP,
    written: ['metric cup', 'metric cups'],
    spellings: ['metric cup', 'metric cups'],
    source: 'common practice',
  },
  {
    id: 'tablespoon',
    kind: 'volume',
    size: ML_PER_US_TABLESPOON,
    written: ['tbsp', 'tbsp'],
    spellings: ['tbsp', 'tbsps', 'tbs', 'tbl', 'tablespoon', 'tablespoons'],
    source: nist,
  },
  {
    id: 'teaspoon',
    kind: 'volume',
    size: ML_PER_US_TEASPOON,
    written: ['tsp', 'tsp'],
    spellings: ['tsp', 'tsps', 'teaspoon', 'teaspoons'],
    source: nist,
  },
  {
    id: 'metric-tablespoon',
    kind: 'volume',
    size: 15,
    written: ['metric tbsp', 'metric tbsp'],
    spellings: ['metric tbsp', 'metric tablespoon', 'metric tablespoons', 'el', 'msk'],
    source: 'common practice',
  },
  {
    id: 'metric-teaspoon',
    kind: 'volume',
    size: 5,
    written: ['metric tsp', 'metric tsp'],
    spellings: ['metric tsp', 'metric teaspoon', 'metric teaspoons', 'tl', 'tsk'],
    source: 'common practice',
  },
  {
    id: 'fluid-ounce',
    kind: 'volume',
    size: ML_PER_US_FLUID_OUNCE,
    written: ['fl oz', 'fl oz'],
    spellings: ['fl oz', 'fl. oz', 'floz', 'fluid ounce', 'fluid ounces'],
    source: nist,
  },
  {
    id: 'pint',
    kind: 'volume',
    size: 2 * ML_PER_US_CUP,
    written: ['pint', 'pints'],
    spellings: ['pt', 'pint', 'pints'],
    source: nist,
  },
  {
    id: 'quart',
    kind: 'volume',
    size: 4 * ML_PER_US_CUP,
    written: ['quart', 'quarts'],
    spellings: ['qt', 'quart', 'quarts'],
    source: nist,
  },
  {
    id: 'milliliter',
    kind: 'volume',
    size: 1,
    written: ['mL', 'mL'],
    spellings: ['ml', 'mls', 'cc', 'milliliter', 'milliliters', 'millilitre', 'millilitres'],
    source: 'definition',
  },
  {
    id: 'deciliter',
    kind: 'volume',
    size: 100,
    written: ['dL', 'dL'],
    spellings: ['dl', 'deciliter', 'deciliters', 'decilitre', 'decilitres'],
    source: 'definition',
  },
  {
    id: 'dessertspoon',
    kind: 'volume',
    size: 10,
    written: ['dessertspoon', 'dessertspoons'],
    spellings: ['dessertspoon', 'dessertspoons', 'dsp', 'dstspn'],
    source: 'two metric teaspoons, not looked up',
  },
  {
    id: 'liter',
    kind: 'volume',
    size: 1000,
    written: ['L', 'L'],
    spellings: ['l', 'liter', 'liters', 'litre', 'litres'],
    source: 'definition',
  },
  {
    id: 'pinch',
    kind: 'volume',
    size: ML_PER_US_TEASPOON / 16,
    written: ['pinch', 'pinches'],
    spellings: ['pinch', 'pinches'],
    source: kitchen,
  },
  {
    id: 'dash',
    kind: 'volume',
    size: ML_PER_US_TEASPOON / 8,
    written: ['dash', 'dashes'],
    spellings: ['dash', 'dashes'],
    source: kitchen,
  },
  {
    id: 'smidgen',
    kind: 'volume',
    size: ML_PER_US_TEASPOON / 32,
    written: ['smidgen', 'smidgens'],
    spellings: ['smidgen', 'smidgens', 'smidge'],
    source: kitchen,
  },
  {
    id: 'drop',
    kind: 'drop',
    size: 1,
    written: ['drop', 'drops'],
    spellings: ['drop', 'drops', 'gtt', 'gtts'],
    source: 'a pharmacopoeia’s standard dropper: 20 drops of water to the milliliter',
  },
  {
    id: 'squirt',
    kind: 'squirt',
    size: 1,
    written: ['squirt', 'squirts'],
    spellings: ['squirt', 'squirts', 'spray', 'sprays', 'spritz', 'spritzes'],
    source: 'Rovack estimate, until you weigh ten squirts',
  },
] as const satisfies readonly MeasureUnit[];

export type MeasureUnitId = (typeof MEASURE_UNITS)[number]['id'];

const bySpelling = new Map<string, MeasureUnit>(
  MEASURE_UNITS.flatMap((unit) => unit.spellings.map((spelling) => [spelling, unit] as const)),
);

/**
 * Finds the unit a maker means. `T` and `Tbsp` are tablespoons and `t` is a teaspoon, as kitchens write them.
 * @param written the unit as it stands in the text, any case, with or without a full stop
 * @returns the unit, or undefined when the word is no unit
 */
export function findUnit(written: string): MeasureUnit | undefined {
  const bare = written.trim().replace(/\.$/, '');
  if (bare === 'T') return bySpelling.get('tbsp');
  if (bare === 't') return bySpelling.get('tsp');
  return bySpelling.get(bare.toLowerCase().replace(/\s+/g, ' '));
}

/** Longest spellings first, so that `fl oz` is tried before `oz`. */
export const UNIT_SPELLINGS: readonly string[] = [...bySpelling.keys()].sort(
  (a, b) => b.length - a.length || a.localeCompare(b),
);
