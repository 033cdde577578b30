import { madeCost, soldCost, type MadeCost, type SoldCost } from '@/core/work/cost/costOf';
import type { Money } from '@/core/work/cost/schema';
import { contentsOf } from '@/core/batches/records/weighed';
import { countOf, standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { eachCost } from './packaging';
import type { Packaging, SaleUnit } from './schema';

/** What one sale unit costs, and what it must bring. */
export interface UnitCost extends SoldCost {
  /** What the maker’s prices leave of themselves, %; null without a price. */
  readonly retailLeavesPct: number | null;
  readonly wholesaleLeavesPct: number | null;
  /** Materials by id, and packaging by name, that nobody has priced: the cost is without them. */
  readonly unpricedMaterials: readonly string[];
  readonly unpricedPackaging: readonly string[];
}

/** Pieces a batch gave, or was to give while nobody has counted; at least one. */
export function piecesOfBatch(batch: Batch): number {
  return Math.max(1, countOf(batch)?.pieces ?? batch.plan.pieces);
}

/** What a batch cost to make: everything weighed, over the good pieces that were counted. */
export function madeCostOfBatch(
  batch: Batch,
  pricePerG: (materialId: string) => number | null,
  laborMinutes: number,
  money: Money,
): MadeCost {
  const used = [...standing(batch, 'weighed'), ...standing(batch, 'added')].flatMap(contentsOf);
  return madeCost(used, piecesOfBatch(batch), pricePerG, laborMinutes, money);
}

/** Money for what is around one unit, and the names of packaging that nobody has priced. */
export function packagingCost(
  unit: SaleUnit,
  packagings: readonly Packaging[],
  left: ReadonlyMap<string, number>,
): { readonly cost: number; readonly unpriced: readonly string[] } {
  const rows = unit.packaging.map(({ packagingId, pieces }) => {
    const packaging = packagings.find(({ id }) => id === packagingId);
    const each = packaging ? eachCost(packaging, left) : null;
    return { pieces, each, name: packaging?.name ?? 'packaging that was removed' };
  });
  return {
    cost: rows.reduce((sum, { pieces, each }) => sum + pieces * (each ?? 0), 0),
    unpriced: rows.flatMap(({ each, name }) => (each === null ? [name] : [])),
  };
}

/** Adds packaging, wrapping and overhead to the pieces, and says what it must bring by the margins of the workshop. */
export function unitCost(
  unit: SaleUnit,
  pieces: readonly Pick<MadeCost, 'perPiece' | 'unpriced'>[],
  packagings: readonly Packaging[],
  left: ReadonlyMap<string, number>,
  money: Money,
): UnitCost {
  const made = unit.contents.reduce(
    (sum, { pieces: count }, i) => sum + count * (pieces[i]?.perPiece ?? 0),
    0,
  );
  const around = packagingCost(unit, packagings, left);
  const sold = soldCost(made, around.cost, unit.minutes, money);
  const leaves = (price: number | null) =>
    price === null || !(price > 0) ? null : (100 * (price - sold.all)) / price;
  return {
    ...sold,
    retailLeavesPct: leaves(unit.retail),
    wholesaleLeavesPct: leaves(unit.wholesale),
    unpricedMaterials: [...new Set(pieces.flatMap(({ unpriced }) => unpriced))],
    unpricedPackaging: around.unpriced,
  };
}
