import { keysOf } from '@/core/basics/records';
import { MOLD_FIGURES, type MoldFigure } from '@/core/work/scaling/moldFigures';
import { MOLD_WORDS } from '@/core/work/scaling/molds';
import type { Mold, MoldShape } from '@/core/work/scaling/moldSchema';

const USUAL_DIAMETER_MM = 60;
const USUAL_VOLUME_ML = 100;

/** A shape as a maker picks it: measured solids, and figures that only water measures. */
export type ShapeChoice = MoldShape | MoldFigure;

const SOLIDS = keysOf(MOLD_WORDS);
export const SHAPE_CHOICES: ReadonlyArray<{ readonly value: ShapeChoice; readonly title: string }> =
  [
    ...SOLIDS.map((value) => ({
      value,
      title: value === 'sphere' ? 'sphere, or two shells' : MOLD_WORDS[value],
    })),
    ...MOLD_FIGURES.map((value) => ({ value, title: value })),
  ];

export function shapeOf(mold: Mold): ShapeChoice {
  return (mold.shape === 'own-volume' ? mold.figure : undefined) ?? mold.shape;
}

/** A mold of the shape chosen, keeping the diameter or the volume of the one before where both have one. */
export function moldOfShape(choice: ShapeChoice, before: Mold): Mold {
  const diameterMm = 'diameterMm' in before ? before.diameterMm : USUAL_DIAMETER_MM;
  const volumeMl = 'volumeMl' in before ? before.volumeMl : USUAL_VOLUME_ML;
  switch (choice) {
    case 'sphere':
    case 'half-sphere':
      return { shape: choice, diameterMm };
    case 'cylinder':
      return { shape: choice, diameterMm, heightMm: 25 };
    case 'box':
      return { shape: choice, lengthMm: 40, widthMm: 40, heightMm: 40 };
    case 'own-volume':
      return { shape: choice, volumeMl };
    default:
      return { shape: 'own-volume', volumeMl, figure: choice };
  }
}
