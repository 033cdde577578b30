import type { Portion } from '@/core/matter/materials/portion';
import { COLORANTS, type DyeBand } from './colorants';
import { WAVELENGTHS_NM, daylightXyz } from './spectrum';
import { convertXyzToLinear, hexOfLinear, mappedIntoGamut } from './srgb';

/** Depth of a bath the light goes through, cm. Common practice. */
const DEPTH_CM = 30;
const CLEAR = new Float64Array(WAVELENGTHS_NM.length);
const WHITE = convertXyzToLinear(daylightXyz(CLEAR));
/** Absorbance of 1 g/L of each dye through a bath, at every wavelength. */
const CURVES: ReadonlyMap<string, Float64Array> = new Map(
  Object.entries(COLORANTS).flatMap(([id, { bands }]) =>
    bands.length > 0 ? [[id, curveOf(bands)] as const] : [],
  ),
);

/**
 * Color of the tub water: Beer-Lambert over each dye's bands, in daylight, for the 1931 observer.
 * Dyes dissolve, lakes disperse and tint faintly, micas float and oxides sink and do not tint it. What a screen cannot
 * show is drawn toward gray, not clipped. No dye is white exactly.
 * @param contents what dissolves, grams 0 or more
 * @param volumeL liters, over 0
 * @returns `#rrggbb`
 * @throws RangeError for a volume that is not over 0
 */
export function waterHex(contents: readonly Portion[], volumeL: number): string {
  if (!(volumeL > 0)) throw new RangeError(`volumeL must be over 0, got ${volumeL}`);
  let absorbance = CLEAR;
  for (const { material, massG } of contents) {
    const curve = CURVES.get(material.likeId);
    if (!curve) continue;
    if (absorbance === CLEAR) absorbance = new Float64Array(CLEAR.length);
    for (let i = 0; i < curve.length; i++)
      absorbance[i] = (absorbance[i] ?? 0) + ((curve[i] ?? 0) * massG) / volumeL;
  }
  if (absorbance === CLEAR) return hexOfLinear([1, 1, 1]);
  const seen = convertXyzToLinear(daylightXyz(absorbance));
  return hexOfLinear(mappedIntoGamut([seen[0] / WHITE[0], seen[1] / WHITE[1], seen[2] / WHITE[2]]));
}

function curveOf(bands: readonly DyeBand[]): Float64Array {
  return Float64Array.from(WAVELENGTHS_NM, (nm) =>
    bands.reduce((sum, { peakNm, widthNm, absorbanceLGCm }) => {
      const t = (nm - peakNm) / widthNm;
      return sum + absorbanceLGCm * DEPTH_CM * Math.exp(-0.5 * t * t);
    }, 0),
  );
}
