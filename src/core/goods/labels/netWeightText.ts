import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from '@/core/basics/units/mass';
import { isEuropean, type Market } from './market';

/** From so many pounds on, pounds lead. Source: US 21 CFR 701.13, not looked up. */
const POUNDS_LEAD_FROM = 4;

/** What stands on a label for a mass. */
export interface NetWeight {
  readonly g: number;
  readonly oz: number;
  readonly text: string;
}

/**
 * Net weight as a label says it; the figure never rounds up past what is there. In the EU grams, kilograms from one
 * kilogram on. In the US ounces with grams, from one pound on pounds beside them, from four pounds on pounds first.
 * Source: US 21 CFR 701.13; Council Directive 76/211/EEC; not looked up.
 * @param nominalG over 0
 * @throws RangeError for a mass that is not over 0
 * @example netWeightText(120, 'us') // 'Net wt 4.2 oz (120 g)'
 */
export function netWeightText(nominalG: number, market: Market): string {
  if (!(nominalG > 0 && nominalG < Infinity))
    throw new RangeError(`nominalG must be over 0, got ${nominalG}`);
  const metric = metricText(nominalG);
  if (isEuropean(market)) return metric;
  const ounces = `${down(nominalG / GRAMS_PER_OUNCE, nominalG < GRAMS_PER_OUNCE ? 2 : 1)} oz`;
  const pounds = nominalG / GRAMS_PER_POUND;
  if (pounds < 1) return `Net wt ${ounces} (${metric})`;
  if (pounds < POUNDS_LEAD_FROM) return `Net wt ${ounces} (${down(pounds, 2)} lb) ${metric}`;
  return `Net wt ${down(pounds, 2)} lb (${metric})`;
}

export function netWeight(nominalG: number, market: Market): NetWeight {
  return {
    g: nominalG,
    oz: nominalG / GRAMS_PER_OUNCE,
    text: netWeightText(nominalG, market),
  };
}

function metricText(massG: number): string {
  if (massG >= 1000) return `${down(massG / 1000, 2)} kg`;
  return `${down(massG, massG < 10 ? 1 : 0)} g`;
}

function down(value: number, digits: number): number {
  return Math.floor(value * 10 ** digits + 1e-9) / 10 ** digits;
}

interface HeightRow {
  readonly upTo: number;
  readonly mm: number;
}

/** By grams of the nominal quantity. Source: Council Directive 76/211/EEC, annex I, 3.1, not looked up. */
const EU_HEIGHTS = [
  { upTo: 50, mm: 2 },
  { upTo: 200, mm: 3 },
  { upTo: 1000, mm: 4 },
  { upTo: Infinity, mm: 6 },
] as const satisfies readonly HeightRow[];

/** By square inches of the panel one looks at. Source: US 21 CFR 701.13 (i), not looked up. */
const US_HEIGHTS = [
  { upTo: 5, mm: 25.4 / 16 },
  { upTo: 25, mm: 25.4 / 8 },
  { upTo: 100, mm: (25.4 * 3) / 16 },
  { upTo: 400, mm: 25.4 / 4 },
  { upTo: Infinity, mm: 25.4 / 2 },
] as const satisfies readonly HeightRow[];

/**
 * Least height of the figures of the net weight, millimeters.
 * @param nominalG over 0
 * @param areaMm2 of the side one looks at, over 0
 */
export function leastNetHeightMm(nominalG: number, areaMm2: number, market: Market): number {
  const find = (rows: readonly HeightRow[], value: number) =>
    rows.find(({ upTo }) => value <= upTo)?.mm ?? 0;
  return isEuropean(market) ? find(EU_HEIGHTS, nominalG) : find(US_HEIGHTS, areaMm2 / 25.4 ** 2);
}

/** Least height of a small letter. Source: US 21 CFR 701.3 (b): 1/16 inch, 1/32 under 12 square inches; EU practice 1.2 mm capitals; not looked up. */
export function leastLetterMm(areaMm2: number, market: Market): number {
  if (market === 'us') return areaMm2 / 25.4 ** 2 < 12 ? 25.4 / 32 : 25.4 / 16;
  return 0.9;
}
