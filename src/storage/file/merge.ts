import { sameData, type Formula } from '@/core/formula';
import type { Batch } from '@/core/records';
import type { WorkshopFile } from './schema';

export interface ImportPreview {
  readonly newFormulas: readonly Formula[];
  readonly newBatches: readonly Batch[];
  /** Already here under the same id, with other contents. */
  readonly changedFormulas: readonly Formula[];
  readonly changedBatches: readonly Batch[];
  /** Already here, digit for digit. */
  readonly sameCount: number;
}

/** What an import would bring, before anything is written. */
export function previewImport(
  file: WorkshopFile,
  here: { readonly formulas: readonly Formula[]; readonly batches: readonly Batch[] },
): ImportPreview {
  const formulas = sorted(file.formulas, here.formulas);
  const batches = sorted(file.batches, here.batches);
  return {
    newFormulas: formulas.fresh,
    newBatches: batches.fresh,
    changedFormulas: formulas.changed,
    changedBatches: batches.changed,
    sameCount: formulas.same + batches.same,
  };
}

function sorted<T extends { readonly id: string }>(incoming: readonly T[], here: readonly T[]) {
  const known = new Map(here.map((record) => [record.id, record]));
  const isSame = (record: T) => sameData(record, known.get(record.id));
  return {
    fresh: incoming.filter((record) => !known.has(record.id)),
    changed: incoming.filter((record) => known.has(record.id) && !isSame(record)),
    same: incoming.filter(isSame).length,
  };
}
