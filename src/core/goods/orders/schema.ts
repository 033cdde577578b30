import { z } from 'zod';
import { ORDER_KINDS } from './kinds';

/** What somebody wants to have, and when. What was handed over stands with the goods. */
export const orderSchema = z.object({
  id: z.uuid(),
  origin: z.enum(['own', 'sample']),
  kind: z.enum(ORDER_KINDS),
  who: z.string().min(1).max(120),
  where: z.string().max(200),
  due: z.iso.datetime({ offset: true }),
  lines: z.array(z.object({ unitId: z.uuid(), count: z.int().min(1).max(100_000) })).max(200),
  /** Comes again after so many days; null for once. */
  repeatDays: z.int().min(1).max(366).nullable(),
  isCalledOff: z.boolean(),
  note: z.string().max(2000),
});
export type Order = Readonly<z.infer<typeof orderSchema>>;
