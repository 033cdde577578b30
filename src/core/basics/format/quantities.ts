import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from '@/core/basics/units/mass';
import { ML_PER_US_FLUID_OUNCE, ML_PER_US_GALLON } from '@/core/basics/units/volume';
import { habits } from './habits';
import { formatFixed, formatGrams, formatRange, formatUpTo, joinRange } from './numbers';

/** What a unit of storage is in a person's own: `shown = stored × factor + shift`. */
export interface ShownUnit {
  readonly unit: string;
  readonly factor: number;
  readonly shift: number;
  /** Decimals that a person gets more (or fewer) than the stored unit would show. */
  readonly moreDecimals: number;
}

export type StoredUnit = 'g' | 'mL' | 'L' | 'L/min' | '°C' | 'mm';

const METRIC: Readonly<Record<StoredUnit, ShownUnit>> = {
  g: { unit: 'g', factor: 1, shift: 0, moreDecimals: 0 },
  mL: { unit: 'mL', factor: 1, shift: 0, moreDecimals: 0 },
  L: { unit: 'L', factor: 1, shift: 0, moreDecimals: 0 },
  'L/min': { unit: 'L/min', factor: 1, shift: 0, moreDecimals: 0 },
  '°C': { unit: '°C', factor: 1, shift: 0, moreDecimals: 0 },
  mm: { unit: 'mm', factor: 1, shift: 0, moreDecimals: 0 },
};

const LITERS_PER_GALLON = ML_PER_US_GALLON / 1000;
/** An inch is 25.4 mm, by definition. */
const MM_PER_INCH = 25.4;

const US: Readonly<Record<StoredUnit, ShownUnit>> = {
  g: { unit: 'oz', factor: 1 / GRAMS_PER_OUNCE, shift: 0, moreDecimals: 2 },
  mL: { unit: 'fl oz', factor: 1 / ML_PER_US_FLUID_OUNCE, shift: 0, moreDecimals: 2 },
  L: { unit: 'gal', factor: 1 / LITERS_PER_GALLON, shift: 0, moreDecimals: 1 },
  'L/min': { unit: 'gal/min', factor: 1 / LITERS_PER_GALLON, shift: 0, moreDecimals: 1 },
  // A degree Fahrenheit is about half a degree Celsius.
  '°C': { unit: '°F', factor: 1.8, shift: 32, moreDecimals: -1 },
  mm: { unit: 'in', factor: 1 / MM_PER_INCH, shift: 0, moreDecimals: 2 },
};

/** How this person reads what is stored in a unit. */
export function shownUnit(stored: StoredUnit): ShownUnit {
  return (habits().units === 'us' ? US : METRIC)[stored];
}

/** A stored value as this person counts it. */
export function toShown(stored: number, { factor, shift }: ShownUnit): number {
  return stored * factor + shift;
}

/** What a person's figure is in the unit that is stored. */
export function toStored(shown: number, { factor, shift }: ShownUnit): number {
  return (shown - shift) / factor;
}

/** From here on ounces read as pounds. */
const POUNDS_FROM_OZ = 160;

function ouncesOf(massG: number): string {
  const oz = massG / GRAMS_PER_OUNCE;
  const size = Math.abs(oz);
  return formatUpTo(oz, size >= 10 ? 1 : size >= 0.1 ? 2 : 3);
}

/** A mass in the person's unit: `54.3 g`, `1.92 oz`, `12.5 lb`. @param decimals of grams; an ounce gets one more */
export function formatMass(massG: number, decimals?: number): string {
  if (habits().units === 'metric')
    return `${decimals === undefined ? formatGrams(massG) : formatFixed(massG, decimals)} g`;
  return massInOunces(massG, decimals);
}

function massInOunces(massG: number, decimals?: number): string {
  if (Math.abs(massG) >= POUNDS_FROM_OZ * GRAMS_PER_OUNCE)
    return `${formatUpTo(massG / GRAMS_PER_POUND, 1)} lb`;
  return decimals === undefined
    ? `${ouncesOf(massG)} oz`
    : `${formatFixed(massG / GRAMS_PER_OUNCE, decimals + 1)} oz`;
}

/** The same mass in the unit that does not come first, to stand beside it in small. */
export function formatOtherMass(massG: number): string {
  return habits().units === 'metric' ? massInOunces(massG) : `${formatGrams(massG)} g`;
}

/** `54–60 g`, `1.9–2.1 oz`. */
export function formatMassRange(lowG: number, highG: number): string {
  const low = formatMass(lowG);
  const high = formatMass(highG);
  if (low === high) return low;
  if (habits().units === 'metric') return `${formatGrams(lowG)}–${high}`;
  const [lowOz, highOz] = [lowG / GRAMS_PER_OUNCE, highG / GRAMS_PER_OUNCE];
  if (highOz < POUNDS_FROM_OZ) return `${formatRange(lowOz, highOz, highOz >= 10 ? 1 : 2)} oz`;
  return lowOz < POUNDS_FROM_OZ
    ? `${low} – ${high}`
    : `${formatRange(lowG / GRAMS_PER_POUND, highG / GRAMS_PER_POUND, 1)} lb`;
}

/** Decimals in the person's unit for so many of the stored one. */
export function shownDecimals(decimals: number, { moreDecimals }: ShownUnit): number {
  return Math.max(0, decimals + moreDecimals);
}

/** Nobody reads more decimals of an inch or a fluid ounce. */
const MOST_READ = 2;

function sized(stored: StoredUnit, value: number, decimals: number): string {
  const shown = shownUnit(stored);
  return formatUpTo(toShown(value, shown), Math.min(MOST_READ, shownDecimals(decimals, shown)));
}

/** `22°C`, `72°F`. */
export function formatTemp(tempC: number, decimals = 0): string {
  return `${sized('°C', tempC, decimals)}${shownUnit('°C').unit}`;
}

/** `150 L`, `39.6 gal`. */
export function formatLiters(volumeL: number, decimals = 0): string {
  return `${sized('L', volumeL, decimals)} ${shownUnit('L').unit}`;
}

/** `120 mL`, `4.06 fl oz`. */
export function formatMilliliters(volumeMl: number, decimals = 0): string {
  return `${sized('mL', volumeMl, decimals)} ${shownUnit('mL').unit}`;
}

/** Sides or a diameter in one unit: `64 × 64 mm`, `2.52 × 2.52 in`. */
export function formatLengths(lengthsMm: readonly number[], decimals = 0): string {
  return `${lengthsMm.map((mm) => sized('mm', mm, decimals)).join(' × ')} ${shownUnit('mm').unit}`;
}

/** `30–40°C`, `86–104°F`. */
export function formatTempRange(lowC: number, highC: number): string {
  return `${joinRange(sized('°C', lowC, 0), sized('°C', highC, 0))}${shownUnit('°C').unit}`;
}
