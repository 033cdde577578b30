import { formatCount } from '@/core/basics/format/numbers';
import { describeMold } from './molds';
import type { Mold } from './moldSchema';

/** A mold in a plan or in the record of a batch. */
interface Named {
  readonly mold: Mold;
  readonly moldId?: string | null | undefined;
  /** As it was called when the batch was begun. */
  readonly name?: string | undefined;
}
type OnShelf = (moldId: string) => { readonly name: string } | null;

/** What a mold is called: as the record or the shelf has it, else by its measures. */
export function moldName({ mold, moldId, name }: Named, onShelf?: OnShelf): string {
  return name ?? (moldId ? onShelf?.(moldId)?.name : undefined) ?? describeMold(mold);
}

/** `8 × Large sphere`, `5 × 45 mm cube`; a single mold by its name alone. */
export function setNames(
  sets: ReadonlyArray<Named & { readonly pieces: number }>,
  onShelf?: OnShelf,
): readonly string[] {
  const filled = sets.filter(({ pieces }) => pieces > 0);
  return filled.map((set) =>
    filled.length > 1
      ? `${formatCount(set.pieces)} × ${moldName(set, onShelf)}`
      : moldName(set, onShelf),
  );
}
