import type { Mold, MoldShape } from '@/core/scaling';

const USUAL_DIAMETER_MM = 60;

/** A mold of the shape chosen, keeping the diameter of the one before where both have one. */
export function moldOfShape(shape: MoldShape, before: Mold): Mold {
  const diameterMm = 'diameterMm' in before ? before.diameterMm : USUAL_DIAMETER_MM;
  switch (shape) {
    case 'sphere':
    case 'half-sphere':
      return { shape, diameterMm };
    case 'cylinder':
      return { shape, diameterMm, heightMm: 25 };
    case 'box':
      return { shape, lengthMm: 40, widthMm: 40, heightMm: 40 };
    case 'own-volume':
      return { shape, volumeMl: 100 };
  }
}
