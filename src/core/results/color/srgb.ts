import type { Triple } from './spectrum';

/** Linear sRGB from CIE XYZ (D65, Y of white 1); may leave 0 to 1. Source: IEC 61966-2-1. */
export function convertXyzToLinear([x, y, z]: Triple): Triple {
  return [
    3.2404542 * x - 1.5371385 * y - 0.4985314 * z,
    -0.969266 * x + 1.8760108 * y + 0.041556 * z,
    0.0556434 * x - 0.2040259 * y + 1.0572252 * z,
  ];
}

/**
 * A color that a screen cannot show, drawn toward the gray of its own lightness until it can: hue and lightness stay.
 * @returns linear sRGB, each 0 to 1
 */
export function mappedIntoGamut(linear: Triple): Triple {
  const [r, g, b] = linear;
  const gray = Math.min(1, Math.max(0, 0.2126729 * r + 0.7151522 * g + 0.072175 * b));
  const share = linear.reduce((least, value) => {
    if (value > 1) return Math.min(least, (1 - gray) / (value - gray));
    return value < 0 ? Math.min(least, gray / (gray - value)) : least;
  }, 1);
  return [gray + share * (r - gray), gray + share * (g - gray), gray + share * (b - gray)];
}

/** `#rrggbb` of linear sRGB, clipped to what a screen shows. Source: IEC 61966-2-1. */
export function hexOfLinear(linear: Triple): string {
  return `#${bytesOfLinear(linear)
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('')}`;
}

/** Red, green and blue from 0 to 255, as {@link hexOfLinear}. */
export function bytesOfLinear([r, g, b]: Triple): Triple {
  return [byteOf(r), byteOf(g), byteOf(b)];
}

function byteOf(value: number): number {
  return Math.round(255 * encode(Math.min(1, Math.max(0, value))));
}

/** Linear sRGB of `#rrggbb`. @throws RangeError for any other text */
export function linearOfHex(hex: string): Triple {
  const match = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(hex);
  if (!match) throw new RangeError(`hex must be #rrggbb, got ${hex}`);
  const [r, g, b] = match.slice(1).map((byte) => decode(parseInt(byte, 16) / 255));
  return [r ?? 0, g ?? 0, b ?? 0];
}

function encode(linear: number): number {
  return linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055;
}

function decode(encoded: number): number {
  return encoded <= 0.04045 ? encoded / 12.92 : ((encoded + 0.055) / 1.055) ** 2.4;
}
