import { z } from 'zod';
import { ORIGINS, formulaBodySchema } from '../formula';
import { benchStepSchema, lotUseSchema } from '../making';
import { scaleRequestSchema } from '../scaling';

const moment = z.iso.datetime({ offset: true });
const massG = z.number().min(0).max(1_000_000);

const entryBase = {
  id: z.uuid(),
  at: moment,
  stepId: z.string(),
  /** Set when the maker took it back: the entry stays, with the time it was struck. */
  struckAt: moment.nullable(),
};

/** One thing that happened at the bench. Entries are only ever added or struck, never changed. */
export const batchEntrySchema = z.discriminatedUnion('kind', [
  z.object({
    ...entryBase,
    kind: z.literal('room'),
    humidityPct: z.number().min(0).max(100),
    tempC: z.number().min(-20).max(60),
  }),
  z.object({
    ...entryBase,
    kind: z.literal('weighed'),
    lineId: z.uuid(),
    materialId: z.string(),
    targetG: massG,
    massG,
    by: z.enum(['simulated scale', 'typed', 'drops', 'spoons']),
    /** What came along with it, when it was weighed as a premix. */
    carrier: z.object({ materialId: z.string(), massG }).optional(),
    /** Lots it came from; left out when none stands for it. */
    lots: z.array(lotUseSchema).optional(),
  }),
  z.object({
    ...entryBase,
    kind: z.literal('added'),
    materialId: z.string(),
    massG,
    squirts: z.number().min(0).nullable(),
    why: z.string(),
    lots: z.array(lotUseSchema).optional(),
  }),
  z.object({ ...entryBase, kind: z.literal('timer'), seconds: z.int().min(1) }),
  z.object({
    ...entryBase,
    kind: z.literal('squeezed'),
    acidIn: z.boolean(),
    felt: z.enum(['too-dry', 'right', 'too-wet']),
  }),
  z.object({ ...entryBase, kind: z.literal('done') }),
  z.object({ ...entryBase, kind: z.literal('skipped') }),
  z.object({
    ...entryBase,
    kind: z.literal('counted'),
    pieces: z.int().min(0).max(100_000),
    rejects: z.int().min(0).max(100_000),
  }),
  z.object({ ...entryBase, kind: z.literal('note'), text: z.string().max(2000) }),
]);

/** Readings as they stood when the batch was begun, frozen with the version of the models that gave them. */
export const frozenReadingsSchema = z.object({
  modelsVersion: z.string(),
  sodaToAcidByMass: z.number().nullable(),
  balanceSodaToAcidByMass: z.number().nullable(),
  dampIndexPct: z.number().nullable(),
  windowLowPct: z.number(),
  windowHighPct: z.number(),
  freeWaterPct: z.number(),
  scentLoadPct: z.number(),
  co2L: z.number(),
});

export const batchSchema = z.object({
  id: z.uuid(),
  code: z.string().min(1),
  origin: z.enum(ORIGINS),
  formulaId: z.uuid(),
  formulaName: z.string(),
  versionNumber: z.int().min(1),
  /** The formula as it was, so that the record outlives it. */
  body: formulaBodySchema,
  request: scaleRequestSchema,
  plan: z.object({
    totalG: massG,
    pieces: z.int().min(1),
    pieceG: massG,
    lines: z.array(
      z.object({
        lineId: z.uuid(),
        partId: z.uuid(),
        materialId: z.string(),
        exactG: massG,
        targetG: massG,
        /** Step of the scale it was planned for. */
        stepG: z.number().min(0.001).max(100),
      }),
    ),
  }),
  readings: frozenReadingsSchema,
  steps: z.array(benchStepSchema).min(1),
  /** Index of the step in hand; equal to the number of steps when all are done. */
  currentStep: z.int().min(0),
  entries: z.array(batchEntrySchema),
  startedAt: moment,
  finishedAt: moment.nullable(),
  outcome: z.enum(['at the bench', 'made', 'given up']),
});

export type Batch = z.infer<typeof batchSchema>;
export type BatchEntry = z.infer<typeof batchEntrySchema>;
export type EntryKind = BatchEntry['kind'];
export type EntryOf<K extends EntryKind> = Extract<BatchEntry, { kind: K }>;
export type FrozenReadings = z.infer<typeof frozenReadingsSchema>;
/** What a caller says of a new entry; the record adds id, time and step. */
export type NewEntry = BatchEntry extends infer E
  ? E extends BatchEntry
    ? Omit<E, 'id' | 'at' | 'stepId' | 'struckAt'>
    : never
  : never;
