import type { Batch } from '../records';
import { lotMoves, type LotMove } from '../shelf';

/** What a batch took off lots, for when it is past. */
export interface PastUses {
  /** The batch’s. */
  readonly id: string;
  readonly code: string;
  /** JSON of [lot’s id, grams, ISO 8601]: ten thousand lists of lists would be slow to read. */
  readonly uses: string;
}

type Use = readonly [lotId: string, massG: number, at: string | null];

export function usesOf(batch: Batch): PastUses {
  const uses = lotMoves([batch], []).map(({ lotId, massG, at }): Use => [lotId, massG, at]);
  return { id: batch.id, code: batch.code, uses: JSON.stringify(uses) };
}

/** Every gram that past batches took off lots. */
export function movesOfPast(past: readonly PastUses[]): readonly LotMove[] {
  return past.flatMap(({ id, code, uses }) =>
    (JSON.parse(uses) as readonly Use[]).map(([lotId, massG, at]): LotMove => ({
      lotId,
      massG,
      into: { kind: 'batch', id, code },
      at,
    })),
  );
}
