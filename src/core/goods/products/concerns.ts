import { clockTime, shortDate, weekdayDate } from '@/core/basics/format/dates';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import type { TendingNow } from '@/core/batches/trays/tending';
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
  | { readonly code: 'best-before-past'; readonly goods: string; readonly day: string }
  /** It keeps no longer than it still has to dry. */
  | { readonly code: 'best-before-first'; readonly goods: string; readonly day: string }
  /** Too early to wrap: from when it may be, ms since 1970, and for what it waits; null where it never dries in this room. */
  | {
      readonly code: 'too-early';
      readonly goods: string;
      readonly fromMs: number | null;
      readonly waitsFor: string | null;
    }
  /** Its icing or paint is not on it yet. */
  | { readonly code: 'step-open'; readonly goods: string; readonly title: string };

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

/**
 * What speaks against wrapping a batch now.
 * @param goods what it is called
 * @param steps what its pieces ask for
 */
export function concernsOfWrapping(
  goods: string,
  steps: readonly TendingNow[],
): readonly Concern[] {
  const wrap = steps.find(({ what, state }) => what === 'wrap' && state !== 'done');
  if (!wrap) return [];
  const open = steps.filter(
    ({ what, state }) => (what === 'ice' || what === 'paint') && state !== 'done',
  );
  const { state, fromMs, waitsFor } = wrap;
  const isEarly = state !== 'now';
  return [
    ...open.map(({ title }) => ({ code: 'step-open' as const, goods, title })),
    ...(isEarly ? [{ code: 'too-early' as const, goods, fromMs, waitsFor }] : []),
  ];
}

/**
 * What speaks against a best-before day: it is past, or it comes before the pieces may be wrapped at all.
 * @param readyOn day on which the last of it may be wrapped; ISO days all
 */
export function concernsOfDay(
  goods: string,
  bestBefore: string,
  today: string,
  readyOn: string,
): readonly Concern[] {
  if (bestBefore < today) return [{ code: 'best-before-past', goods, day: bestBefore }];
  return bestBefore < readyOn ? [{ code: 'best-before-first', goods, day: bestBefore }] : [];
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
    case 'best-before-first':
      return `${concern.goods} reaches its best-before date (${shortDate(concern.day)}) before it is dry.`;
    case 'too-early':
      return sayEarly(concern);
    case 'step-open':
      return `${concern.goods} has a step left: ${concern.title}.`;
  }
}

function sayEarly({ goods, fromMs, waitsFor }: Extract<Concern, { code: 'too-early' }>): string {
  if (fromMs === null) return `${goods} does not dry in this room. Dry the room first.`;
  const when = `${weekdayDate(fromMs)}, ${clockTime(fromMs)}`;
  return waitsFor === null
    ? `${goods} is still drying. Wrap it from ${when}.`
    : `${goods} waits for its ${waitsFor} to dry. Wrap it from ${when}.`;
}
