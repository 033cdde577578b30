import type { Portion } from '../materials';
import { COLORANTS } from './colorants';
import { hexOfLinear, linearOfHex } from './srgb';
import type { Triple } from './spectrum';

/** White of dry soda and acid: a hair warm. Start value of ours. */
const BASE_HEX = '#f5f2ea';
/** No pigment swallows everything: a floor for reflectance keeps K/S finite. */
const LEAST_REFLECTANCE = 0.01;

/**
 * Color of the dry piece: single-constant Kubelka-Munk on a white base, K/S adding by amount,
 * channel by channel in linear sRGB: K/S = (1 - R)^2 / 2R and back R = 1 + K/S - sqrt((K/S)^2 + 2 K/S).
 * Source: Kubelka and Munk 1931; strengths are start values of ours.
 * @param contents the mix that is colored, grams 0 or more
 * @returns `#rrggbb`
 */
export function powderHex(contents: readonly Portion[]): string {
  const totalG = contents.reduce((sum, { massG }) => sum + massG, 0);
  const base = linearOfHex(BASE_HEX);
  if (!(totalG > 0)) return hexOfLinear(base);
  const channels = ([0, 1, 2] as const).map((channel) => {
    const ks = contents.reduce((sum, { material, massG }) => {
      const colorant = COLORANTS[material.likeId];
      if (!colorant) return sum;
      const pct = (100 * massG) / totalG;
      return sum + pct * colorant.strengthPerPct * ksOf(linearOfHex(colorant.tintHex)[channel]);
    }, ksOf(base[channel]));
    return 1 + ks - Math.sqrt(ks * ks + 2 * ks);
  });
  return hexOfLinear(channels as unknown as Triple);
}

function ksOf(reflectance: number): number {
  const r = Math.max(LEAST_REFLECTANCE, reflectance);
  return (1 - r) ** 2 / (2 * r);
}
