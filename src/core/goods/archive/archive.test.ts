import { describe, expect, it } from 'vitest';
import { SAMPLE } from '../../../../tests/fixtures/sample';
import { looseStock } from '../products/stock';
import { recallLot, type Books } from '../products/recall';
import { lotMoves } from '@/core/workshop/shelf/stock';
import { usersOfLot } from '@/core/workshop/shelf/trace';
import { NEWEST_AT_HAND, idsAtHand } from './atHand';
import { movesOfArchived, usesOf } from './movesOfArchived';
import { digestOf, type BatchDigest } from './batchDigest';

const DAY_MS = 86_400_000;
const NOW_MS = Date.parse('2026-10-14T12:00:00Z');
const first = SAMPLE.batches[0];
if (!first) throw new Error('the sample has batches');

/** A closed batch of so many days ago, with nothing left of it. */
function old(id: string, days: number, change: Partial<BatchDigest> = {}): BatchDigest {
  return {
    ...digestOf(first as NonNullable<typeof first>),
    id,
    startedAt: new Date(NOW_MS - days * DAY_MS).toISOString(),
    outcome: 'made',
    count: { pieces: 12, rejects: 0 },
    given: { good: 0, second: 0, sampler: 0 },
    isOnTray: false,
    keptPieces: 0,
    ...change,
  };
}

describe('what is at hand', () => {
  // Enough that none of the batches below is among the newest.
  const newer = Array.from({ length: NEWEST_AT_HAND }, (_, i) => old(`n${i}`, 1));
  const isAtHand = (one: BatchDigest, goods: typeof SAMPLE.goods = []) =>
    idsAtHand([one, ...newer], goods, NOW_MS).has(one.id);

  it('is the newest, and not one more', () => {
    expect(isAtHand(old('x', 2))).toBe(false);
    const ids = idsAtHand([old('x', 2), ...newer.slice(1)], [], NOW_MS);
    expect(ids.has('x')).toBe(true);
    expect(ids.size).toBe(NEWEST_AT_HAND);
  });

  it.each<[string, BatchDigest, boolean]>([
    ['still at the bench', old('x', 900, { outcome: 'at-the-bench' }), true],
    ['on a tray for 89 days', old('x', 89, { isOnTray: true }), true],
    ['left on a tray for 91 days', old('x', 91, { isOnTray: true }), false],
    ['with pieces kept back 399 days ago', old('x', 399, { keptPieces: 2 }), true],
    ['with pieces kept back 401 days ago', old('x', 401, { keptPieces: 2 }), false],
    [
      'with a piece that nobody wrapped',
      old('x', 900, { given: { good: 1, second: 0, sampler: 0 } }),
      true,
    ],
    [
      'that nobody has counted',
      old('x', 900, { count: null, given: { good: 1, second: 0, sampler: 0 } }),
      false,
    ],
  ])('one %s: %s', (_what, batch, expected) => {
    expect(isAtHand(batch)).toBe(expected);
  });

  it('what was wrapped whole is not at hand, what came loose again is', () => {
    const { batch, left } = looseStock(SAMPLE.batches, SAMPLE.goods, SAMPLE.trials).find(
      (one) => one.left.good === 0 && one.left.second === 0 && one.left.sampler === 0,
    ) as ReturnType<typeof looseStock>[number];
    expect(left.good).toBe(0);
    const told = old(batch.id, 900, { ...digestOf(batch), startedAt: old('', 900).startedAt });
    const asked = { ...told, isOnTray: false, keptPieces: 0, outcome: 'made' as const };
    expect(isAtHand(asked, SAMPLE.goods)).toBe(false);
    expect(isAtHand(asked, [])).toBe(true);
  });
});

it('what a past batch took off lots is what the record says, so stocks and recalls miss nothing', () => {
  const half = Math.floor(SAMPLE.batches.length / 2);
  const [gone, here] = [SAMPLE.batches.slice(0, half), SAMPLE.batches.slice(half)];
  const told = gone.map(digestOf);
  const whole = lotMoves(SAMPLE.batches, SAMPLE.lots);
  const split = lotMoves(here, SAMPLE.lots, movesOfArchived(gone.map(usesOf)));
  expect(split.length).toBe(whole.length);
  const books = (past: Books['past'], batches: Books['batches'], moves: typeof whole): Books => ({
    lots: SAMPLE.lots,
    lotMoves: moves,
    batches,
    past,
    goods: SAMPLE.goods,
    orders: SAMPLE.orders,
    trials: SAMPLE.trials,
  });
  for (const { id } of SAMPLE.lots) {
    const byCode = (moves: typeof whole) =>
      usersOfLot(id, SAMPLE.lots, moves)
        .batches.map(({ code, massG }) => `${code} ${massG.toFixed(6)}`)
        .sort();
    expect(byCode(split)).toEqual(byCode(whole));
    const codes = (all: Books) =>
      recallLot(id, all)
        .batches.map(({ batch }) => batch.code)
        .sort();
    expect(codes(books(told, here, split))).toEqual(codes(books([], SAMPLE.batches, whole)));
  }
});
