import { allLines } from '@/core/formula/edit';
import type { Family } from '@/core/formula/schema';
import { givenBy, type Loose } from '@/core/goods/stock';
import { countOf } from '@/core/records/summary';
import { keptPieces } from '@/core/records/keptBack';
import type { Batch } from '@/core/records/schema';
import { isOnTray } from '@/core/trays/onTray';

/** What lists, stocks and recalls ask of a batch: the record itself is read when somebody looks at it. */
export interface PastBatch extends Pick<
  Batch,
  | 'id'
  | 'code'
  | 'origin'
  | 'formulaId'
  | 'formulaName'
  | 'versionNumber'
  | 'startedAt'
  | 'finishedAt'
  | 'outcome'
> {
  readonly family: Family;
  readonly totalG: number;
  /** Null while nobody has counted. */
  readonly count: { readonly pieces: number; readonly rejects: number } | null;
  /** What it gave to wrap. */
  readonly given: Loose;
  /** Ids of all its materials, each between spaces. */
  readonly materialIds: string;
  readonly isOnTray: boolean;
  /** Pieces laid away to be looked at. */
  readonly keptPieces: number;
}

export function pastOf(batch: Batch): PastBatch {
  const { id, code, origin, formulaId, formulaName, versionNumber } = batch;
  const count = countOf(batch);
  return {
    id,
    code,
    origin,
    formulaId,
    formulaName,
    versionNumber,
    startedAt: batch.startedAt,
    finishedAt: batch.finishedAt,
    outcome: batch.outcome,
    family: batch.body.family,
    totalG: batch.plan.totalG,
    count: count && { pieces: count.pieces, rejects: count.rejects },
    given: givenBy(batch),
    materialIds: ` ${[...new Set(allLines(batch.body).map(({ materialId }) => materialId))].join(' ')} `,
    isOnTray: isOnTray(batch),
    keptPieces: keptPieces(batch),
  };
}

export function isMadeOf({ materialIds }: PastBatch, materialId: string): boolean {
  return materialIds.includes(` ${materialId} `);
}
