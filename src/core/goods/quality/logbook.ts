import { z } from 'zod';
import { ORIGINS } from '@/core/formula/model/kinds';

/** What a batch’s papers may still lack when it is released. */
export const BATCH_GAPS = [
  'not-weighed',
  'no-lots',
  'lots-without-documents',
  'no-certificate',
  'expired-documents',
  'lot-on-hold',
  'no-fills',
  'no-tests',
  'no-samples',
  'open-warnings',
] as const;
export type BatchGapCode = (typeof BATCH_GAPS)[number];

export const COMPLAINT_KINDS = ['skin-reaction', 'other-reaction', 'quality', 'packaging'] as const;
export type ComplaintKind = (typeof COMPLAINT_KINDS)[number];

const base = {
  id: z.uuid(),
  origin: z.enum(ORIGINS),
  /** When it happened, or was told. */
  at: z.iso.datetime({ offset: true }),
  /** Whose hands, or who took the call; empty when nobody said. */
  who: z.string().max(60),
  /** Set when the maker took it back: the entry stays. */
  voidedAt: z.iso.datetime({ offset: true }).nullable(),
};
const text = z.string().max(2000);
const grams = z.number().min(0).max(1_000_000);

/** Small dated entries that an inspector asks for, one record each. */
export const logbookSchema = z.discriminatedUnion('kind', [
  /** Something a customer told about a piece of a batch. */
  z.object({
    ...base,
    kind: z.literal('complaint'),
    batchId: z.uuid(),
    what: z.enum(COMPLAINT_KINDS),
    /** Somebody was seriously harmed: an authority has to hear of it. */
    isSerious: z.boolean(),
    /** Order number or initials. */
    from: z.string().max(120),
    said: text,
    /** What the maker found and did. */
    answer: text,
    closedOn: z.iso.date().nullable(),
  }),
  /** A person says that a batch may be sold, or may not. The last one that stands decides. */
  z.object({
    ...base,
    who: z.string().min(1).max(60),
    kind: z.literal('release'),
    batchId: z.uuid(),
    verdict: z.enum(['released', 'rejected']),
    /** What was still open then, by code. */
    open: z.array(z.enum(BATCH_GAPS)).max(BATCH_GAPS.length),
    note: text,
  }),
  /** A known weight on a scale. */
  z.object({
    ...base,
    kind: z.literal('scale-check'),
    toolId: z.uuid(),
    /** Of the scale as it was then. */
    stepG: z.number().min(0.001).max(100),
    capacityG: z.number().min(1).max(1_000_000),
    weightG: grams,
    shownG: grams,
  }),
  z.object({
    ...base,
    kind: z.literal('cleaning'),
    /** Bench, bowl, press, room. */
    what: z.string().min(1).max(200),
    /** With what, and how. */
    how: z.string().max(500),
  }),
  /** Water activity of a dry piece, measured at home or by a laboratory. */
  z.object({
    ...base,
    kind: z.literal('water-activity'),
    batchId: z.uuid(),
    /** 0 to 1. */
    waterActivity: z.number().min(0).max(1),
    tempC: z.number().min(0).max(60),
    /** Instrument or laboratory. */
    by: z.string().max(120),
  }),
]);
export type LogbookEntry = Readonly<z.infer<typeof logbookSchema>>;
export type LogbookKind = LogbookEntry['kind'];
export type LogbookOf<K extends LogbookKind> = Extract<LogbookEntry, { readonly kind: K }>;
/** What a caller says of a new entry; id, origin and the rest are added. */
export type NewLogbookEntry = LogbookEntry extends infer E
  ? E extends LogbookEntry
    ? Omit<E, 'id' | 'origin' | 'voidedAt'>
    : never
  : never;
