import { entryAt } from '@/core/basics/entryAt';
import type { Material } from '@/core/matter/materials/material';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { COLORANTS } from '../colorants';
import { nearestMixtures, type ColorSpace, type Mixture } from './search';
import { deltaE2000, labOfHex } from '../difference';
import { powderEquations, powderHex, powderLinear, powderMix, type PowderMix } from '../powder';
import type { Triple } from '../spectrum';
import { linearOfHex } from '../srgb';
import { bathAbsorbance, bathCurve, waterHex, waterLinear } from '../water';

/** A colorant that may be used, and up to how many grams. */
export interface Offered {
  readonly material: Material;
  /** In the section, 0 or more. */
  readonly mostG: number;
}

/** What is to be colored. */
export type Colored =
  | {
      /** The dry section, by itself. */
      readonly kind: 'dry';
      /** All that is in it but the colors that are looked for. */
      readonly base: readonly Portion[];
    }
  | {
      /** The water that one piece goes into. */
      readonly kind: 'tub';
      /** All of the formula but the colors that are looked for. */
      readonly base: readonly Portion[];
      /** How much of the formula goes into the water: a share of it, or grams. */
      readonly piece: { readonly share: number } | { readonly grams: number };
      /** Liters, over 0. */
      readonly volumeL: number;
    };

export interface ColorOrder {
  readonly colored: Colored;
  /** `#rrggbb` */
  readonly wantedHex: string;
  readonly offered: readonly Offered[];
}

/** What comes nearest to a wanted color. */
export interface ColorFound {
  /** Grams to put into the section; empty where it is best left as it is. */
  readonly lines: readonly Portion[];
  readonly reachedHex: string;
  /** ΔE2000 from what is wanted to what is reached: 1 is just seen side by side. */
  readonly deltaE: number;
  /** Colorants that would have to go over their rate. */
  readonly atRate: readonly Material[];
}

/** A color this near is the same to the eye, ΔE2000. Common practice. */
export const SAME_COLOR = 1;
/** One colorant more must bring this much, ΔE2000. Rovack estimate: half of what is just seen. */
const WORTH = 0.5;
/** A color on screen is rounded: it is the same for sure from here on. */
const SURELY_SAME = 0.75;
/** Less than this of its rate is none. */
const LEAST_SHARE = 1e-4;
const AT_RATE = 0.999;

/** Can it color this at all? @returns false for a colorant of unknown hue, and in water for what only floats */
export function canColor(kind: Colored['kind'], material: Material): boolean {
  return kind === 'dry' ? material.likeId in COLORANTS : bathCurve(material) !== null;
}

/**
 * Amounts of at most three colorants that bring a mix, or the water, nearest to a color, each within its most. Fewer
 * colorants go before more that hardly help.
 */
export function colorToOrder({ colored, wantedHex, offered }: ColorOrder): ColorFound {
  const fit = offered.filter(
    ({ material, mostG }) => mostG > 0 && canColor(colored.kind, material),
  );
  const space = spaceOf(colored, linearOfHex(wantedHex), fit);
  const wanted = labOfHex(wantedHex);
  const bare = deltaE2000(wanted, labOfHex(hexWith(colored, [])));
  const chosen = fewestOf(nearestMixtures(space, wanted), bare);
  const lines = (chosen?.which ?? []).flatMap((i, j) => {
    const { material, mostG } = entryAt(fit, i);
    const massG = entryAt(chosen?.grams ?? [], j);
    return massG > LEAST_SHARE * mostG ? [{ material, massG }] : [];
  });
  const reachedHex = hexWith(colored, lines);
  const mostOf = new Map(fit.map(({ material, mostG }) => [material, mostG]));
  return {
    lines,
    reachedHex,
    deltaE: deltaE2000(wanted, labOfHex(reachedHex)),
    atRate: lines.flatMap(({ material, massG }) =>
      massG >= AT_RATE * (mostOf.get(material) ?? Infinity) ? [material] : [],
    ),
  };
}

/** The smallest of the mixtures that is near enough to the best; null where the base alone is. */
function fewestOf(mixtures: readonly Mixture[], bare: number): Mixture | null {
  const best = Math.min(bare, ...mixtures.map(({ deltaE }) => deltaE));
  const isEnough = (deltaE: number) =>
    deltaE === best || (deltaE - best < WORTH && (deltaE < SURELY_SAME || best >= SAME_COLOR));
  if (isEnough(bare)) return null;
  return mixtures.find(({ deltaE }) => isEnough(deltaE)) ?? null;
}

