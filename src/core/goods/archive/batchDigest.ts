import { allLines } from '@/core/formula/model/edit';
import type { Family } from '@/core/formula/model/schema';
import { givenBy, type Loose } from '../products/given';
import { countOf } from '@/core/batches/records/summary';
import { keptPieces } from '@/core/batches/records/keptBack';
import type { Batch } from '@/core/batches/records/schema';
import { isOnTray } from '@/core/batches/trays/onTray';

/** What lists, stocks and recalls ask of a batch: the record itself is read when somebody looks at it. */
export interface BatchDigest extends Pick<
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

export function digestOf(batch: Batch): BatchDigest {
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

export function isMadeOf({ materialIds }: BatchDigest, materialId: string): boolean {
  return materialIds.includes(` ${materialId} `);
}
