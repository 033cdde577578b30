import type { Result } from '@/core/basics/result';
import { habits } from '@/core/basics/format/habits';
import {
  shownDecimals,
  shownUnit,
  toShown,
  toStored,
  type ShownUnit,
  type StoredUnit,
} from '@/core/basics/format/quantities';
import { formatUpTo } from '@/core/basics/format/numbers';
import { GRAMS_PER_KILOGRAM, GRAMS_PER_OUNCE, GRAMS_PER_POUND } from './mass';
import { parseNumber } from './parseNumber';
import {
  ML_PER_US_CUP,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_GALLON,
  ML_PER_US_TABLESPOON,
  ML_PER_US_TEASPOON,
} from './volume';

/** What a field of a figure stores. */
export type QuantityUnit = StoredUnit | '%' | 'min' | 's' | 'mg/L' | 'g/mL';

interface TypedUnit {
  readonly written: RegExp;
  /** `stored = (typed - shift) × factor`. */
  readonly factor: number;
  readonly shift?: number;
}

const MILLILITERS: readonly TypedUnit[] = [
  { written: /^(ml|mls|cc|milliliters?|millilitres?)$/, factor: 1 },
  { written: /^(l|liters?|litres?)$/, factor: 1000 },
  { written: /^(fl ?oz|floz|fluid ounces?)$/, factor: ML_PER_US_FLUID_OUNCE },
  { written: /^(cups?|c)$/, factor: ML_PER_US_CUP },
  { written: /^(tbsps?|tablespoons?)$/, factor: ML_PER_US_TABLESPOON },
  { written: /^(tsps?|teaspoons?)$/, factor: ML_PER_US_TEASPOON },
  { written: /^(qt|quarts?)$/, factor: ML_PER_US_GALLON / 4 },
  { written: /^(gal|gals|gallons?)$/, factor: ML_PER_US_GALLON },
];

