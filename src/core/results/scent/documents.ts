import { z } from 'zod';

/** What a supplier's document says of one scent; null where it says nothing. */
/** A substance that the label may have to name, % by mass of the scent. */
export const allergenShareSchema = z.object({
  name: z.string().min(1).max(120),
  pct: z.number().min(0).max(100),
});
export type AllergenShare = Readonly<z.infer<typeof allergenShareSchema>>;

export const scentDocumentSchema = z.object({
  materialId: z.string().min(1),
  /** Most of this scent in a rinse-off product, % by mass, over 0 to 100. */
  maxPct: z.number().min(0.0001).max(100).nullable(),
  /** Vanillin in the scent, % by mass. */
  vanillinPct: z.number().min(0).max(100).nullable(),
  /** Closed-cup flash point, °C. */
  flashPointC: z.number().min(-50).max(400).nullable(),
  /** Its list of allergens; left out while the document on file has none. */
  allergens: z.array(allergenShareSchema).max(120).optional(),
  /** Day of the document, ISO 8601. */
  dated: z.iso.date(),
});

/** A document as the workshop keeps it: one for each scent. */
export const supplierDocumentSchema = scentDocumentSchema.extend({
  /** That of its material. */
  id: z.string().min(1),
  origin: z.enum(['own', 'sample']),
});
export type SupplierDocument = Readonly<z.infer<typeof supplierDocumentSchema>>;

export type ScentDocument = Readonly<z.infer<typeof scentDocumentSchema>>;
