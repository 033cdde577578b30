import type { Costing, Money } from './schema';

/** What a plan uses of one material. */
export interface UsedMaterial {
  readonly materialId: string;
  readonly massG: number;
}

export interface CostLine {
  readonly materialId: string;
  readonly massG: number;
  /** Null when nobody has said what it costs. */
  readonly cost: number | null;
}

export interface Cost {
  /** Dearest first, those without a price last. */
  readonly materials: readonly CostLine[];
  readonly materialsCost: number;
  readonly packagingCost: number;
  readonly laborCost: number;
  readonly total: number;
  readonly perPiece: number;
  /** Materials in it whose price nobody has said: the total is without them. */
  readonly unpriced: readonly string[];
  readonly wholesale: number;
  readonly retail: number;
}

/**
 * What a batch costs and what a piece must sell for: price = cost / (1 - margin), rounded up.
 * @param used grams 0 or more, a material may stand more than once
 * @param pieces whole pieces, over 0
 * @param pricePerG money for a gram, or null when it is not known
 * @throws RangeError when pieces is not over 0
 */
export function costOf(
  used: readonly UsedMaterial[],
  pieces: number,
  pricePerG: (materialId: string) => number | null,
  { packagingEach, laborMinutes }: Costing,
  money: Money,
): Cost {
  if (!(pieces > 0)) throw new RangeError(`pieces must be over 0, got ${pieces}`);
  const sums = new Map<string, number>();
  for (const { materialId, massG } of used)
    sums.set(materialId, (sums.get(materialId) ?? 0) + massG);
  const materials = [...sums]
    .map(([materialId, massG]): CostLine => {
      const perG = pricePerG(materialId);
      return { materialId, massG, cost: perG === null ? null : perG * massG };
    })
    .sort((a, b) => (b.cost ?? -1) - (a.cost ?? -1));
  const materialsCost = materials.reduce((sum, { cost }) => sum + (cost ?? 0), 0);
  const packagingCost = packagingEach * pieces;
  const laborCost = (laborMinutes / 60) * money.laborPerHour;
  const total = materialsCost + packagingCost + laborCost;
  const perPiece = total / pieces;
  return {
    materials,
    materialsCost,
    packagingCost,
    laborCost,
    total,
    perPiece,
    unpriced: materials.flatMap(({ materialId, massG, cost }) =>
      cost === null && massG > 0 ? [materialId] : [],
    ),
    wholesale: priceFor(perPiece, money.wholesaleMarginPct, money.roundTo),
    retail: priceFor(perPiece, money.retailMarginPct, money.roundTo),
  };
}

/**
 * Price that leaves this margin, rounded up to a multiple.
 * @param marginPct share of the price that is not cost, 0 to under 100
 * @param roundTo over 0
 * @example priceFor(1.2, 40, 0.05) // 2
 */
export function priceFor(cost: number, marginPct: number, roundTo: number): number {
  if (!(marginPct >= 0 && marginPct < 100))
    throw new RangeError(`marginPct must be 0 to under 100, got ${marginPct}`);
  if (!(roundTo > 0)) throw new RangeError(`roundTo must be over 0, got ${roundTo}`);
  const exact = cost / (1 - marginPct / 100);
  // A billionth forgives binary fractions: 2.0000000000004 is 2.
  return Number((Math.ceil(exact / roundTo - 1e-9) * roundTo).toFixed(6));
}
