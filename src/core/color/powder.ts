import type { Portion } from '../materials';
import { COLORANTS } from './colorants';
import type { Triple } from './spectrum';
import { hexOfLinear, linearOfHex } from './srgb';

/** White of dry soda and acid: a hair warm. Start value of ours. */
const BASE_HEX = '#f5f2ea';
/** No pigment swallows everything: a floor for reflectance keeps K/S finite. */
const LEAST_REFLECTANCE = 0.01;

const BASE = linearOfHex(BASE_HEX);
const BASE_KS = ksOfTint(BASE_HEX);
/** K/S of 1 % of each colorant in the mix, channel by channel. */
const KS_PER_PCT: ReadonlyMap<string, Triple> = new Map(
  Object.entries(COLORANTS).map(([id, { tintHex, strengthPerPct }]) => {
    const [r, g, b] = ksOfTint(tintHex);
    return [id, [r * strengthPerPct, g * strengthPerPct, b * strengthPerPct]];
  }),
);

/**
 * Color of the dry piece: single-constant Kubelka-Munk on a white base, K/S adding by amount,
 * channel by channel in linear sRGB: K/S = (1 - R)^2 / 2R and back R = 1 + K/S - sqrt((K/S)^2 + 2 K/S).
 * Source: Kubelka and Munk 1931; strengths are start values of ours.
 * @param contents the mix that is colored, grams 0 or more
 * @returns `#rrggbb`
 */
export function powderHex(contents: readonly Portion[]): string {
  let totalG = 0;
  let [r, g, b] = [0, 0, 0];
  for (const { material, massG } of contents) {
    totalG += massG;
    const ks = KS_PER_PCT.get(material.likeId);
    if (!ks) continue;
    r += massG * ks[0];
    g += massG * ks[1];
    b += massG * ks[2];
  }
  if (!(totalG > 0)) return hexOfLinear(BASE);
  const share = 100 / totalG;
  return hexOfLinear([
    reflected(BASE_KS[0] + r * share),
    reflected(BASE_KS[1] + g * share),
    reflected(BASE_KS[2] + b * share),
  ]);
}

function reflected(ks: number): number {
  return 1 + ks - Math.sqrt(ks * ks + 2 * ks);
}

function ksOfTint(hex: string): Triple {
  const [r, g, b] = linearOfHex(hex);
  return [ksOf(r), ksOf(g), ksOf(b)];
}

function ksOf(reflectance: number): number {
  const r = Math.max(LEAST_REFLECTANCE, reflectance);
  return (1 - r) ** 2 / (2 * r);
}
