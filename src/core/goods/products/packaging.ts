import { standingMoves } from './moves';
import type { GoodsMove, Packaging, SaleUnit } from './schema';

/** Pieces left of every delivery, by its id; below zero when more was used than came. */
export function packagingLeft(
  packagings: readonly Packaging[],
  moves: readonly GoodsMove[],
): ReadonlyMap<string, number> {
  const used = new Map<string, number>();
  for (const { packaging } of standingMoves(moves, 'wrapped'))
    for (const { lotId, pieces } of packaging)
      if (lotId !== null) used.set(lotId, (used.get(lotId) ?? 0) + pieces);
  return new Map(
    packagings.flatMap(({ lots, counts }) =>
      lots.map(
        ({ id, pieces }) =>
          [
            id,
            pieces +
              counts.reduce((sum, { lotId, change }) => (lotId === id ? sum + change : sum), 0) -
              (used.get(id) ?? 0),
          ] as const,
      ),
    ),
  );
}

/** Pieces of one packaging in all its deliveries. */
export function piecesOf(packaging: Packaging, left: ReadonlyMap<string, number>): number {
  return packaging.lots.reduce((sum, { id }) => sum + Math.max(0, left.get(id) ?? 0), 0);
}

/** Packagings with fewer pieces than the maker wants to have. */
export function lowPackaging(
  packagings: readonly Packaging[],
  left: ReadonlyMap<string, number>,
): readonly { readonly packaging: Packaging; readonly left: number }[] {
  return packagings.flatMap((packaging) => {
    const pieces = piecesOf(packaging, left);
    const { lowPieces, isArchived } = packaging;
    return lowPieces !== null && !isArchived && pieces < lowPieces
      ? [{ packaging, left: pieces }]
      : [];
  });
}

/** Money for one of them, by the delivery that is used first, else the newest that has a price; null when none has. */
export function eachCost(packaging: Packaging, left: ReadonlyMap<string, number>): number | null {
  const priced = packaging.lots.filter(({ cost, pieces }) => cost !== null && pieces > 0);
  const first = byAge(priced).find(({ id }) => (left.get(id) ?? 0) > 0) ?? byAge(priced).at(-1);
  return first && first.cost !== null ? first.cost / first.pieces : null;
}

export interface PackagingUse {
  readonly packagingId: string;
  /** Null where no delivery stands for it. */
  readonly lotId: string | null;
  readonly pieces: number;
}

/** What wrapping so many units takes off the deliveries, the oldest first; what is not there has no delivery. */
export function packagingFor(
  { packaging }: Pick<SaleUnit, 'packaging'>,
  count: number,
  packagings: readonly Packaging[],
  left: ReadonlyMap<string, number>,
): readonly PackagingUse[] {
  return packaging.flatMap(({ packagingId, pieces }) => {
    let open = pieces * count;
    const lots = packagings.find(({ id }) => id === packagingId)?.lots ?? [];
    const uses = byAge(lots).flatMap(({ id }): readonly PackagingUse[] => {
      const takes = Math.min(Math.max(0, left.get(id) ?? 0), open);
      open -= takes;
      return takes > 0 ? [{ packagingId, lotId: id, pieces: takes }] : [];
    });
    return open > 0 ? [...uses, { packagingId, lotId: null, pieces: open }] : uses;
  });
}

function byAge<L extends Packaging['lots'][number]>(lots: readonly L[]): readonly L[] {
  return [...lots].sort((a, b) => (a.receivedOn ?? '').localeCompare(b.receivedOn ?? ''));
}