function hexWith(colored: Colored, lines: readonly Portion[]): string {
  const all = [...colored.base, ...lines];
  if (colored.kind === 'dry') return powderHex(all);
  const share = shareOf(colored.piece, portionsG(all));
  return waterHex(
    all.map(({ material, massG }) => ({ material, massG: massG * share })),
    colored.volumeL,
  );
}

type Tub = Extract<Colored, { kind: 'tub' }>;

/** What goes into the water of a formula that weighs so much. */
function shareOf(piece: Tub['piece'], totalG: number): number {
  return 'share' in piece ? piece.share : Math.min(1, piece.grams / totalG);
}

function spaceOf(colored: Colored, wanted: Triple, fit: readonly Offered[]): ColorSpace {
  return colored.kind === 'dry'
    ? drySpace(colored.base, wanted, fit)
    : tubSpace(colored, wanted, fit);
}

function drySpace(base: readonly Portion[], wanted: Triple, fit: readonly Offered[]): ColorSpace {
  const mix = powderMix(base);
  const ofGram = fit.map(({ material }) => powderMix([{ material, massG: 1 }]));
  return {
    mostG: fit.map(({ mostG }) => mostG),
    ...powderEquations(
      mix,
      wanted,
      fit.map(({ material }) => material),
    ),
    colorOf: (which, grams) => {
      let sum = mix;
      which.forEach((i, j) => (sum = plus(sum, entryAt(ofGram, i), entryAt(grams, j))));
      return powderLinear(sum);
    },
  };
}

function plus(a: PowderMix, b: PowderMix, times: number): PowderMix {
  return {
    totalG: a.totalG + times * b.totalG,
    whiteG: a.whiteG + times * b.whiteG,
    swallows: [
      a.swallows[0] + times * b.swallows[0],
      a.swallows[1] + times * b.swallows[1],
      a.swallows[2] + times * b.swallows[2],
    ],
    scatters: a.scatters + times * b.scatters,
  };
}

/** A hint of light comes through everything: its logarithm is finite. */
const LEAST_LIGHT = 2e-3;

function tubSpace(
  { base, piece, volumeL }: Tub,
  wanted: Triple,
  fit: readonly Offered[],
): ColorSpace {
  const baseG = portionsG(base);
  const whole = bathAbsorbance(base, volumeL);
  const curves = fit.map(({ material }) => bathAbsorbance([{ material, massG: 1 }], volumeL));
  const colorOf = (which: readonly number[], grams: readonly number[]): Triple => {
    const share = shareOf(
      piece,
      grams.reduce((sum, one) => sum + one, baseG),
    );
    const absorbance = new Float64Array(whole.length);
    for (let k = 0; k < whole.length; k++) {
      let sum = whole[k] ?? 0;
      which.forEach((i, j) => (sum += (curves[i]?.[k] ?? 0) * entryAt(grams, j)));
      absorbance[k] = share * sum;
    }
    return waterLinear(absorbance);
  };
  const density = (light: Triple): Triple => [
    -Math.log10(Math.max(LEAST_LIGHT, light[0])),
    -Math.log10(Math.max(LEAST_LIGHT, light[1])),
    -Math.log10(Math.max(LEAST_LIGHT, light[2])),
  ];
  const less = (a: Triple, b: Triple): Triple => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
  const bare = density(colorOf([], []));
  const most = density(wanted);
  return {
    mostG: fit.map(({ mostG }) => mostG),
    colorOf,
    missing: less(most, bare),
    perG: fit.map(({ mostG }, i) => {
      // A dye is judged by about as much of it as the color is deep.
      const gramsFor = gramsOfDepth(colorOf, i, mostG, Math.max(...most));
      const [r, g, b] = less(density(colorOf([i], [gramsFor])), bare);
      return [r / gramsFor, g / gramsFor, b / gramsFor];
    }),
  };
}

/** Grams of one dye that make its deepest channel about so deep, by halving. */
function gramsOfDepth(
  colorOf: ColorSpace['colorOf'],
  i: number,
  mostG: number,
  depth: number,
): number {
  let grams = mostG;
  for (let halving = 0; halving < 12; halving++) {
    if (-Math.log10(Math.max(LEAST_LIGHT, Math.min(...colorOf([i], [grams])))) <= depth) break;
    grams /= 2;
  }
  return grams;
}
