import type { Money } from './schema';

/** What a batch uses of one material. */
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

/** What it costs to make a batch, before anything is around its pieces. */
export interface MadeCost {
  /** Dearest first, those without a price last. */
  readonly materials: readonly CostLine[];
  readonly materialsCost: number;
  readonly laborCost: number;
  /** Of one good piece: rejects are paid by the good ones. */
  readonly perPiece: number;
  /** Materials in it whose price nobody has said: the cost is without them. */
  readonly unpriced: readonly string[];
}

/**
 * Materials and the labor of making, shared among the good pieces.
 * @param used grams 0 or more, a material may stand more than once
 * @param goodPieces pieces that can be sold, over 0; a share of one where rejects are expected
 * @param pricePerG money for a gram, or null when it is not known
 * @param laborMinutes from the first weight to the dry piece; wrapping is not in it
 * @throws RangeError when goodPieces is not over 0
 */
export function madeCost(
  used: readonly UsedMaterial[],
  goodPieces: number,
  pricePerG: (materialId: string) => number | null,
  laborMinutes: number,
  money: Money,
): MadeCost {
  if (!(goodPieces > 0)) throw new RangeError(`goodPieces must be over 0, got ${goodPieces}`);
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
  const laborCost = laborOf(laborMinutes, money);
  return {
    materials,
    materialsCost,
    laborCost,
    perPiece: (materialsCost + laborCost) / goodPieces,
    unpriced: materials.flatMap(({ materialId, massG, cost }) =>
      cost === null && massG > 0 ? [materialId] : [],
    ),
  };
}

/** What one of what is sold costs, and what it must sell for by the workshop's margins. */
export interface SoldCost {
  /** Its pieces as they are made. */
  readonly made: number;
  /** Packaging. */
  readonly around: number;
  /** Labor of wrapping it. */
  readonly hands: number;
  readonly overhead: number;
  readonly all: number;
  readonly wholesale: number;
  readonly retail: number;
}

/**
 * The one way a price comes about: pieces, what is around them, the labor of wrapping, overhead on all of it, then
 * price = cost / (1 - margin), rounded up.
 */
export function soldCost(
  made: number,
  around: number,
  wrapMinutes: number,
  money: Money,
): SoldCost {
  const hands = laborOf(wrapMinutes, money);
  const direct = made + around + hands;
  const overhead = (direct * (money.overheadPct ?? 0)) / 100;
  const all = direct + overhead;
  return {
    made,
    around,
    hands,
    overhead,
    all,
    wholesale: priceFor(all, money.wholesaleMarginPct, money.roundTo),
    retail: priceFor(all, money.retailMarginPct, money.roundTo),
  };
}

/** Pieces of a plan that can be expected to be good. @param rejectPct 0 to under 100 */
export function goodPieces(pieces: number, rejectPct = 0): number {
  return pieces * (1 - rejectPct / 100);
}

function laborOf(minutes: number, { laborPerHour }: Money): number {
  return (minutes / 60) * laborPerHour;
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
