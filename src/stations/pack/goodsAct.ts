import type { Batch } from '@/core/batches/records/schema';
import type { Grade } from '@/core/goods/products/kinds';
import type { MoveOf } from '@/core/goods/products/schema';

/** What something is done with: loose pieces of a batch, or wrapped units of one run. */
export type GoodsAct =
  | { readonly kind: 'loose'; readonly batch: Batch; readonly grade: Grade; readonly left: number }
  | { readonly kind: 'wrapped'; readonly run: MoveOf<'wrapped'>; readonly left: number };
