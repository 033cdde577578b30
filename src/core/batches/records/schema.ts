import { z } from 'zod';
import { ORIGINS } from '@/core/formula/model/kinds';
import { formulaBodySchema } from '@/core/formula/model/schema';
import { TENDINGS } from '@/core/work/bench-steps/tendings';
import { benchStepSchema, lineShareSchema, lotUseSchema } from '@/core/work/bench-steps/stepSchema';
import { moldSchema } from '@/core/work/scaling/moldSchema';
import { scaleRequestSchema } from '@/core/work/scaling/requestSchema';
import { FAULTS, FATES, KEPT_COLORS, LEFT_FATES, ADDED_WHY, WEIGHED_BY } from './kinds';

const moment = z.iso.datetime({ offset: true });
const massG = z.number().min(0).max(1_000_000);
/** More happens in no batch: every piece pressed is an entry. */
const MOST = { entries: 10_000, steps: 2000, lines: 2000 };
const id = z.string().max(300);
const materialId = z.string().min(1).max(120);

const entryBase = {
  id: z.uuid(),
  at: moment,
  stepId: id,
  /** Whose hands; left out when nobody said. */
  who: z.string().max(60).optional(),
  /** Set when the maker took it back: the entry stays, with the time it was struck. */
  voidedAt: moment.nullable(),
  /** Why, where it was not the maker: the step was settled on two sides. */
  voidedWhy: z.enum(['entered-twice']).optional(),
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
    materialId,
    targetG: massG,
    massG,
    by: z.enum(WEIGHED_BY),
    /** Lines it stands for, where it is more than one. */
    shares: z.array(lineShareSchema).optional(),
    /** What came along with it, when it was weighed as a premix. */
    carrier: z.object({ materialId, massG }).optional(),
    /** Lots it came from; left out when none stands for it. */
    lots: z.array(lotUseSchema).optional(),
  }),
  z.object({
    ...entryBase,
    kind: z.literal('added'),
    materialId,
    massG,
    squirts: z.number().min(0).max(100_000).nullable(),
    why: z.enum(ADDED_WHY),
    /** The maker's own words on it. */
    said: z.string().max(200).optional(),
    lots: z.array(lotUseSchema).optional(),
    /** The line of the formula it was sprayed for. */
    lineId: z.uuid().optional(),
    /** The bowl it went into once the mix is parted; the first when left out. */
    bowl: z.int().min(1).max(2).optional(),
  }),
  /** After an over-pour: the rest of a part made to match. */
  z.object({
    ...entryBase,
    kind: z.literal('rescaled'),
    partId: z.uuid(),
    materialId,
    factor: z.number().min(0.01).max(100),
    /** Steps ahead whose targets were changed by it. */
    stepIds: z.array(id).max(MOST.steps),
  }),
  /** Part of the bowl into a second one. */
  z.object({
    ...entryBase,
    kind: z.literal('split'),
    share: z.number().min(0).max(1),
    name: z.string().max(80),
  }),
  /** One piece out of the press; null when it was not weighed. */
  z.object({
    ...entryBase,
    kind: z.literal('filled'),
    massG: massG.nullable(),
    by: z.enum(WEIGHED_BY),
  }),
  z.object({ ...entryBase, kind: z.literal('paused') }),
  z.object({ ...entryBase, kind: z.literal('resumed') }),
  z.object({ ...entryBase, kind: z.literal('timer'), seconds: z.int().min(1).max(1_000_000) }),
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
    /** Mini pieces from the rest: counted beside the pieces, and labeled as samplers. */
    samplers: z.int().min(0).max(100_000).optional(),
    /** Mold by mold, as the sets of the plan that are no minis; their sums are the two above. */
    molds: z
      .array(
        z.object({
          pieces: z.int().min(0).max(100_000),
          rejects: z.int().min(0).max(100_000),
        }),
      )
      .max(9)
      .optional(),
    /** Mix that is in no piece and is no loss. */
    left: z.object({ massG, fate: z.enum(LEFT_FATES) }).optional(),
  }),
  z.object({ ...entryBase, kind: z.literal('note'), text: z.string().max(2000) }),
  /** The marked piece on the scale while it dries. */
  z.object({ ...entryBase, kind: z.literal('dried'), massG, by: z.enum(WEIGHED_BY) }),
  /** A moisture meter in the marked piece: water as % of its mass. */
  z.object({
    ...entryBase,
    kind: z.literal('moisture'),
    moisturePct: z.number().min(0).max(100),
  }),
  z.object({
    ...entryBase,
    kind: z.literal('tended'),
    what: z.enum(TENDINGS),
    /** Which one, where there are several: the gold paint, and not the green. */
    step: id.optional(),
  }),
  /** Pieces looked over: how many of them show what. */
  z.object({
    ...entryBase,
    kind: z.literal('inspected'),
    looked: z.int().min(0).max(100_000),
    faults: z.array(z.object({ fault: z.enum(FAULTS), count: z.int().min(1).max(100_000) })),
    rejects: z.int().min(0).max(100_000),
    fate: z.enum(FATES).nullable(),
  }),
  /** Pieces laid away to be looked at when they are older. */
  z.object({ ...entryBase, kind: z.literal('kept'), pieces: z.int().min(1).max(10_000) }),
  /** One of them looked at. */
  z.object({
    ...entryBase,
    kind: z.literal('looked'),
    /** By the nail: 0 falls apart, 5 as on the first day. */
    hard: z.int().min(0).max(5),
    scent: z.int().min(0).max(5),
    color: z.enum(KEPT_COLORS),
  }),
]);

