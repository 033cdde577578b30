import { countOf } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { standingMoves } from './moves';
import type { GoodsMove } from './schema';
import type { LooseStock, MoldPieces } from './given';

/**
 * What a batch gave of each mold of the shelf, minis left out: as counted mold by mold, else as planned. A batch of one mold gave
 * all of its pieces of it.
 */
export function givenByMold(batch: Batch): readonly MoldPieces[] {
  const { plan, request } = batch;
  const counted = countOf(batch);
  if (counted === null) return [];
  const sets = plan.sets?.filter(({ isSampler }) => !isSampler) ?? [];
  if (sets.length === 0)
    return request.moldId === null
      ? []
      : [{ moldId: request.moldId, name: '', pieces: counted.pieces }];
  return sets.flatMap(({ moldId, name = '', pieces }, i) =>
    moldId ? [{ moldId, name, pieces: counted.molds?.[i]?.pieces ?? pieces }] : [],
  );
}

/** The same, less what left as pieces of that mold; never below none. */
export function looseByMold(batch: Batch, moves: readonly GoodsMove[]): readonly MoldPieces[] {
  const rows = [
    ...standingMoves(moves, 'wrapped').flatMap(({ from }) => from),
    ...standingMoves(moves, 'gone').flatMap(({ loose }) => loose),
  ].filter(({ batchId }) => batchId === batch.id);
  return givenByMold(batch).map((one) => {
    const left = rows.reduce(
      (sum, row) => (row.moldId === one.moldId ? sum - row.pieces : sum),
      one.pieces,
    );
    return { ...one, pieces: Math.max(0, left) };
  });
}

/** Unwrapped pieces of every batch, with what is left of each mold. */
export function withMolds(
  stock: readonly LooseStock[],
  moves: readonly GoodsMove[],
): readonly LooseStock[] {
  return stock.map((one) => ({ ...one, molds: looseByMold(one.batch, moves) }));
}

/** Molds of the shelf that unwrapped pieces of a formula come from, each once. */
export function moldIdsOf(formulaId: string, stock: readonly LooseStock[]): readonly string[] {
  const ids = stock
    .filter(({ batch }) => batch.formulaId === formulaId)
    .flatMap(({ molds = [] }) => molds.map(({ moldId }) => moldId));
  return [...new Set(ids)];
}
