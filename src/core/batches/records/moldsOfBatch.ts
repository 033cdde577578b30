import { setNames } from '@/core/work/scaling/moldNames';
import type { Batch } from './schema';

/** Molds of a batch by name, with the pieces of each where there are several. */
export function moldsOfBatch(
  { plan, request }: Batch,
  onShelf?: (moldId: string) => { readonly name: string } | null,
): readonly string[] {
  const one = { mold: request.mold, moldId: request.moldId, pieces: plan.pieces };
  return setNames(plan.sets ?? [one], onShelf);
}
