import type { Batch } from '@/core/batches/records/schema';
import { byMoment, lotMoves, type LotMove } from '@/core/workshop/shelf/stock';

/** What a batch took off lots, for when it is past. */
export interface ArchivedUses {
  /** The batch’s. */
  readonly id: string;
  readonly code: string;
  /** JSON of [lot’s id, grams, ISO 8601]: ten thousand lists of lists would be slow to read. */
  readonly uses: string;
}

type Use = readonly [lotId: string, massG: number, at: string | null];

export function usesOf(batch: Batch): ArchivedUses {
  const uses = lotMoves([batch], []).map(({ lotId, massG, at }): Use => [lotId, massG, at]);
  return { id: batch.id, code: batch.code, uses: JSON.stringify(uses) };
}

/** Every gram that past batches took off lots, in the order of time: sorted once, it is merged quickly with each weighing. */
export function movesOfArchived(past: readonly ArchivedUses[]): readonly LotMove[] {
  return past
    .flatMap(({ id, code, uses }) => {
      const into = { kind: 'batch', id, code } as const;
      return (JSON.parse(uses) as readonly Use[]).map(([lotId, massG, at]): LotMove => ({
        lotId,
        massG,
        into,
        at,
      }));
    })
    .sort(byMoment);
}
