import { shortDate } from '@/core/basics/format/dates';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import { recallLot, type Books } from './recall';
import type { MoveOf } from './schema';
import type { LooseStock, WrappedStock } from './stock';

/** Why goods are not wrapped, sold or given away without a question. */
export type Concern =
  /** Made from lots that are on hold now. */
  | { readonly code: 'lot-on-hold'; readonly goods: string; readonly lots: readonly string[] }
  /** Its best-before day is past. */
  | { readonly code: 'best-before-past'; readonly goods: string; readonly day: string };

/** Batches that hold a lot on hold, through premixes and crumbs too, with the codes of those lots. */
export type Held = ReadonlyMap<string, readonly string[]>;

export function heldBatches(books: Books): Held {
  const held = new Map<string, readonly string[]>();
  for (const lot of books.lots)
    if (lot.isQuarantined)
      for (const { batch } of recallLot(lot.id, books).batches)
        held.set(batch.id, [...(held.get(batch.id) ?? []), lot.code]);
  return held;
}

/** What speaks against pieces of these batches. @param codeOf what a batch is called */
export function concernsOfBatches(
  batchIds: readonly string[],
  held: Held,
  codeOf: (batchId: string) => string,
): readonly Concern[] {
  return [...new Set(batchIds)].flatMap((id) => {
    const lots = held.get(id);
    return lots ? [{ code: 'lot-on-hold' as const, goods: codeOf(id), lots }] : [];
  });
}

/** What speaks against wrapped goods. @param today ISO day */
export function concernsOfRun(
  run: MoveOf<'wrapped'>,
  held: Held,
  today: string,
): readonly Concern[] {
  const lots = [...new Set(run.from.flatMap(({ batchId }) => held.get(batchId) ?? []))];
  return [
    ...(lots.length > 0 ? [{ code: 'lot-on-hold' as const, goods: run.code, lots }] : []),
    ...(run.bestBefore !== null && run.bestBefore < today
      ? [{ code: 'best-before-past' as const, goods: run.code, day: run.bestBefore }]
      : []),
  ];
}

/** Goods that may be promised: nothing from a lot on hold, nothing past its day. @param today ISO day */
export function promisable(
  wrapped: readonly WrappedStock[],
  held: Held,
  today: string,
): readonly WrappedStock[] {
  return wrapped.filter(({ run }) => concernsOfRun(run, held, today).length === 0);
}

/** The same of loose pieces. */
export function promisableLoose(loose: readonly LooseStock[], held: Held): readonly LooseStock[] {
  return loose.filter(({ batch }) => !held.has(batch.id));
}

export function sayConcern(concern: Concern): string {
  return concern.code === 'lot-on-hold'
    ? `${concern.goods} contains ${counted(concern.lots.length, 'lot')} on hold: ${listed(concern.lots)}.`
    : `${concern.goods} is past its best-before date (${shortDate(concern.day)}).`;
}
