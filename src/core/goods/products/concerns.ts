import { shortDate } from '@/core/basics/format/dates';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import { standingEntries } from '../quality/entries';
import type { LogbookEntry } from '../quality/logbook';
import { recallLot, type Books } from './recall';
import type { MoveOf } from './schema';
import type { LooseStock } from './given';
import type { WrappedStock } from './stock';

/** Why goods are not wrapped, sold or given away without a question. */
export type Concern =
  /** Made from lots that are on hold now. */
  | { readonly code: 'lot-on-hold'; readonly goods: string; readonly lots: readonly string[] }
  /** Somebody rejected the batch. */
  | { readonly code: 'batch-rejected'; readonly goods: string; readonly who: string }
  /** Its best-before day is past. */
  | { readonly code: 'best-before-past'; readonly goods: string; readonly day: string };

/** Batches that are not sold without a question. */
export interface Held {
  /** Codes of the lots on hold in a batch, through premixes and crumbs too. */
  readonly lots: ReadonlyMap<string, readonly string[]>;
  /** Who rejected a batch. */
  readonly rejectedBy: ReadonlyMap<string, string>;
}

export function heldBatches(books: Books, logbook: readonly LogbookEntry[]): Held {
  const lots = new Map<string, readonly string[]>();
  for (const lot of books.lots)
    if (lot.isQuarantined)
      for (const { batch } of recallLot(lot.id, books).batches)
        lots.set(batch.id, [...(lots.get(batch.id) ?? []), lot.code]);
  const rejectedBy = new Map<string, string>();
  for (const { batchId, verdict, who } of standingEntries(logbook, 'release'))
    if (verdict === 'rejected') rejectedBy.set(batchId, who);
    else rejectedBy.delete(batchId);
  return { lots, rejectedBy };
}

/** What speaks against pieces of these batches. @param codeOf what a batch is called */
export function concernsOfBatches(
  batchIds: readonly string[],
  held: Held,
  codeOf: (batchId: string) => string,
): readonly Concern[] {
  return [...new Set(batchIds)].flatMap((id) => {
    const lots = held.lots.get(id);
    const who = held.rejectedBy.get(id);
    return [
      ...(lots ? [{ code: 'lot-on-hold' as const, goods: codeOf(id), lots }] : []),
      ...(who ? [{ code: 'batch-rejected' as const, goods: codeOf(id), who }] : []),
    ];
  });
}

/** What speaks against wrapped goods. @param today ISO day */
export function concernsOfRun(
  run: MoveOf<'wrapped'>,
  held: Held,
  today: string,
): readonly Concern[] {
  const lots = [...new Set(run.from.flatMap(({ batchId }) => held.lots.get(batchId) ?? []))];
  const [who] = run.from.flatMap(({ batchId }) => held.rejectedBy.get(batchId) ?? []);
  return [
    ...(who ? [{ code: 'batch-rejected' as const, goods: run.code, who }] : []),
    ...(lots.length > 0 ? [{ code: 'lot-on-hold' as const, goods: run.code, lots }] : []),
    ...(run.bestBefore !== null && run.bestBefore < today
      ? [{ code: 'best-before-past' as const, goods: run.code, day: run.bestBefore }]
      : []),
  ];
}

/** Goods that may be promised: nothing from a lot on hold or a rejected batch, nothing past its day. @param today ISO day */
export function promisable(
  wrapped: readonly WrappedStock[],
  held: Held,
  today: string,
): readonly WrappedStock[] {
  return wrapped.filter(({ run }) => concernsOfRun(run, held, today).length === 0);
}

/** The same of loose pieces. */
export function promisableLoose(loose: readonly LooseStock[], held: Held): readonly LooseStock[] {
  return loose.filter(({ batch }) => !held.lots.has(batch.id) && !held.rejectedBy.has(batch.id));
}

export function sayConcern(concern: Concern): string {
  switch (concern.code) {
    case 'lot-on-hold':
      return `${concern.goods} contains ${counted(concern.lots.length, 'lot')} on hold: ${listed(concern.lots)}.`;
    case 'batch-rejected':
      return `${concern.goods} is from a batch that ${concern.who} rejected.`;
    case 'best-before-past':
      return `${concern.goods} is past its best-before date (${shortDate(concern.day)}).`;
  }
}
