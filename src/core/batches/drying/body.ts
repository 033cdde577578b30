import type { Method } from '@/core/formula/model/schema';
import { moldSurfaceMm2, moldVolumeMl } from '@/core/work/scaling/molds';
import type { Mold } from '@/core/work/scaling/moldSchema';
import { DRY_FRACTION, REFERENCE_MM2_H, hoursToDry, type DryingBody } from './forecast';

/** Loose salts are spread this thin, dry on one side only, mm. Common practice says thin; the figure is ours. */
const SPREAD_MM = 10;
const CUBIC_MM_PER_ML = 1000;

/** What a usual piece loses, share of its mass: the start value speaks of it. */
const USUAL_LOSS = 0.02;
/** Grams of a piece behind each mL of it, and grams of water that leave a square meter in an hour of 45% and 20°C. Rovack estimates; still air. */
const PIECE_G_ML = 1.1;
const LEAVES_G_M2_H = 56;

/**
 * The body a piece dries like: the sphere with as much surface to its volume, which is the piece itself for a sphere
 * and a cube's half side; loose salts are a slab. A simplification of ours for other shapes. What is much wetter than usual, as a
 * cube worked with vinegar, takes as much longer as its surface needs to give the rest off.
 * @param lossFraction of its mass, what can leave, 0 to 1
 */
export function dryingBodyOf(mold: Mold, method: Method, lossFraction: number): DryingBody {
  const body = plainBody(mold, method);
  const { sizeMm, shape } = body;
  const gM2 = (PIECE_G_ML * 1000 * sizeMm) / (shape === 'slab' ? 1 : 3);
  const moreH = (Math.max(0, lossFraction - USUAL_LOSS) * gM2) / LEAVES_G_M2_H;
  const usualH = hoursToDry(body, DRY_FRACTION, REFERENCE_MM2_H.best);
  return usualH === null ? body : { ...body, slowedBy: 1 + moreH / usualH };
}

function plainBody(mold: Mold, method: Method): DryingBody {
  if (method === 'loose') return { shape: 'slab', sizeMm: SPREAD_MM };
  return {
    shape: 'sphere',
    sizeMm: (3 * moldVolumeMl(mold) * CUBIC_MM_PER_ML) / moldSurfaceMm2(mold),
  };
}
