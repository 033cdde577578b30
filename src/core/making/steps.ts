import { z } from 'zod';

const id = z.string().min(1);

/** Grams taken off a lot. */
export const lotUseSchema = z.object({ lotId: z.uuid(), massG: z.number().min(0).max(1_000_000) });
export type LotUse = z.infer<typeof lotUseSchema>;

/** One screen of the bench. Stored with the batch, so that a batch begun under one release goes on under the next. */
export const benchStepSchema = z.discriminatedUnion('kind', [
  z.object({ id, kind: z.literal('room'), title: z.string(), note: z.string() }),
  z.object({
    id,
    kind: z.literal('weigh'),
    title: z.string(),
    note: z.string(),
    lineId: z.uuid(),
    materialId: z.string(),
    vessel: z.enum(['bowl', 'beaker', 'bloom cup', 'dish']),
    targetG: z.number().min(0),
    toleranceG: z.number().min(0),
    /** Step of the scale that weighs it. */
    stepG: z.number().min(0.001).max(100),
    /** Drops or spoons in place of a weight. */
    counted: z.object({ how: z.enum(['drops', 'spoons']), text: z.string() }).nullable(),
    /** What stands in for the material itself; the target is then of the premix. */
    premix: z
      .object({
        lotId: z.uuid(),
        code: z.string(),
        strengthFraction: z.number(),
        carrierId: z.string(),
      })
      .nullable(),
    /** Lots it is taken from, in this order. */
    lots: z.array(lotUseSchema.extend({ code: z.string() })),
  }),
  z.object({ id, kind: z.literal('do'), title: z.string(), note: z.string() }),
  z.object({
    id,
    kind: z.literal('mix'),
    title: z.string(),
    note: z.string(),
    seconds: z.int().min(1),
  }),
  z.object({
    id,
    kind: z.literal('squeeze'),
    title: z.string(),
    note: z.string(),
    acidIn: z.boolean(),
  }),
  z.object({ id, kind: z.literal('count'), title: z.string(), note: z.string() }),
]);

export type BenchStep = z.infer<typeof benchStepSchema>;
export type WeighStep = Extract<BenchStep, { kind: 'weigh' }>;
export type Vessel = WeighStep['vessel'];
