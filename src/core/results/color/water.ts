import type { Material } from '@/core/matter/materials/material';
import type { Portion } from '@/core/matter/materials/portion';
import { COLORANTS, type DyeBand } from './colorants';
import { WAVELENGTHS_NM, daylightXyz, type Triple } from './spectrum';
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

/** Absorbance through a bath of 1 g/L at each wavelength; null for what does not tint the water. */
export function bathCurve({ likeId }: Pick<Material, 'likeId'>): Float64Array | null {
  return CURVES.get(likeId) ?? null;
}

/** Absorbance of a bath by its contents. @param volumeL liters, over 0 */
export function bathAbsorbance(contents: readonly Portion[], volumeL: number): Float64Array {
  const absorbance = new Float64Array(CLEAR.length);
  for (const { material, massG } of contents) {
    const curve = bathCurve(material);
    if (curve)
      for (let i = 0; i < curve.length; i++)
        absorbance[i] = (absorbance[i] ?? 0) + ((curve[i] ?? 0) * massG) / volumeL;
  }
  return absorbance;
}

/** The color that an absorbance has in daylight, white where it is nothing. @returns linear sRGB, each 0 to 1 */
export function waterLinear(absorbance: Float64Array): Triple {
  const seen = convertXyzToLinear(daylightXyz(absorbance));
  return mappedIntoGamut([seen[0] / WHITE[0], seen[1] / WHITE[1], seen[2] / WHITE[2]]);
}

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
  const tints = contents.some(({ material }) => CURVES.has(material.likeId));
  return hexOfLinear(tints ? waterLinear(bathAbsorbance(contents, volumeL)) : [1, 1, 1]);
}

function curveOf(bands: readonly DyeBand[]): Float64Array {
  return Float64Array.from(WAVELENGTHS_NM, (nm) =>
    bands.reduce((sum, { peakNm, widthNm, absorbanceLGCm }) => {
      const t = (nm - peakNm) / widthNm;
      return sum + absorbanceLGCm * DEPTH_CM * Math.exp(-0.5 * t * t);
    }, 0),
  );
}
