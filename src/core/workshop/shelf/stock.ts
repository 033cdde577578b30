import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import type { Lot } from './lot';
import { madeFrom } from './made';

/** Where grams of a lot went. */
export interface LotMove {
  readonly lotId: string;
  readonly massG: number;
  /** The batch, or the premix lot, it went into. */
  readonly into: { readonly kind: 'batch' | 'premix'; readonly id: string; readonly code: string };
  /** ISO 8601; null for a premix without a day. */
  readonly at: string | null;
}

/**
 * Every gram taken off every lot: weighed, added or made into a premix. Struck entries do not count.
 * @param past moves of batches that are not among these
 */
export function lotMoves(
  batches: readonly Batch[],
  lots: readonly Lot[],
  past: readonly LotMove[] = [],
): readonly LotMove[] {
  const fromBatches = batches.flatMap((batch) =>
    [...standing(batch, 'weighed'), ...standing(batch, 'added')].flatMap(({ lots: used, at }) =>
      (used ?? []).map(({ lotId, massG }): LotMove => ({
        lotId,
        massG,
        into: { kind: 'batch', id: batch.id, code: batch.code },
        at,
      })),
    ),
  );
  const fromPremixes = lots.flatMap((lot) =>
    madeFrom(lot).map(({ lotId, massG }): LotMove => ({
      lotId,
      massG,
      into: { kind: 'premix', id: lot.id, code: lot.code },
      at: lot.receivedOn,
    })),
  );
  // Records come by id; a story goes by time.
  return [...past, ...fromBatches, ...fromPremixes].sort(byMoment);
}

/** Compared as text, not by the language's rules: there may be hundreds of thousands. */
export function byMoment(a: Pick<LotMove, 'at'>, b: Pick<LotMove, 'at'>): number {
  const [one, other] = [a.at ?? '', b.at ?? ''];
  return one < other ? -1 : one > other ? 1 : 0;
}

/**
 * Grams left of every lot: received, counted again, less what was taken. Below zero when more was weighed
 * than was said to be there: that is shown, never hidden.
 */
export function stockLeft(
  lots: readonly Lot[],
  moves: readonly LotMove[],
): ReadonlyMap<string, number> {
  const taken = new Map<string, number>();
  for (const { lotId, massG } of moves) taken.set(lotId, (taken.get(lotId) ?? 0) + massG);
  return new Map(
    lots.map((lot) => [
      lot.id,
      withoutDust(
        lot.receivedG +
          lot.counts.reduce((sum, { changeG }) => sum + changeG, 0) -
          (taken.get(lot.id) ?? 0),
      ),
    ]),
  );
}

/** Sums of many weighings end a billionth off; an empty jar is empty, and not below it. */
function withoutDust(massG: number): number {
  return Math.round(massG * 1e6) / 1e6 + 0;
}
