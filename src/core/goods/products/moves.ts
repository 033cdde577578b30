import type { GoodsKind, GoodsMove, MoveOf } from './schema';

/** Moves of one kind that were not taken back, oldest first. */
export function standingMoves<K extends GoodsKind>(
  moves: readonly GoodsMove[],
  kind: K,
): readonly MoveOf<K>[] {
  return moves
    .filter((move): move is MoveOf<K> => move.kind === kind && move.voidedAt === null)
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/**
 * Moves that stand on this one and were not taken back: a wrapping whose goods are away cannot be undone before them.
 */
export function standsOn(move: GoodsMove, moves: readonly GoodsMove[]): readonly GoodsMove[] {
  if (move.kind !== 'wrapped') return [];
  return moves.filter(
    (one) =>
      one.voidedAt === null &&
      ((one.kind === 'gone' && one.taken.some(({ wrappedId }) => wrappedId === move.id)) ||
        (one.kind === 'counted' && one.of.kind === 'wrapped' && one.of.wrappedId === move.id)),
  );
}
