import { z } from 'zod';
import { VESSEL_KINDS } from '@/core/formula/model/kinds';
import { TENDINGS } from './tendings';

const id = z.string().min(1).max(300);
const materialId = z.string().min(1).max(120);
const targetG = z.number().min(0).max(1_000_000);

/** Grams taken off a lot. */
export const lotUseSchema = z.object({ lotId: z.uuid(), massG: z.number().min(0).max(1_000_000) });
export type LotUse = z.infer<typeof lotUseSchema>;

/** One weighing for several lines of a formula: each takes its fraction, 0 to 1. */
export const lineShareSchema = z.object({
  lineId: z.uuid(),
  fraction: z.number().min(0).max(1),
});
export type LineShare = z.infer<typeof lineShareSchema>;

const base = {
  id,
  title: z.string().max(2000),
  note: z.string().max(4000),
  /** The vessel it is done in, by what it is called; left out by records of earlier releases. */
  lane: z.string().max(120).optional(),
};

/** One screen of the bench. Stored with the batch, so that a batch begun under one release goes on under the next. */
export const benchStepSchema = z.discriminatedUnion('kind', [
  z.object({ ...base, kind: z.literal('room') }),
  z.object({
    ...base,
    kind: z.literal('weigh'),
    lineId: z.uuid(),
    materialId,
    vessel: z.enum([...VESSEL_KINDS, 'bloom-cup']),
    targetG,
    toleranceG: targetG,
    /** Step of the scale that weighs it. */
    stepG: z.number().min(0.001).max(100),
    /** Drops or spoons in place of a weight. */
    counted: z
      .object({ how: z.enum(['drops', 'spoons']), count: z.int().min(1).max(1_000_000) })
      .nullable(),
    /** What stands in for the material itself; the target is then of the premix. */
    premix: z
      .object({
        lotId: z.uuid(),
        code: z.string().max(60),
        strengthFraction: z.number().min(0).max(1),
        carrierId: materialId,
      })
      .nullable(),
    /** Lots it is taken from, in this order. */
    lots: z.array(lotUseSchema.extend({ code: z.string().max(60) })),
    /** Lines it is weighed for, where it is more than one: the base of a split bowl. */
    shares: z.array(lineShareSchema).optional(),
    /** The entry that asked for it, when it tops up what was weighed before an over-pour. */
    topsUp: z.uuid().optional(),
  }),
  z.object({
    ...base,
    kind: z.literal('do'),
    /** It stands at least so long afterwards: a soak, an infusion. */
    waitS: z.int().min(1).max(10_000_000).optional(),
  }),
  z.object({ ...base, kind: z.literal('mix'), seconds: z.int().min(1).max(1_000_000) }),
  z.object({ ...base, kind: z.literal('squeeze'), acidIn: z.boolean() }),
  /** Short sprays, counted squirt by squirt; none is an answer too. */
  z.object({
    ...base,
    kind: z.literal('spray'),
    materialId,
    /** In one short spray. */
    squirts: z.int().min(1).max(100_000),
    /** The line of the formula that is sprayed, with its grams; left out for a spray that only helps. */
    lineId: z.uuid().optional(),
    targetG: targetG.optional(),
    /** Lines it stands for, where it is more than one. */
    shares: z.array(lineShareSchema).optional(),
    /** The bowl it goes into once the mix is parted; the first when left out. */
    bowl: z.literal(2).optional(),
    /** Grams of a teaspoon of it, where it goes in by the spoon instead. */
    spoonG: z.number().min(0.1).max(100).optional(),
  }),
  /** Part of the bowl goes into a second one. */
  z.object({ ...base, kind: z.literal('split'), share: z.number().min(0).max(1) }),
  /** Pieces are filled on the scale and pressed, one by one. */
  z.object({
    ...base,
    kind: z.literal('press'),
    targetG,
    stepG: z.number().min(0.001).max(100),
    pieces: z.int().min(1).max(100_000),
    /** Mini pieces from the rest. */
    isSampler: z.boolean().optional(),
  }),
  z.object({ ...base, kind: z.literal('count') }),
  /** Not at the bench any more: on the tray, the next day. */
  z.object({ ...base, kind: z.literal('later'), what: z.enum(TENDINGS) }),
]);

export type BenchStep = z.infer<typeof benchStepSchema>;
export type StepOf<K extends BenchStep['kind']> = Extract<BenchStep, { kind: K }>;
export type WeighStep = StepOf<'weigh'>;
