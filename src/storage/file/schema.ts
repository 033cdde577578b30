import { z } from 'zod';
import { formulaSchema } from '@/core/formula';
import { batchSchema } from '@/core/records';
import { settingsSchema } from '@/core/workshop';

/** Raised by one with every change of the stored shapes; each raise comes with a migration. */
export const FORMAT_VERSION = 2;
export const FORMAT_NAME = 'rovack-workshop';

export const workshopFileSchema = z.object({
  format: z.literal(FORMAT_NAME),
  formatVersion: z.literal(FORMAT_VERSION),
  exportedAt: z.iso.datetime({ offset: true }),
  formulas: z.array(formulaSchema),
  batches: z.array(batchSchema),
  settings: settingsSchema.nullable(),
});

/** Everything a workshop has stored, as one file holds it. */
export type WorkshopFile = z.infer<typeof workshopFileSchema>;
