import { z } from 'zod';
import { ORIGINS } from '@/core/formula/model/kinds';
import { TRIAL_KINDS } from './kinds';
import { SEEN_ROWS, SEEN_WHATS, type SeenRow } from './seen';
import { PHASES, VERDICTS, WHYS, MOST_READINGS } from './kinds';

const moment = z.iso.datetime({ offset: true });
const massG = z.number().min(0.1).max(20_000);

const entryBase = {
  id: z.uuid(),
  at: moment,
  who: z.string().max(60).optional(),
  /** Set when it was taken back: it stays, with the time. */
  voidedAt: moment.nullable(),
};

/** One thing seen. Entries are only ever added or struck. */
export const trialEntrySchema = z.discriminatedUnion('kind', [
  z.object({ ...entryBase, kind: z.literal('phase'), phase: z.enum(PHASES) }),
  z
    .object({
      ...entryBase,
      kind: z.literal('seen'),
      what: z.enum(SEEN_WHATS),
      value: z.string().max(40),
    })
    .refine(
      ({ what, value }) =>
        (SEEN_ROWS as readonly SeenRow[])
          .find((row) => row.what === what)
          ?.choices.some((choice) => choice.value === value),
      'is none of what can be seen',
    ),
  z.object({
    ...entryBase,
    kind: z.literal('color'),
    hex: z.string().regex(/^#[0-9a-f]{6}$/),
    by: z.enum(['eye', 'photo']),
  }),
  /** On the scale: jug and water as they stand, before the sample. */
  z.object({ ...entryBase, kind: z.literal('jug'), massG }),
  z.object({
    ...entryBase,
    kind: z.literal('verdict'),
    verdict: z.enum(VERDICTS),
    whys: z.array(z.enum(WHYS)).max(WHYS.length),
  }),
  z.object({ ...entryBase, kind: z.literal('note'), text: z.string().max(500) }),
]);

export const trialSchema = z.object({
  id: z.uuid(),
  origin: z.enum(ORIGINS),
  kind: z.enum(TRIAL_KINDS),
  /** Null for a piece from elsewhere, which has a name instead. */
  batchId: z.uuid().nullable(),
  name: z.string().max(80),
  /** Of the piece, or of the sample on the scale. */
  pieceG: massG,
  /** Whole, or crumbled for the jug. */
  isCrumbs: z.boolean(),
  /** Since it was made, days; null when nobody knows. */
  ageDays: z.number().min(0).max(20_000).nullable(),
  water: z.object({
    volumeL: z.number().min(0.1).max(2000),
    tempC: z.number().min(0).max(100),
    alkalinityMgL: z.number().min(0).max(2000),
  }),
  /** Of a shower, L/min. */
  flowLMin: z.number().min(1).max(30).nullable(),
  /** Of the scale, g; null beside the scale. */
  stepG: z.number().min(0.001).max(100).nullable(),
  entries: z.array(trialEntrySchema).max(500),
  /** What the scale wrote down: seconds since the sample touched the water, grams of the whole. */
  readings: z
    .array(z.tuple([z.number().min(0).max(100_000), z.number().min(-1000).max(1_000_000)]))
    .max(MOST_READINGS),
  startedAt: moment,
  /** Null while it goes on. */
  finishedAt: moment.nullable(),
  /** Set when the whole trial was taken back: it stays in sight, and teaches nothing. */
  voidedAt: moment.nullable().optional(),
});
export type Trial = Readonly<z.infer<typeof trialSchema>>;
export type TrialEntry = z.infer<typeof trialEntrySchema>;
export type TrialEntryOf<K extends TrialEntry['kind']> = Extract<TrialEntry, { kind: K }>;
/** What a caller says of a new entry. */
export type NewTrialEntry = TrialEntry extends infer E
  ? E extends TrialEntry
    ? Omit<E, 'id' | 'at' | 'voidedAt'>
    : never
  : never;
