import { z } from 'zod';
import { allergenShareSchema } from '@/core/results/scent/documents';

const day = z.iso.date().nullable();
const massG = z.number().min(0).max(10_000_000);

/** One delivery of a material, or a premix made at home, as it stands on the shelf. */
export const lotSchema = z.object({
  id: z.uuid(),
  origin: z.enum(['own', 'sample']),
  /** What is written on the jar. */
  code: z.string().min(1).max(60),
  /** What is in it; of a premix the active material. */
  materialId: z.string().min(1),
  supplier: z.string().max(120),
  receivedOn: day,
  openedOn: day,
  expiresOn: day,
  /** The expiry is a day to look at it again, not one to throw it out. */
  isRetest: z.boolean(),
  receivedG: massG,
  /** Money paid for all of it; null when it is not known. */
  cost: z.number().min(0).max(10_000_000).nullable(),
  /** Set aside: nothing is weighed from it. */
  isQuarantined: z.boolean(),
  /** Counted again on the scale: grams to add or take off. */
  counts: z
    .array(
      z.object({
        at: z.iso.datetime({ offset: true }),
        changeG: z.number().min(-10_000_000).max(10_000_000),
        why: z.string().max(200),
      }),
    )
    .max(1000),
  /** How it was made, when it is a premix. */
  premix: z
    .object({
      carrierId: z.string().min(1),
      /** Active material, % by mass, over 0. */
      strengthPct: z.number().min(0.0001).max(100),
      /** Lots it was made from, with what was taken off each. */
      madeFrom: z.array(z.object({ lotId: z.uuid(), massG })).max(10),
    })
    .nullable(),
  /** When it was made ahead: from which lots, and from when on it is ready. Left out for what was bought. */
  made: z
    .object({
      from: z.array(z.object({ lotId: z.uuid(), massG })).max(200),
      readyAt: z.iso.datetime({ offset: true }),
    })
    .optional(),
  /** What this delivery’s own document says of allergens in it, where it is a scent. */
  allergens: z.array(allergenShareSchema).max(120).optional(),
  note: z.string().max(2000),
});
export type Lot = Readonly<z.infer<typeof lotSchema>>;