const ratio = z.number().min(0).max(1e9);
const pct = z.number().min(-1000).max(1000);
/** Readings as they stood when the batch was begun, frozen with the version of the models that gave them. */
export const frozenReadingsSchema = z.object({
  modelsVersion: z.string().max(40),
  sodaToAcidByMass: ratio.nullable(),
  balanceSodaToAcidByMass: ratio.nullable(),
  dampIndexPct: pct.nullable(),
  windowLowPct: pct,
  windowHighPct: pct,
  freeWaterPct: pct,
  scentLoadPct: pct,
  co2L: z.number().min(0).max(1_000_000),
});

export const batchSchema = z.object({
  id: z.uuid(),
  code: z.string().min(1).max(60),
  origin: z.enum(ORIGINS),
  formulaId: z.uuid(),
  formulaName: z.string().max(300),
  versionNumber: z.int().min(1),
  /** The formula as it was, so that the record outlives it. */
  body: formulaBodySchema,
  request: scaleRequestSchema,
  plan: z.object({
    totalG: massG,
    pieces: z.int().min(1).max(100_000),
    pieceG: massG,
    /** Mold by mold, where more than one is filled from this bowl. */
    sets: z
      .array(
        z.object({
          mold: moldSchema,
          /** The mold of the shelf, and what it was called then. */
          moldId: z.uuid().nullable().optional(),
          name: z.string().max(80).optional(),
          pieces: z.int().min(0).max(100_000),
          pieceG: massG,
          /** With what lies on it. */
          netG: massG.optional(),
          isSampler: z.boolean(),
        }),
      )
      .max(9)
      .optional(),
    lines: z
      .array(
        z.object({
          lineId: z.uuid(),
          partId: z.uuid(),
          materialId,
          exactG: massG,
          targetG: massG,
          /** Step of the scale it was planned for. */
          stepG: z.number().min(0.001).max(100),
        }),
      )
      .max(MOST.lines),
  }),
  readings: frozenReadingsSchema,
  steps: z.array(benchStepSchema).min(1).max(MOST.steps),
  /** Index of the step in hand; equal to the number of steps when all are done. */
  currentStep: z.int().min(0),
  entries: z.array(batchEntrySchema).max(MOST.entries),
  startedAt: moment,
  finishedAt: moment.nullable(),
  /** Made for oneself: no label, no stock. */
  isOwnUse: z.boolean().optional(),
  outcome: z.enum(['at-the-bench', 'made', 'given-up']),
});

export type Batch = z.infer<typeof batchSchema>;
export type BatchEntry = z.infer<typeof batchEntrySchema>;
export type EntryKind = BatchEntry['kind'];
export type EntryOf<K extends EntryKind> = Extract<BatchEntry, { kind: K }>;
export type FrozenReadings = z.infer<typeof frozenReadingsSchema>;
/** What a caller says of a new entry; the record adds id, time and step. */
export type NewEntry = BatchEntry extends infer E
  ? E extends BatchEntry
    ? Omit<E, 'id' | 'at' | 'stepId' | 'voidedAt' | 'voidedWhy'>
    : never
  : never;
