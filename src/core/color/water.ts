import type { Portion } from '../materials';
import { COLORANTS } from './colorants';
import { daylightXyz } from './spectrum';
import { convertXyzToLinear, hexOfLinear } from './srgb';

/** Depth of a bath the light goes through, cm. Common practice. */
const DEPTH_CM = 30;
const WHITE = convertXyzToLinear(daylightXyz(() => 1));

/**
 * Color of the tub water: Beer-Lambert over each dye's bands, in daylight, for the 1931 observer.
 * Lakes, micas and oxides only float and do not tint it. No dye is white exactly.
 * @param contents what dissolves, grams 0 or more
 * @param volumeL liters, over 0
 * @returns `#rrggbb`
 * @throws RangeError for a volume that is not over 0
 */
export function waterHex(contents: readonly Portion[], volumeL: number): string {
  if (!(volumeL > 0)) throw new RangeError(`volumeL must be over 0, got ${volumeL}`);
  const bands = contents.flatMap(({ material, massG }) =>
    (COLORANTS[material.likeId]?.bands ?? []).map((band) => ({
      ...band,
      gL: massG / volumeL,
    })),
  );
  const absorbance = (nm: number) =>
    bands.reduce((sum, { peakNm, widthNm, absorbanceLGCm, gL }) => {
      const t = (nm - peakNm) / widthNm;
      return sum + absorbanceLGCm * gL * DEPTH_CM * Math.exp(-0.5 * t * t);
    }, 0);
  const seen = convertXyzToLinear(daylightXyz((nm) => 10 ** -absorbance(nm)));
  return hexOfLinear([seen[0] / WHITE[0], seen[1] / WHITE[1], seen[2] / WHITE[2]]);
}
