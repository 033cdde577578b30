import type { PastBatch } from '@/core/past';
import type { Batch } from '@/core/records';

/** A batch as the list tells it; the record itself where it is at hand. */
export type Told = Pick<
  PastBatch,
  'id' | 'code' | 'formulaName' | 'versionNumber' | 'startedAt' | 'outcome' | 'family' | 'totalG'
> & { readonly batch: Batch | null };
