import { moldVolumeMl } from './molds';
import type { Mold } from './moldSchema';

/** A mold the leftover could fill. */
export interface SmallMold {
  readonly id: string;
  readonly name: string;
  readonly mold: Mold;
  readonly waterFillMl: number | null;
}

export interface LeftoverUse {
  readonly moldId: string;
  readonly name: string;
  readonly pieces: number;
  readonly pieceG: number;
  /** What is then still left. */
  readonly leftG: number;
}

/** Milliliters of one cavity: weighed with water where that was done, else from its measures. */
export function cavityMl({
  mold,
  waterFillMl,
}: {
  readonly mold: Mold;
  readonly waterFillMl: number | null;
}): number {
  return waterFillMl ?? moldVolumeMl(mold);
}

/**
 * The mold of the shelf that leaves least of the leftover; null when none is small enough.
 * @param leftG grams left after whole pieces
 * @param densityGMl packed density, over 0
 */
export function useOfLeftover(
  leftG: number,
  molds: readonly SmallMold[],
  densityGMl: number,
): LeftoverUse | null {
  const uses = molds.flatMap((mold) => {
    const pieceG = cavityMl(mold) * densityGMl;
    const pieces = pieceG > 0 ? Math.floor(leftG / pieceG + 1e-9) : 0;
    return pieces > 0
      ? [{ moldId: mold.id, name: mold.name, pieces, pieceG, leftG: leftG - pieces * pieceG }]
      : [];
  });
  return uses.reduce<LeftoverUse | null>(
    (best, use) => (best === null || use.leftG < best.leftG ? use : best),
    null,
  );
}
