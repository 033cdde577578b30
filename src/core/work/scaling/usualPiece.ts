import type { Method } from '@/core/formula/model/schema';
import { moldVolumeMl } from './molds';
import type { Mold } from './moldSchema';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';

/** Grams of a piece in this mold by this way of forming, until own fills are weighed. */
export function usualPieceG(mold: Mold, method: Method): number {
  return moldVolumeMl(mold) * packedDensityGMl(method).best;
}
