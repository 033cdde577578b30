import type { Triple } from './spectrum';
import { linearOfHex } from './srgb';

/** CIELAB: lightness 0 to 100, a and b about -100 to 100. */
export type Lab = readonly [l: number, a: number, b: number];

const DEG = Math.PI / 180;
/** White of daylight D65, 2 degree observer. Source: CIE 15. */
const WHITE = [0.95047, 1, 1.08883] as const;

/** CIELAB of a color on screen. Source: IEC 61966-2-1 (sRGB to XYZ), CIE 15; not looked up. @param hex `#rrggbb` */
export function labOfHex(hex: string): Lab {
  return labOfLinear(linearOfHex(hex));
}

/** CIELAB of linear sRGB, each 0 to 1; as {@link labOfHex}. */
export function labOfLinear([r, g, b]: Triple): Lab {
  const x = 0.4124564 * r + 0.3575761 * g + 0.1804375 * b;
  const y = 0.2126729 * r + 0.7151522 * g + 0.072175 * b;
  const z = 0.0193339 * r + 0.119192 * g + 0.9503041 * b;
  const fx = lightnessOf(x / WHITE[0]);
  const fy = lightnessOf(y / WHITE[1]);
  const fz = lightnessOf(z / WHITE[2]);
  return [116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)];
}

function lightnessOf(t: number): number {
  return t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116;
}

/**
 * Difference of two colors as it is seen, ΔE2000: 1 is just seen side by side.
 * Source: Sharma, Wu and Dalal 2005, Color Res. Appl. 30; its worked pairs stand in the tests.
 */
export function deltaE2000([l1, a1, b1]: Lab, [l2, a2, b2]: Lab): number {
  const meanChroma = (Math.hypot(a1, b1) + Math.hypot(a2, b2)) / 2;
  const g = 0.5 * (1 - Math.sqrt(meanChroma ** 7 / (meanChroma ** 7 + 25 ** 7)));
  const [c1, h1] = polar((1 + g) * a1, b1);
  const [c2, h2] = polar((1 + g) * a2, b2);
  const isGray = c1 * c2 === 0;
  const turn = isGray ? 0 : shortTurn(h2 - h1);
  const dl = l2 - l1;
  const dc = c2 - c1;
  const dh = 2 * Math.sqrt(c1 * c2) * Math.sin((turn * DEG) / 2);
  const l = (l1 + l2) / 2;
  const c = (c1 + c2) / 2;
  const h = isGray ? h1 + h2 : (h1 + turn / 2 + 360) % 360;
  const t =
    1 -
    0.17 * Math.cos((h - 30) * DEG) +
    0.24 * Math.cos(2 * h * DEG) +
    0.32 * Math.cos((3 * h + 6) * DEG) -
    0.2 * Math.cos((4 * h - 63) * DEG);
  const sl = 1 + (0.015 * (l - 50) ** 2) / Math.sqrt(20 + (l - 50) ** 2);
  const sc = 1 + 0.045 * c;
  const sh = 1 + 0.015 * c * t;
  const rc = 2 * Math.sqrt(c ** 7 / (c ** 7 + 25 ** 7));
  const rt = -Math.sin(2 * 30 * Math.exp(-(((h - 275) / 25) ** 2)) * DEG) * rc;
  return Math.sqrt((dl / sl) ** 2 + (dc / sc) ** 2 + (dh / sh) ** 2 + rt * (dc / sc) * (dh / sh));
}

/** The shorter way round, degrees; half a turn stays as it is. */
function shortTurn(degrees: number): number {
  if (degrees > 180) return degrees - 360;
  return degrees < -180 ? degrees + 360 : degrees;
}

function polar(a: number, b: number): readonly [chroma: number, hueDeg: number] {
  return [Math.hypot(a, b), (Math.atan2(b, a) / DEG + 360) % 360];
}
