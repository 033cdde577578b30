import type { DampReading } from './damp';

/**
 * Share of the pores of the packed piece that liquid fills: the physical check behind the damp index.
 * S = V_liquid / V_pores, pores being what packed solids leave of the piece's volume.
 * @param packedDensityGMl of the finished piece, over 0
 * @returns 0 and up; null when there is no solid, or it is packed denser than its grains allow
 */
export function saturation(reading: DampReading, packedDensityGMl: number): number | null {
  if (!(packedDensityGMl > 0))
    throw new RangeError(`packedDensityGMl must be over 0, got ${packedDensityGMl}`);
  const volumeMl = (reading.solidG + reading.liquidG) / packedDensityGMl;
  const poresMl = volumeMl - reading.solidVolumeMl;
  return reading.solidVolumeMl > 0 && poresMl > 0 ? reading.liquidVolumeMl / poresMl : null;
}
