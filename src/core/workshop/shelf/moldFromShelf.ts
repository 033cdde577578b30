import { moldHolding } from '@/core/work/scaling/molds';
import type { Mold } from '@/core/work/scaling/moldSchema';
import type { ShelfMold } from './tool';

/** A mold of the shelf as a plan takes it: of the volume its water fill says. */
export function moldFromShelf({ mold, waterFillMl }: ShelfMold): Mold {
  return waterFillMl === null ? mold : moldHolding(mold, waterFillMl);
}

/** What a piece of this mold weighed in the mean, g; NaN where none was weighed. */
export function meanFillG({ fillsG }: ShelfMold): number {
  return fillsG.reduce((sum, massG) => sum + massG, 0) / fillsG.length;
}
