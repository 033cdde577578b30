import type { Portion } from '@/core/matter/materials/portion';
import { COLORANTS } from './colorants';
import type { Triple } from './spectrum';
import { hexOfLinear, linearOfHex } from './srgb';

/** White of dry soda and acid: a hair warm. Rovack estimate. */
const BASE_HEX = '#f5f2ea';
/** No pigment swallows everything: a floor for reflectance keeps K/S finite. */
const LEAST_REFLECTANCE = 0.01;
/** A dye alone has nothing to scatter: a trace of white keeps it a color. */
const LEAST_SCATTER = 0.001;

const BASE = linearOfHex(BASE_HEX);
const BASE_KS = ksOfTint(BASE_HEX);
/** What 1% of each colorant swallows, channel by channel, and scatters; the white base scatters 1. */
const PER_PCT: ReadonlyMap<string, { readonly k: Triple; readonly s: number }> = new Map(
  Object.entries(COLORANTS).map(([id, { tintHex, strengthPerPct, scatterPerPct }]) => {
    const [r, g, b] = ksOfTint(tintHex);
    const k: Triple = [r * strengthPerPct, g * strengthPerPct, b * strengthPerPct];
    return [id, { k, s: scatterPerPct }];
  }),
);

/**
 * Color of the dry piece: two-constant Kubelka-Munk on a white base, what is swallowed and what is scattered each adding
 * by amount, channel by channel in linear sRGB: K/S = (1 - R)^2 / 2R and back R = 1 + K/S - sqrt((K/S)^2 + 2 K/S). A
 * heap of one pigment has its own tint, and a white one whitens.
 * Source: Kubelka and Munk 1931; Duncan 1940 for mixtures, not looked up; strengths are Rovack estimates.
 * @param contents the mix that is colored, grams 0 or more
 * @returns `#rrggbb`
 */
export function powderHex(contents: readonly Portion[]): string {
  let totalG = 0;
  let [r, g, b, scatter, coloredG] = [0, 0, 0, 0, 0];
  for (const { material, massG } of contents) {
    totalG += massG;
    const one = PER_PCT.get(material.likeId);
    if (!one) continue;
    coloredG += massG;
    r += massG * one.k[0];
    g += massG * one.k[1];
    b += massG * one.k[2];
    scatter += massG * one.s;
  }
  if (!(totalG > 0)) return hexOfLinear(BASE);
  const share = 100 / totalG;
  const base = Math.max(LEAST_SCATTER, 1 - coloredG / totalG);
  const all = base + scatter * share;
  return hexOfLinear([
    reflected((base * BASE_KS[0] + r * share) / all),
    reflected((base * BASE_KS[1] + g * share) / all),
    reflected((base * BASE_KS[2] + b * share) / all),
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
