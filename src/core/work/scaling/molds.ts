import { formatLengths, formatMilliliters } from '@/core/basics/format/quantities';
import type { Mold, MoldShape } from './moldSchema';

export const MOLD_WORDS: Readonly<Record<MoldShape, string>> = {
  sphere: 'sphere',
  'half-sphere': 'half sphere',
  cylinder: 'cylinder',
  box: 'box',
  'own-volume': 'own volume',
};

const CUBIC_MM_PER_ML = 1000;

/**
 * Volume a mold holds. Elementary solids; a 70 mm sphere holds 179.6 mL.
 * @returns milliliters
 */
export function moldVolumeMl(mold: Mold): number {
  switch (mold.shape) {
    case 'sphere':
      return (Math.PI * mold.diameterMm ** 3) / 6 / CUBIC_MM_PER_ML;
    case 'half-sphere':
      return (Math.PI * mold.diameterMm ** 3) / 12 / CUBIC_MM_PER_ML;
    case 'cylinder':
      return (Math.PI * mold.diameterMm ** 2 * mold.heightMm) / 4 / CUBIC_MM_PER_ML;
    case 'box':
      return (mold.lengthMm * mold.widthMm * mold.heightMm) / CUBIC_MM_PER_ML;
    case 'own-volume':
      return mold.volumeMl;
  }
}

/**
 * Surface of what a mold makes; an own volume is taken as the cube that holds as much. Elementary solids.
 * @returns square millimeters
 */
export function moldSurfaceMm2(mold: Mold): number {
  switch (mold.shape) {
    case 'sphere':
      return Math.PI * mold.diameterMm ** 2;
    case 'half-sphere':
      return (3 / 4) * Math.PI * mold.diameterMm ** 2;
    case 'cylinder':
      return Math.PI * mold.diameterMm * (mold.diameterMm / 2 + mold.heightMm);
    case 'box': {
      const { lengthMm, widthMm, heightMm } = mold;
      return 2 * (lengthMm * widthMm + lengthMm * heightMm + widthMm * heightMm);
    }
    case 'own-volume':
      return 6 * (mold.volumeMl * CUBIC_MM_PER_ML) ** (2 / 3);
  }
}

/** `70 mm sphere`, `38 × 20 mm cylinder`, `45 mL jar`; measures to a tenth. */
export function describeMold(mold: Mold): string {
  switch (mold.shape) {
    case 'sphere':
    case 'half-sphere':
      return `${formatLengths([mold.diameterMm], 1)} ${MOLD_WORDS[mold.shape]}`;
    case 'cylinder':
      return `${formatLengths([mold.diameterMm, mold.heightMm], 1)} cylinder`;
    case 'box':
      return `${formatLengths([mold.lengthMm, mold.widthMm, mold.heightMm], 1)} box`;
    case 'own-volume':
      return `${formatMilliliters(mold.volumeMl, 1)} ${mold.figure ?? 'mold'}`;
  }
}

/** No hand and no press packs a mix denser than its grains leave it, nor lighter than this. Rovack estimates. */
export const MOST_G_PER_ML = 1.9;
export const LEAST_G_PER_ML = 0.3;

/** May a mold be filled to so many grams? */
export function canBePacked(mold: Mold, fillG: number): boolean {
  const density = fillG / moldVolumeMl(mold);
  return density <= MOST_G_PER_ML && density >= LEAST_G_PER_ML;
}

/** The same mold, larger or smaller all round, so that it holds just so much. @param volumeMl over 0 */
export function moldHolding(mold: Mold, volumeMl: number): Mold {
  if (!(volumeMl > 0)) throw new RangeError(`volumeMl must be over 0, got ${volumeMl}`);
  const by = Math.cbrt(volumeMl / moldVolumeMl(mold));
  const grown = Object.entries(mold).map(([key, value]) => [
    key,
    typeof value === 'number' ? value * (key === 'volumeMl' ? by ** 3 : by) : value,
  ]);
  return Object.fromEntries(grown) as Mold;
}

/** Outline of a mold seen from the side, in mm; an own volume is shown as the cube that holds as much. */
export function sideView(mold: Mold): { readonly widthMm: number; readonly heightMm: number } {
  switch (mold.shape) {
    case 'sphere':
      return { widthMm: mold.diameterMm, heightMm: mold.diameterMm };
    case 'half-sphere':
      return { widthMm: mold.diameterMm, heightMm: mold.diameterMm / 2 };
    case 'cylinder':
      return { widthMm: mold.diameterMm, heightMm: mold.heightMm };
    case 'box':
      return { widthMm: mold.lengthMm, heightMm: mold.heightMm };
    case 'own-volume': {
      const sideMm = Math.cbrt(mold.volumeMl * 1000);
      return { widthMm: sideMm, heightMm: sideMm };
    }
  }
}
