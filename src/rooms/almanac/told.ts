import type { PastBatch } from '@/core/past/pastBatch';
import type { Batch } from '@/core/records/schema';

/** A batch as the list tells it; the record itself where it is at hand. */
export type Told = Pick<
  PastBatch,
  'id' | 'code' | 'formulaName' | 'versionNumber' | 'startedAt' | 'outcome' | 'family' | 'totalG'
> & { readonly batch: Batch | null };
