import { goneAfterS, recessionMmS } from '../fizz';
import type { FormulaBody } from '../formula';
import { packedDensityGMl } from '../scaling';
import type { Conditions, Examined, Lasting } from './types';

/** Density of water near bath temperature, g/mL. Source: CRC Handbook, from memory. */
const BATH_WATER_G_ML = 0.993;

/**
 * How long one piece lasts, taken as a sphere of its mass and packed density; null for loose salts,
 * for steamers (which never go under) and where nothing fizzes.
 */
export function lastingOf(
  body: FormulaBody,
  materials: Examined['materials'],
  baseToAcid: number,
  { tub, pieceG }: Conditions,
): Lasting | null {
  const totalG = materials.reduce((sum, { massG }) => sum + massG, 0);
  const isDropped = body.method !== 'loose' && body.family !== 'shower-steamer';
  if (!(isDropped && totalG > 0 && baseToAcid > 0 && baseToAcid < Infinity)) return null;
  const share = (...roles: readonly string[]) =>
    materials.reduce(
      (sum, { material, massG }) => (roles.includes(material.role) ? sum + massG : sum),
      0,
    ) / totalG;
  const density = packedDensityGMl(body.method).best;
  const volumeMl = Math.min(pieceG ?? totalG, totalG) / density;
  const inradiusMm = 10 * Math.cbrt((3 * volumeMl) / (4 * Math.PI));
  const speed = recessionMmS({
    waterTempC: tub.tempC,
    packedDensityGMl: density,
    fillerFraction: share('starch', 'clay', 'salt', 'milk', 'builder'),
    oilFraction: share('oil', 'butter', 'scent'),
    baseToAcid,
  });
  return { goneS: goneAfterS(inradiusMm, speed), floats: density < BATH_WATER_G_ML };
}
