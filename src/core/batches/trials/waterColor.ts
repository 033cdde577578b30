import type { Result } from '@/core/basics/result';

/** Light of a photo at one place, each channel 0 to 255. */
export interface Rgb {
  readonly r: number;
  readonly g: number;
  readonly b: number;
}

export type ColorResult = Result<string, 'no-white' | 'too-dark' | 'too-bright'>;

/** A card darker than this, or further from gray, is none. Rovack estimates. */
const LEAST_WHITE = 90;
const MOST_TINT = 0.45;
/** A channel at its end holds nothing more. */
const FULL = 254;

/**
 * The color of water in a photo, as it would be in daylight: each channel of the light against that of a white card in
 * the same photo. Source: von Kries' scaling in linear sRGB, not looked up; IEC 61966-2-1 for the curve.
 * @param white a place on the card @param water a place in the water
 */
export function colorByCard(white: Rgb, water: Rgb): ColorResult {
  const channels = [white.r, white.g, white.b];
  const [least, most] = [Math.min(...channels), Math.max(...channels)];
  if (most < LEAST_WHITE) return { ok: false, problem: 'too-dark' };
  if (least >= FULL) return { ok: false, problem: 'too-bright' };
  if ((most - least) / most > MOST_TINT) return { ok: false, problem: 'no-white' };
  const seen = (of: number, card: number) =>
    Math.min(1, linear(of / 255) / Math.max(1e-4, linear(card / 255)));
  const rgb = [seen(water.r, white.r), seen(water.g, white.g), seen(water.b, white.b)];
  return { ok: true, value: hexOf(rgb.map(curved)) };
}

/** Colors to hold beside the water: paler and deeper than what was forecast, and to both sides of it. */
export function stripAround(hex: string): readonly string[] {
  const rgb = [1, 3, 5].map((at) => linear(parseInt(hex.slice(at, at + 2), 16) / 255));
  const deeper = (by: number) => hexOf(rgb.map((one) => curved(Math.max(0.002, one) ** by)));
  const turned = (shift: readonly number[]) =>
    hexOf(rgb.map((one, i) => curved(Math.min(1, one * (shift[i] ?? 1)))));
  return [
    deeper(0.35),
    deeper(0.65),
    hex,
    deeper(1.6),
    deeper(2.6),
    turned([1.25, 1, 0.75]),
    turned([0.75, 1, 1.25]),
  ];
}

function linear(value: number): number {
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
}

function curved(value: number): number {
  return value <= 0.0031308 ? 12.92 * value : 1.055 * value ** (1 / 2.4) - 0.055;
}

function hexOf(rgb: readonly number[]): string {
  return `#${rgb
    .map((value) =>
      Math.round(255 * Math.min(1, Math.max(0, value)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}
