import { entryAt } from '@/core/basics/entryAt';
import type { Material } from '@/core/matter/materials/material';
import type { Portion } from '@/core/matter/materials/portion';
import { COLORANTS } from './colorants';
import type { Triple } from './spectrum';
import { hexOfLinear, linearOfHex } from './srgb';

/** White of dry soda and acid: a hair warm. Rovack estimate. */
const BASE_HEX = '#f5f2ea';
/** No pigment swallows everything: a floor for reflectance keeps K/S finite. */
const LEAST_REFLECTANCE = 0.01;
/** Nothing is whiter than this where a color is wanted: the slope at white has no end. */
const MOST_WANTED = 0.995;
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

/** A dry mix as light meets it: what swallows and what scatters, each adding by amount. */
export interface PowderMix {
  readonly totalG: number;
  /** What is no colorant. */
  readonly whiteG: number;
  /** Grams times what 1% swallows, by channel, and scatters. */
  readonly swallows: Triple;
  readonly scatters: number;
}

/** Sums what a mix swallows and scatters. @param contents grams 0 or more */
export function powderMix(contents: readonly Portion[]): PowderMix {
  let totalG = 0;
  let [r, g, b, scatters, coloredG] = [0, 0, 0, 0, 0];
  for (const { material, massG } of contents) {
    totalG += massG;
    const one = PER_PCT.get(material.likeId);
    if (!one) continue;
    coloredG += massG;
    r += massG * one.k[0];
    g += massG * one.k[1];
    b += massG * one.k[2];
    scatters += massG * one.s;
  }
  return { totalG, whiteG: totalG - coloredG, swallows: [r, g, b], scatters };
}

/**
 * Color of the dry piece: two-constant Kubelka-Munk on a white base, what is swallowed and what is scattered each adding
 * by amount, channel by channel in linear sRGB: K/S = (1 - R)^2 / 2R and back R = 1 + K/S - sqrt((K/S)^2 + 2 K/S). A
 * heap of one pigment has its own tint, and a white one whitens.
 * Source: Kubelka and Munk 1931; Duncan 1940 for mixtures, not looked up; strengths are Rovack estimates.
 * @returns linear sRGB, each 0 to 1
 */
export function powderLinear({ totalG, whiteG, swallows, scatters }: PowderMix): Triple {
  if (!(totalG > 0)) return BASE;
  const white = Math.max(LEAST_SCATTER * totalG, whiteG);
  const all = white + 100 * scatters;
  return [
    reflected((white * BASE_KS[0] + 100 * swallows[0]) / all),
    reflected((white * BASE_KS[1] + 100 * swallows[1]) / all),
    reflected((white * BASE_KS[2] + 100 * swallows[2]) / all),
  ];
}

/** Color of the dry piece, `#rrggbb`, as {@link powderLinear}. @param contents the mix that is colored, grams 0 or more */
export function powderHex(contents: readonly Portion[]): string {
  return hexOfLinear(powderLinear(powderMix(contents)));
}

/**
 * Three equations that the grams of colorants must meet for a wanted color: what is missing, and what each brings by the
 * gram. Kubelka-Munk is linear in the grams once the color is given. Each channel counts by how much of it is seen.
 * @param colorants each of {@link COLORANTS} by its material
 */
export function powderEquations(
  base: PowderMix,
  wanted: Triple,
  colorants: readonly Material[],
): { readonly missing: Triple; readonly perG: readonly Triple[] } {
  const light = wanted.map((one) => Math.min(MOST_WANTED, Math.max(LEAST_REFLECTANCE, one)));
  const wantedKs = light.map(ksOf);
  // How fast the cube root of the light, which is about what is seen, moves with K/S.
  const perChannel = (f: (channel: 0 | 1 | 2, ks: number) => number): Triple => {
    const seen = (c: 0 | 1 | 2) => {
      const ks = entryAt(wantedKs, c);
      const slope = (ks + 1) / Math.sqrt(ks * ks + 2 * ks) - 1;
      return (f(c, ks) * slope) / entryAt(light, c) ** (2 / 3);
    };
    return [seen(0), seen(1), seen(2)];
  };
  return {
    missing: perChannel(
      (c, ks) =>
        ks * (base.whiteG + 100 * base.scatters) -
        base.whiteG * BASE_KS[c] -
        100 * base.swallows[c],
    ),
    perG: colorants.map(({ likeId }) => {
      const one = PER_PCT.get(likeId);
      return perChannel((c, ks) => (one ? 100 * (one.k[c] - ks * one.s) : 0));
    }),
  };
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
