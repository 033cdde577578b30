import { allLines, type Family } from '../formula';
import { givenBy, type Loose } from '../goods';
import { countOf, keptPieces, type Batch } from '../records';
import { isOnTray } from '../trays';

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
