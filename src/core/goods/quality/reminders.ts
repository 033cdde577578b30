import { dayOf, daysLater } from '@/core/basics/time';
import type { Batch } from '@/core/batches/records/schema';
import { looksOf } from '@/core/batches/records/keptBack';
import type { SupplierDocument } from '@/core/results/scent/documents';
import type { Lot } from '@/core/workshop/shelf/lot';
import type { Tool } from '@/core/workshop/shelf/tool';
import { SOON_DAYS } from '@/core/workshop/shelf/watch';
import { toolsOf } from '@/core/workshop/shelf/workplace';
import { standingEntries } from './entries';
import type { LogbookEntry } from './logbook';
import { stabilityChecks, type StabilityPlan } from './stability';

/** Something to do by a day that no order asks for. */
export type Reminder = { readonly id: string; /** ISO day. */ readonly day: string } & (
  | { readonly kind: 'retained-sample'; readonly batchId: string; readonly month: number }
  | { readonly kind: 'lot'; readonly lotId: string }
  | { readonly kind: 'document'; readonly document: SupplierDocument }
  | {
      readonly kind: 'stability';
      readonly batchId: string;
      readonly month: number;
      readonly condition: string;
    }
  | { readonly kind: 'scale-check'; readonly scale: string }
  | { readonly kind: 'cleaning' }
  | { readonly kind: 'complaint'; readonly batchId: string }
);

export interface Upkeep {
  /** Days from one check of a scale to the next; 0 for no reminder. */
  readonly scaleCheckDays: number;
  readonly cleaningDays: number;
}

export interface ReminderFacts {
  readonly batches: readonly Batch[];
  readonly lots: readonly Lot[];
  /** Is anything of a lot left? */
  readonly isHere: (lotId: string) => boolean;
  readonly documents: readonly SupplierDocument[];
  readonly tools: readonly Tool[];
  readonly logbook: readonly LogbookEntry[];
  readonly plans: readonly StabilityPlan[];
  readonly upkeep: Upkeep;
}

/** A look that was due longer ago than this is missed, days: the next one counts. Rovack estimate. */
const STABILITY_LATE_DAYS = 45;

/** What is to be done today: what is due, and what expires soon. @param today ISO day */
export function remindersNow(facts: ReminderFacts, today: string): readonly Reminder[] {
  return remindersBetween(facts, today, daysLater(today, SOON_DAYS)).filter(
    ({ kind, day }) => day === today || kind === 'lot' || kind === 'document',
  );
}

/** What is to be done between two days, both included, earliest first. @param from ISO day; what was due before shows on it */
export function remindersBetween(
  facts: ReminderFacts,
  from: string,
  to: string,
): readonly Reminder[] {
  return [
    ...retained(facts, from),
    ...expiries(facts, from),
    ...stability(facts, from),
    ...upkeepOf(facts, from),
    ...complaints(facts),
  ]
    .map((one) => (one.day < from ? { ...one, day: from } : one))
    .filter(({ day }) => day <= to)
    .sort((a, b) => a.day.localeCompare(b.day) || a.id.localeCompare(b.id));
}

function retained({ batches }: ReminderFacts, from: string): readonly Reminder[] {
  return batches.flatMap((batch) =>
    looksOf(batch, Date.parse(from)).flatMap(({ state, month, dueMs }) =>
      state === 'due' || state === 'later'
        ? [
            {
              kind: 'retained-sample' as const,
              id: `look/${batch.id}/${month}`,
              day: dayOf(dueMs),
              batchId: batch.id,
              month,
            },
          ]
        : [],
    ),
  );
}

function expiries({ lots, isHere, documents }: ReminderFacts, from: string): readonly Reminder[] {
  const here = new Set(lots.filter(({ id }) => isHere(id)).map(({ id }) => id));
  return [
    ...lots.flatMap(({ id, expiresOn }) =>
      expiresOn !== null && expiresOn >= from && here.has(id)
        ? [{ kind: 'lot' as const, id: `lot/${id}`, day: expiresOn, lotId: id }]
        : [],
    ),
    ...documents.flatMap((document) =>
      document.expiresOn !== null &&
      (document.lotId === null || here.has(document.lotId)) &&
      !documents.some((other) => replaces(other, document))
        ? [
            {
              kind: 'document' as const,
              id: `document/${document.id}`,
              day: document.expiresOn,
              document,
            },
          ]
        : [],
    ),
  ];
}

function replaces(newer: SupplierDocument, { kind, materialId, lotId, dated }: SupplierDocument) {
  return (
    newer.kind === kind &&
    newer.materialId === materialId &&
    newer.lotId === lotId &&
    newer.dated > dated
  );
}

function stability({ plans }: ReminderFacts, from: string): readonly Reminder[] {
  return plans.flatMap((plan) =>
    stabilityChecks(plan).flatMap(({ condition, month, dueOn, result }) =>
      result === null && daysLater(dueOn, STABILITY_LATE_DAYS) >= from
        ? [
            {
              kind: 'stability' as const,
              id: `stability/${plan.id}/${month}/${condition.id}`,
              day: dueOn,
              batchId: plan.batchId,
              month,
              condition: condition.name,
            },
          ]
        : [],
    ),
  );
}

function upkeepOf({ tools, logbook, upkeep }: ReminderFacts, from: string): readonly Reminder[] {
  const dayOfLast = (entry: { readonly at: string } | undefined, days: number) =>
    entry ? daysLater(entry.at.slice(0, 10), days) : from;
  const { scaleCheckDays, cleaningDays } = upkeep;
  const checks = standingEntries(logbook, 'scale-check');
  return [
    ...(scaleCheckDays > 0
      ? toolsOf(tools, 'scale').map(({ id, name }) => ({
          kind: 'scale-check' as const,
          id: `scale/${id}`,
          day: dayOfLast(checks.filter(({ toolId }) => toolId === id).at(-1), scaleCheckDays),
          scale: name,
        }))
      : []),
    ...(cleaningDays > 0
      ? [
          {
            kind: 'cleaning' as const,
            id: 'cleaning',
            day: dayOfLast(standingEntries(logbook, 'cleaning').at(-1), cleaningDays),
          },
        ]
      : []),
  ];
}

function complaints({ logbook }: ReminderFacts): readonly Reminder[] {
  return standingEntries(logbook, 'complaint').flatMap(({ id, at, batchId, closedOn }) =>
    closedOn === null
      ? [{ kind: 'complaint' as const, id: `complaint/${id}`, day: at.slice(0, 10), batchId }]
      : [],
  );
}
