import { z } from 'zod';
import { moldSchema } from './moldSchema';

const massG = z.number().min(0.1).max(1_000_000);

/** Another mold that is filled from the same bowl. */
export const moldSetSchema = z.object({
  mold: moldSchema,
  moldId: z.uuid().nullable(),
  /** Grams each piece is filled to by weight; null for what the mold holds. */
  fillG: massG.nullable(),
  count: z.int().min(1).max(10_000),
  /** Made of what is left after the others, so that nothing more is mixed for it. */
  isSampler: z.boolean(),
  /** Grams on each piece of what is iced, topped or painted, by part id; as the formula has it where not named. */
  tops: z.record(z.string(), z.number().min(0).max(10_000)).optional(),
});
export type MoldSet = z.infer<typeof moldSetSchema>;
const MOST_SETS = 8;

/** What the maker wants out of it. */
export const wantSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('pieces'), count: z.int().min(1).max(10_000) }),
  z.object({ kind: z.literal('total'), massG: z.number().min(1).max(1_000_000) }),
  /** The formula as it is written, so many times. */
  z.object({ kind: z.literal('times'), times: z.number().min(0.01).max(1000) }),
  z.object({ kind: z.literal('bowls'), count: z.int().min(1).max(100) }),
  /** As much as this much of one material allows. */
  z.object({ kind: z.literal('use-up'), materialId: z.string().min(1), massG }),
]);
export type Want = z.infer<typeof wantSchema>;
export type WantKind = Want['kind'];

/** How a line gets into the bowl, where the scale is not the way. */
export const waySchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('scale') }),
  z.object({ kind: z.literal('drops') }),
  z.object({ kind: z.literal('spoons') }),
  z.object({ kind: z.literal('premix'), lotId: z.uuid() }),
]);
export type Way = z.infer<typeof waySchema>;

export const scaleRequestSchema = z.object({
  want: wantSchema,
  mold: moldSchema,
  /** The mold of the shelf these measures were taken from. */
  moldId: z.uuid().nullable(),
  /** Grams each piece is filled to by weight; null for what the mold holds. */
  fillG: massG.nullable(),
  /** Step of the scale in grams, while no scale stands on the shelf. */
  scaleStepG: z.number().min(0.001).max(100),
  /** Share of the mix that stays in the bowl, on the press and on the glove, in %. */
  lossPct: z.number().min(0).max(50),
  /** One bowl after the other, all alike, or a bowl for each color. */
  bowls: z.enum(['equal', 'by-color']),
  more: z.array(moldSetSchema).max(MOST_SETS).optional(),
  /** By line id; a line that is not named goes over the scale. */
  ways: z.record(z.string(), waySchema),
});
export type ScaleRequest = z.infer<typeof scaleRequestSchema>;
