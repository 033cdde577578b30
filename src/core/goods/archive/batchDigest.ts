import { allLines } from '@/core/formula/model/edit';
import type { Family, Method } from '@/core/formula/model/schema';
import { givenBy, type Loose } from '../products/given';
import type { Fault } from '@/core/batches/records/kinds';
import { countOf, roomOf, standing } from '@/core/batches/records/summary';
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
  readonly method: Method;
  /** Of the room when it was made, %; null where nobody read it. */
  readonly humidityPct: number | null;
  /** Moisture of its main mix when it was begun, index; null for nothing dry. */
  readonly dampPct: number | null;
  readonly faults: readonly Fault[];
  /** Who worked on it, and its notes, in lower case: what the list is searched by. */
  readonly words: string;
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
    method: batch.body.method,
    humidityPct: roomOf(batch)?.humidityPct ?? null,
    dampPct: batch.readings.dampIndexPct,
    faults: faultsOf(batch),
    words: wordsOf(batch),
  };
}

export function isMadeOf({ materialIds }: BatchDigest, materialId: string): boolean {
  return materialIds.includes(` ${materialId} `);
}

/** Faults that were found on its pieces, each once. */
function faultsOf(batch: Batch): readonly Fault[] {
  return [
    ...new Set(
      standing(batch, 'inspected').flatMap(({ faults }) => faults.map(({ fault }) => fault)),
    ),
  ];
}

/** Who worked on it, each once. */
export function peopleOf(batch: Batch): readonly string[] {
  return [
    ...new Set(batch.entries.flatMap((entry) => ('who' in entry && entry.who ? [entry.who] : []))),
  ];
}

/** A note is found by its beginning. */
const MOST_CHARS = 400;

function wordsOf(batch: Batch): string {
  const notes = standing(batch, 'note').map(({ text }) => text);
  return [...peopleOf(batch), ...notes].join(' ').toLowerCase().slice(0, MOST_CHARS);
}
