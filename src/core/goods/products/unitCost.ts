import { priceFor } from '@/core/work/cost/costOf';
import type { Money } from '@/core/work/cost/schema';
import { contentsOf } from '@/core/batches/records/weighed';
import { countOf, standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { eachCost } from './packaging';
import type { Packaging, SaleUnit } from './schema';

/** What one sale unit costs, and what it must bring. */
export interface UnitCost {
  readonly pieces: number;
  readonly wrap: number;
  readonly hands: number;
  readonly all: number;
  readonly wholesale: number;
  readonly retail: number;
  /** What the maker’s prices leave of themselves, %; null without a price. */
  readonly retailLeavesPct: number | null;
  readonly wholesaleLeavesPct: number | null;
  /** Names of what nobody has priced: the cost is without it. */
  readonly unpriced: readonly string[];
}

/** Money that the materials and the hands of one piece of a batch cost; null for a material without a price. */
export interface PieceCost {
  readonly each: number;
  readonly unpriced: readonly string[];
}

/**
 * Materials of everything weighed over the pieces that were counted.
 * @param pricePerG money for a gram, or null when it is not known
 * @param laborEach money for the hands of one piece
 */
export function pieceCost(
  batch: Batch,
  pricePerG: (materialId: string) => number | null,
  laborEach: number,
): PieceCost {
  const used = [...standing(batch, 'weighed'), ...standing(batch, 'added')].flatMap(contentsOf);
  const pieces = Math.max(1, countOf(batch)?.pieces ?? batch.plan.pieces);
  const unpriced = new Set<string>();
  const materials = used.reduce((sum, { materialId, massG }) => {
    const perG = pricePerG(materialId);
    if (perG === null) unpriced.add(materialId);
    return sum + (perG ?? 0) * massG;
  }, 0);
  return { each: materials / pieces + laborEach, unpriced: [...unpriced] };
}

/** Adds wrap and minutes to the pieces, and says what it must bring by the margins of the workshop. */
export function unitCost(
  unit: SaleUnit,
  pieces: readonly PieceCost[],
  packagings: readonly Packaging[],
  left: ReadonlyMap<string, number>,
  money: Money,
): UnitCost {
  const byPiece = unit.contents.reduce(
    (sum, { pieces: count }, i) => sum + count * (pieces[i]?.each ?? 0),
    0,
  );
  const unpriced = pieces.flatMap((one) => one.unpriced);
  const wrap = unit.packaging.reduce((sum, { packagingId, pieces: count }) => {
    const packaging = packagings.find(({ id }) => id === packagingId);
    const each = packaging ? eachCost(packaging, left) : null;
    if (each === null) unpriced.push(packaging?.name ?? 'packaging that was removed');
    return sum + count * (each ?? 0);
  }, 0);
  const hands = (unit.minutes / 60) * money.laborPerHour;
  const all = byPiece + wrap + hands;
  const leaves = (price: number | null) =>
    price === null || !(price > 0) ? null : (100 * (price - all)) / price;
  return {
    pieces: byPiece,
    wrap,
    hands,
    all,
    wholesale: priceFor(all, money.wholesaleMarginPct, money.roundTo),
    retail: priceFor(all, money.retailMarginPct, money.roundTo),
    retailLeavesPct: leaves(unit.retail),
    wholesaleLeavesPct: leaves(unit.wholesale),
    unpriced: [...new Set(unpriced)],
  };
}
