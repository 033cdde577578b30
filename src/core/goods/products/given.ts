import { countOf, standing } from '@/core/batches/records/summary';
import { keptPieces } from '@/core/batches/records/keptBack';
import type { Batch } from '@/core/batches/records/schema';
import type { Fate } from '@/core/batches/records/kinds';
import { standingMoves } from './moves';
import type { Grade } from './kinds';
import type { GoodsMove } from './schema';

/** Pieces of one batch that lie unwrapped, by what they are worth; below zero when more left than there was. */
export type Loose = Readonly<Record<Grade, number>>;

/** Whole pieces of one mold of the shelf. */
export interface MoldPieces {
  readonly moldId: string;
  /** As the mold was called when they were made; empty where nobody kept it. */
  readonly name: string;
  readonly pieces: number;
}

export interface LooseStock {
  readonly batch: Batch;
  readonly left: Loose;
  /** Mold by mold, where they come from molds of the shelf; never more together than lie here. */
  readonly molds?: readonly MoldPieces[];
}

/** What a batch gave: counted, less what was found bad since and what is kept back; nothing while nobody has counted. */
export function givenBy(batch: Batch): Loose {
  const counted = countOf(batch);
  // Made for oneself: nothing of it is stock.
  if (counted === null || batch.isOwnUse) return { good: 0, second: 0, sampler: 0 };
  const inspected = standing(batch, 'inspected');
  // Who looked at more than was counted whole looked at the rejects of the count once more.
  const bad = inspected.reduce(
    (sum, { looked, rejects }) =>
      sum + Math.max(0, rejects - (looked > counted.pieces ? counted.rejects : 0)),
    0,
  );
  const became = (what: Fate) =>
    inspected.reduce((sum, { rejects, fate }) => sum + (fate === what ? rejects : 0), 0);
  return {
    good: counted.pieces - bad - keptPieces(batch),
    second: became('seconds'),
    sampler: (counted.samplers ?? 0) + became('samplers'),
  };
}

/** What moves of goods did to the loose pieces of batches, by batch. */
export function looseChanges(moves: readonly GoodsMove[]): ReadonlyMap<string, Loose> {
  const change = new Map<string, Record<Grade, number>>();
  const add = (batchId: string, grade: Grade, pieces: number) => {
    const of = change.get(batchId) ?? { good: 0, second: 0, sampler: 0 };
    of[grade] += pieces;
    change.set(batchId, of);
  };
  for (const { from } of standingMoves(moves, 'wrapped'))
    for (const { batchId, grade, pieces } of from) add(batchId, grade, -pieces);
  for (const { loose } of standingMoves(moves, 'gone'))
    for (const { batchId, grade, pieces } of loose) add(batchId, grade, -pieces);
  for (const { batchId, from, to, pieces } of standingMoves(moves, 'graded')) {
    add(batchId, from, -pieces);
    if (to === 'second') add(batchId, 'second', pieces);
  }
  for (const { of, change: by } of standingMoves(moves, 'counted'))
    if (of.kind === 'loose') add(of.batchId, of.grade, by);
  return change;
}
