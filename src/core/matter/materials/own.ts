import { z } from 'zod';
import { AHEAD_KINDS } from './types';

/** A value and who says so, since when. */
export const saidSchema = z.object({
  value: z.number().min(0).max(1_000_000),
  /** `weighed at home`, `supplier's sheet`. */
  by: z.string().max(80),
  on: z.iso.date(),
});
export type Said = Readonly<z.infer<typeof saidSchema>>;

/** How the maker makes it: once, for several batches, on a day of its own. */
export const aheadSchema = z.object({
  kind: z.enum(AHEAD_KINDS),
  /** One making, in grams; what is strained off is in it while it stands, and leaves again. */
  lines: z
    .array(
      z.object({
        materialId: z.string().min(1),
        massG: z.number().min(0.001).max(1_000_000),
        isStrained: z.boolean(),
      }),
    )
    .min(1)
    .max(60),
  /** Hours from its making until it is used at the earliest. */
  readyH: z.number().min(0).max(2400),
  /** Days it keeps; null while nobody has said. */
  keepsDays: z.int().min(1).max(3650).nullable(),
  /** Minutes of hands to make it. */
  minutes: z.number().min(0).max(600),
});
export type Ahead = Readonly<z.infer<typeof aheadSchema>>;

/**
 * A material of the maker's own, or what the maker knows better of one in the catalog (then its id is the catalog's).
 * It behaves like a catalog material but for what is said here.
 */
export const ownMaterialSchema = z.object({
  id: z.string().min(1).max(80),
  origin: z.enum(['own', 'sample']),
  name: z.string().min(1).max(80),
  inci: z.string().max(200),
  /** Other names people write. */
  synonyms: z.array(z.string().max(80)).max(20),
  /** Catalog id it behaves like. */
  likeId: z.string().min(1),
  /** g/mL of the grain or the liquid itself. */
  trueDensityGMl: saidSchema.extend({ value: z.number().min(0.05).max(25) }).nullable(),
  /** g/mL of a level measure. */
  levelDensityGMl: saidSchema.extend({ value: z.number().min(0.02).max(10) }).nullable(),
  /** Share of free water, % by mass. */
  waterPct: saidSchema.extend({ value: z.number().min(0).max(100) }).nullable(),
  /** Money per kilogram, while no lot says better. */
  pricePerKg: saidSchema.nullable(),
  /** Grams of one pack at the supplier. */
  packG: z.number().min(1).max(1_000_000).nullable(),
  /** Below so many grams it is low. */
  lowG: z.number().min(0).max(1_000_000).nullable(),
  note: z.string().max(2000),
  /** Days from ordering it to having it; left out while nobody said. */
  leadDays: z.number().min(0).max(365).optional(),
  /** A mix of other materials, % by mass; left out for a material of its own. */
  madeOf: z
    .array(z.object({ materialId: z.string().min(1), pct: z.number().min(0).max(100) }))
    .max(60)
    .optional(),
  /** How it is made ahead; left out for what is bought. */
  ahead: aheadSchema.optional(),
  /** Laid away: still what formulas mean by it, but no longer offered. */
  isArchived: z.boolean(),
});
export type OwnMaterial = Readonly<z.infer<typeof ownMaterialSchema>>;
