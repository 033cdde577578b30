import { DAY_MS } from '@/core/basics/time';
import { looseChanges } from '../products/given';
import type { GoodsMove } from '../products/schema';
import type { BatchDigest } from './batchDigest';

/** So many batches teach all there is to learn, and are held whole. Rovack estimate. */
export const NEWEST_AT_HAND = 200;
/** Pieces that nobody has wrapped by then are on no tray any more, days. Rovack estimate. */
const TRAY_DAYS = 90;
/** The last look at kept-back pieces is after a year; a little later nobody waits for it, days. */
const KEPT_DAYS = 400;

/**
 * Batches that are worked with, by id: at the bench, the newest, on a tray, with pieces kept back to be looked at, or with
 * pieces that lie unwrapped. All others are past.
 */
export function idsAtHand(
  batches: readonly BatchDigest[],
  goods: readonly GoodsMove[],
  nowMs: number,
): ReadonlySet<string> {
  const changes = looseChanges(goods);
  // Read once: ten thousand are sorted at each start.
  const dated = batches.map((batch) => ({ batch, startMs: Date.parse(batch.startedAt) }));
  const newest = dated.toSorted((a, b) => b.startMs - a.startMs).slice(0, NEWEST_AT_HAND);
  const isWorkedWith = ({ batch, startMs }: (typeof dated)[number]) => {
    const isYoung = (days: number) => nowMs - startMs < days * DAY_MS;
    const change = changes.get(batch.id);
    const left = (['good', 'second', 'sampler'] as const).some(
      (grade) => batch.given[grade] + (change?.[grade] ?? 0) !== 0,
    );
    return (
      batch.outcome === 'at-the-bench' ||
      (batch.isOnTray && isYoung(TRAY_DAYS)) ||
      (batch.keptPieces > 0 && isYoung(KEPT_DAYS)) ||
      (batch.count !== null && left)
    );
  };
  return new Set([...newest, ...dated.filter(isWorkedWith)].map(({ batch }) => batch.id));
}