/** What may stand behind a figure, kind by kind. Sources of the factors: NIST Handbook 44, appendix C. */
const TYPED: Readonly<Record<QuantityUnit, readonly TypedUnit[]>> = {
  g: [
    { written: /^(g|gr|gms?|grams?|grammes?)$/, factor: 1 },
    { written: /^(kg|kgs|kilos?|kilograms?)$/, factor: GRAMS_PER_KILOGRAM },
    { written: /^(mg|milligrams?)$/, factor: 0.001 },
    { written: /^(oz|ozs|ounces?)$/, factor: GRAMS_PER_OUNCE },
    { written: /^(lbs?|pounds?)$/, factor: GRAMS_PER_POUND },
  ],
  mL: MILLILITERS,
  L: MILLILITERS.map((unit) => ({ ...unit, factor: unit.factor / 1000 })),
  '°C': [
    { written: /^(°? ?c|celsius|centigrade|degrees c)$/, factor: 1 },
    { written: /^(°? ?f|fahrenheit|degrees f)$/, factor: 1 / 1.8, shift: 32 },
  ],
  mm: [
    { written: /^(mm|millimeters?|millimetres?)$/, factor: 1 },
    { written: /^(cm|centimeters?|centimetres?)$/, factor: 10 },
    { written: /^(in|inch|inches|"|”|″)$/, factor: 25.4 },
  ],
  '%': [{ written: /^(%|percent|pct)$/, factor: 1 }],
  min: [
    { written: /^(min|mins|minutes?)$/, factor: 1 },
    { written: /^(h|hr|hrs|hours?)$/, factor: 60 },
    { written: /^(s|sec|secs|seconds?)$/, factor: 1 / 60 },
  ],
  s: [
    { written: /^(s|sec|secs|seconds?)$/, factor: 1 },
    { written: /^(min|mins|minutes?)$/, factor: 60 },
  ],
  'mg/L': [{ written: /^(mg\/l|ppm)$/, factor: 1 }],
  'L/min': [
    { written: /^(l\/min|liters? a minute)$/, factor: 1 },
    { written: /^(gpm|gal\/min|gallons? a minute)$/, factor: ML_PER_US_GALLON / 1000 },
  ],
  'g/mL': [{ written: /^(g\/ml|g\/cm3|g\/cm³)$/, factor: 1 }],
};

/** What to type instead of a unit that does not fit. */
const SUCH_AS: Readonly<Record<QuantityUnit, string>> = {
  g: 'Type a weight, such as 85 g or 3 oz.',
  mL: 'Type a volume, such as 120 mL or 4 fl oz.',
  L: 'Type a volume, such as 150 L or 40 gal.',
  '°C': 'Type a temperature, such as 22 C or 72 F.',
  mm: 'Type a length, such as 64 mm or 2.5 in.',
  '%': 'Type a percentage, such as 45%.',
  min: 'Type a time, such as 12 min.',
  s: 'Type a time, such as 90 s.',
  'mg/L': 'Type a figure in mg/L, such as 100.',
  'L/min': 'Type a flow, such as 8 L/min or 2 gal/min.',
  'g/mL': 'Type a density, such as 0.92 g/mL.',
};

export type Quantity = Result<number>;

function refuse(problem: string): Quantity {
  return { ok: false, problem };
}

/** How a person counts what is stored in a unit; those that are the same everywhere as they are. */
export function unitShown(unit: QuantityUnit): ShownUnit {
  switch (unit) {
    case '%':
    case 'min':
    case 's':
    case 'mg/L':
    case 'g/mL':
      return { unit, factor: 1, shift: 0, moreDecimals: 0 };
    default:
      return shownUnit(unit);
  }
}

/** Figures, each with what is written behind it: `1 lb 4 oz` is two. */
const PARTS = /([-−]?[\d.,][\d.,\s]*)([^\d.,\s][^\d]*)?/gy;

/**
 * What was typed into a field of a figure: a bare figure is in the person's own unit, any other unit of its kind may stand
 * behind it (“3 oz”, “85 g”, “1 lb 4 oz”, “72 F”).
 * @param unit what the field stores; null for a bare count
 * @param own the unit of a bare figure, when it is not the person's (the unit of a scale)
 * @returns the value as it is stored, or one sentence that says what to type
 */
export function parseQuantity(
  typed: string,
  unit: QuantityUnit | null,
  own: ShownUnit | null = unit === null ? null : unitShown(unit),
): Quantity {
  const text = typed
    .trim()
    .replace(/[\u00a0\u202f]/g, ' ')
    .replace(/^−/, '-');
  const such = unit === null ? 'Type a number.' : SUCH_AS[unit];
  if (!/\d/.test(text)) return refuse(such);
  let value = 0;
  let read = 0;
  PARTS.lastIndex = 0;
  for (let part = PARTS.exec(text); part; part = PARTS.exec(text)) {
    const one = readPart(part[1] ?? '', (part[2] ?? '').trim(), unit, own, such);
    if (!one.ok) return one;
    value += one.value;
    read = PARTS.lastIndex;
    if (read === text.length) break;
  }
  return read === text.length ? { ok: true, value } : refuse(such);
}

function readPart(
  figure: string,
  written: string,
  unit: QuantityUnit | null,
  own: ShownUnit | null,
  such: string,
): Quantity {
  const doubt = commaDoubt(figure);
  if (doubt) return refuse(doubt);
  const number = parseNumber(figure);
  if (number === null) return refuse(such);
  if (written === '') return { ok: true, value: own ? toStored(number, own) : number };
  const bare = written.replace(/\.$/, '').toLowerCase();
  const typedUnit = unit && TYPED[unit].find((one) => one.written.test(bare));
  if (!typedUnit) return refuse(`“${written}” doesn’t fit here. ${such}`);
  return { ok: true, value: (number - (typedUnit.shift ?? 0)) * typedUnit.factor };
}

/** “1,5” where a comma parts thousands may be 1.5 or a slip. */
function commaDoubt(figure: string): string | null {
  const bare = figure.trim();
  return habits().units === 'us' && /^-?\d+,\d{1,2}$/.test(bare)
    ? `Use a period for decimals: ${bare.replace(',', '.')}.`
    : null;
}

/** `From 14 to 122°F`: the ends of a field's range as the person counts them. */
export function rangeProblem(
  min: number,
  max: number,
  unit: QuantityUnit | null,
  decimals: number,
): string {
  const shown = unit === null ? null : unitShown(unit);
  const end = (value: number) =>
    shown
      ? formatUpTo(toShown(value, shown), shownDecimals(decimals, shown))
      : formatUpTo(value, decimals);
  const name = shown?.unit ?? '';
  const suffix = name === '' || /^[%°]/.test(name) ? name : ` ${name}`;
  return `Type a number from ${end(min)} to ${end(max)}${suffix}.`;
}
