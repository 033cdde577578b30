import type { Method } from '@/core/formula/model/schema';
import { moldSurfaceMm2, moldVolumeMl } from '@/core/work/scaling/molds';
import type { Mold } from '@/core/work/scaling/moldSchema';
import type { DryingBody } from './forecast';

/** Loose salts are spread this thin, dry on one side only, mm. Common practice says thin; the figure is ours. */
const SPREAD_MM = 10;
const CUBIC_MM_PER_ML = 1000;

/**
 * The body a piece dries like: the sphere with as much surface to its volume, which is the piece itself for a sphere
 * and a cube's half side; loose salts are a slab. A simplification of ours for other shapes.
 */
export function dryingBodyOf(mold: Mold, method: Method): DryingBody {
  if (method === 'loose') return { shape: 'slab', sizeMm: SPREAD_MM };
  return {
    shape: 'sphere',
    sizeMm: (3 * moldVolumeMl(mold) * CUBIC_MM_PER_ML) / moldSurfaceMm2(mold),
  };
}
