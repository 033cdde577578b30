import { countOf } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import type { Trial } from '@/core/batches/trials/schema';
import { standingMoves } from './moves';
import { givenBy, looseChanges, type LooseStock } from './given';
import { GRADES } from './kinds';
import type { GoodsMove, MoveOf } from './schema';

/** What was wrapped under one code and is still here. */
export interface WrappedStock {
  readonly run: MoveOf<'wrapped'>;
  readonly left: number;
}

/** A test of crumbs takes a piece for each weight of one, less what hands lose of it. Rovack estimate. */
const CRUMBS_SPARE = 0.2;

/** Pieces of a batch that went into tests: each whole one, and crumbs by their weight. Loose salts are dipped out of a pack. */
export function piecesTested(batch: Batch, trials: readonly Trial[]): number {
  if (batch.body.method === 'loose') return 0;
  const own = trials.filter(({ batchId, voidedAt }) => batchId === batch.id && voidedAt === null);
  const crumbsG = own.reduce((sum, { isCrumbs, pieceG }) => (isCrumbs ? sum + pieceG : sum), 0);
  const ofCrumbs = Math.ceil(crumbsG / Math.max(1, batch.plan.pieceG) - CRUMBS_SPARE);
  return own.filter(({ isCrumbs }) => !isCrumbs).length + Math.max(0, ofCrumbs);
}

/**
 * Unwrapped pieces of every batch that was counted, the oldest batch first. A tested piece is gone; where none was left
 * unwrapped it was a retained sample, or one bought back.
 */
export function looseStock(
  batches: readonly Batch[],
  moves: readonly GoodsMove[],
  trials: readonly Trial[],
): readonly LooseStock[] {
  const change = looseChanges(moves);
  return batches
    .filter((batch) => countOf(batch) !== null && !batch.isOwnUse)
    .map((batch) => {
      const first = givenBy(batch);
      const since = change.get(batch.id);
      return {
        batch,
        left: {
          good: lessTested(first.good + (since?.good ?? 0), piecesTested(batch, trials)),
          second: first.second + (since?.second ?? 0),
          sampler: first.sampler + (since?.sampler ?? 0),
        },
      };
    })
    .sort((a, b) => Date.parse(a.batch.startedAt) - Date.parse(b.batch.startedAt));
}

function lessTested(good: number, tested: number): number {
  return Math.max(Math.min(good, 0), good - tested);
}

/** What is wrapped and still here, what was wrapped first first. */
export function wrappedStock(moves: readonly GoodsMove[]): readonly WrappedStock[] {
  const away = new Map<string, number>();
  const add = (id: string, count: number) => away.set(id, (away.get(id) ?? 0) + count);
  for (const { taken } of standingMoves(moves, 'gone'))
    for (const { wrappedId, count } of taken) add(wrappedId, -count);
  for (const { of, change } of standingMoves(moves, 'counted'))
    if (of.kind === 'wrapped') add(of.wrappedId, change);
  return standingMoves(moves, 'wrapped').map((run) => ({
    run,
    left: run.count + (away.get(run.id) ?? 0),
  }));
}

/** Sale units on hand, by unit; what is below zero counts as none. */
export function unitsOnHand(stock: readonly WrappedStock[]): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { run, left } of stock)
    sums.set(run.unitId, (sums.get(run.unitId) ?? 0) + Math.max(0, left));
  return sums;
}

/** What is over less than it should be: more went than there was. Shown, never hidden. */
export function overdrawn(
  loose: readonly LooseStock[],
  wrapped: readonly WrappedStock[],
): readonly { readonly code: string; readonly short: number }[] {
  return [
    ...loose.flatMap(({ batch, left }) =>
      GRADES.flatMap((grade) =>
        left[grade] < 0 ? [{ code: batch.code, short: -left[grade] }] : [],
      ),
    ),
    ...wrapped.flatMap(({ run, left }) => (left < 0 ? [{ code: run.code, short: -left }] : [])),
  ];
}
