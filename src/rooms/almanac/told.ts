import type { BatchDigest } from '@/core/goods/archive/batchDigest';
import type { Batch } from '@/core/batches/records/schema';

/** A batch as the list tells it; the record itself where it is at hand. */
export type Told = Pick<
  BatchDigest,
  'id' | 'code' | 'formulaName' | 'versionNumber' | 'startedAt' | 'outcome' | 'family' | 'totalG'
> & { readonly batch: Batch | null };
