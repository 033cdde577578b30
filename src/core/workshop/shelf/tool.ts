import { z } from 'zod';
import { METHODS } from '@/core/formula/model/kinds';
import { moldSchema } from '@/core/work/scaling/moldSchema';

const base = {
  id: z.uuid(),
  origin: z.enum(['own', 'sample']),
  name: z.string().min(1).max(80),
};

/** A mold as it lies on the shelf. */
export const shelfMoldSchema = z.object({
  ...base,
  mold: moldSchema,
  /** How it is usually filled. */
  method: z.enum(METHODS),
  /** Pieces it makes at one go: 32 for a plate of 32. */
  cavities: z.int().min(1).max(1000),
  /** Milliliters of water one cavity took when it was filled to the brim; goes before the measures. */
  waterFillMl: z.number().min(0.5).max(20_000).nullable(),
  /** Own fills, grams a piece, newest last: they teach how densely this mold is packed. */
  fillsG: z.array(z.number().min(0.1).max(50_000)).max(200),
});
export type ShelfMold = Readonly<z.infer<typeof shelfMoldSchema>>;

const toolBase = {
  ...base,
  /** Lowest of its kind is the one in use. */
  rank: z.int(),
};
/** What stands on the bench and in the drying room. */
export const toolSchema = z.discriminatedUnion('kind', [
  z.object({
    ...toolBase,
    kind: z.literal('scale'),
    stepG: z.number().min(0.001).max(100),
    capacityG: z.number().min(1).max(1_000_000),
    /** Least it weighs honestly; ten steps until the maker says otherwise. */
    minimumG: z.number().min(0).max(100_000).nullable(),
  }),
  z.object({
    ...toolBase,
    kind: z.literal('sprayer'),
    /** Grams of ten squirts. */
    tenSquirtsG: z.number().min(0.2).max(100),
    /** What stands in it; left out for one that is filled with anything. */
    holdsId: z.string().max(120).optional(),
  }),
  z.object({
    ...toolBase,
    kind: z.literal('dropper'),
    /** Grams of twenty drops of oil. */
    twentyDropsG: z.number().min(0.1).max(10),
  }),
  z.object({
    ...toolBase,
    kind: z.literal('mixer'),
    bowlL: z.number().min(0.2).max(500),
    /** Most the bowl is filled, %. */
    fillPct: z.number().min(5).max(100),
  }),
  z.object({
    ...toolBase,
    kind: z.literal('press'),
    piecesPerMinute: z.number().min(0.05).max(200),
    note: z.string().max(200),
  }),
  z.object({
    ...toolBase,
    kind: z.literal('tray'),
    places: z.int().min(1).max(10_000),
    /** Left out while nobody said. */
    seats: z.enum(['rounded', 'flat']).optional(),
  }),
  z.object({ ...toolBase, kind: z.literal('drying-room'), trays: z.int().min(1).max(1000) }),
  z.object({ ...toolBase, kind: z.literal('humidity-sensor'), note: z.string().max(200) }),
]);
export type Tool = Readonly<z.infer<typeof toolSchema>>;
export type ToolKind = Tool['kind'];
export type ToolOf<K extends ToolKind> = Extract<Tool, { kind: K }>;
