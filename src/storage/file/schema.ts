import { z } from 'zod';
import { settingsSchema } from '@/core/workshop';
import { COLLECTIONS } from '../collections';
import { STORED_VERSION } from '../upgrades';

export const FORMAT_NAME = 'rovack-workshop';

export const workshopFileSchema = z.object({
  format: z.literal(FORMAT_NAME),
  formatVersion: z.literal(STORED_VERSION),
  exportedAt: z.iso.datetime({ offset: true }),
  materials: z.array(COLLECTIONS.materials),
  formulas: z.array(COLLECTIONS.formulas),
  batches: z.array(COLLECTIONS.batches),
  lots: z.array(COLLECTIONS.lots),
  molds: z.array(COLLECTIONS.molds),
  tools: z.array(COLLECTIONS.tools),
  rooms: z.array(COLLECTIONS.rooms),
  photos: z.array(COLLECTIONS.photos),
  trials: z.array(COLLECTIONS.trials),
  ladders: z.array(COLLECTIONS.ladders),
  packaging: z.array(COLLECTIONS.packaging),
  units: z.array(COLLECTIONS.units),
  goods: z.array(COLLECTIONS.goods),
  orders: z.array(COLLECTIONS.orders),
  settings: settingsSchema.nullable(),
});

/** Everything a workshop has stored, as one file holds it. */
export type WorkshopFile = z.infer<typeof workshopFileSchema>;
