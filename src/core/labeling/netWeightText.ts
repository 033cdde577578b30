import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from '../units';

/**
 * Net weight as a label says it: ounces and grams, pounds from one pound up.
 * Source: US 21 CFR 701.13, from memory; the figure never rounds up past what is there.
 * @param nominalG over 0
 * @example netWeightText(120) // 'Net wt 4.2 oz (120 g)'
 */
export function netWeightText(nominalG: number): string {
  if (!(nominalG > 0)) throw new RangeError(`nominalG must be over 0, got ${nominalG}`);
  const ounces = nominalG / GRAMS_PER_OUNCE;
  const down = (value: number, digits: number) =>
    Math.floor(value * 10 ** digits + 1e-9) / 10 ** digits;
  const grams = `${down(nominalG, nominalG < 10 ? 1 : 0)} g`;
  if (nominalG < GRAMS_PER_POUND) return `Net wt ${down(ounces, 1)} oz (${grams})`;
  const pounds = down(nominalG / GRAMS_PER_POUND, 2);
  return `Net wt ${down(ounces, 1)} oz (${pounds} lb) ${grams}`;
}
