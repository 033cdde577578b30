import { z } from 'zod';
import { SCENT_CATEGORIES } from './categories';

/** A substance that the label may have to name, % by mass of the scent. */
export const allergenShareSchema = z.object({
  name: z.string().min(1).max(120),
  pct: z.number().min(0).max(100),
});
export type AllergenShare = Readonly<z.infer<typeof allergenShareSchema>>;

export const DOCUMENT_KINDS = [
  'fragrance-certificate',
  'safety-data-sheet',
  'certificate-of-analysis',
  'other',
] as const;
export type DocumentKind = (typeof DOCUMENT_KINDS)[number];

export const FILE_TYPES = ['application/pdf', 'image/jpeg', 'image/png'] as const;
/** Largest file that is kept, bytes: a safety data sheet of 20 pages is a quarter of it. */
export const FILE_MAX_BYTES = 2 * 1024 * 1024;

const pct = z.number().min(0.0001).max(100);

/** A document a supplier gave for a material, or for one delivery of it. */
export const supplierDocumentSchema = z.object({
  id: z.string().min(1),
  origin: z.enum(['own', 'sample']),
  kind: z.enum(DOCUMENT_KINDS),
  materialId: z.string().min(1),
  /** The delivery it belongs to; null where it holds for all of the material. */
  lotId: z.uuid().nullable(),
  /** Number or name on it. */
  title: z.string().max(120),
  dated: z.iso.date(),
  /** Ask for a new one by this day. */
  expiresOn: z.iso.date().nullable(),
  /** Of the standard that a fragrance certificate follows. */
  edition: z.string().max(60),
  /** Most of the scent in a product of each category, % by mass; a category it does not give is left out. */
  limits: z
    .array(z.object({ category: z.enum(SCENT_CATEGORIES), pct }))
    .max(SCENT_CATEGORIES.length),
  /** Vanillin in the scent, % by mass. */
  vanillinPct: z.number().min(0).max(100).nullable(),
  /** Closed-cup flash point, °C. */
  flashPointC: z.number().min(-50).max(400).nullable(),
  /** Its list of allergens; left out while the document on file has none. */
  allergens: z.array(allergenShareSchema).max(120).optional(),
  /** The file itself, kept under the same id as {@link documentFileSchema}; null where there is none. */
  attached: z
    .object({
      name: z.string().min(1).max(200),
      type: z.enum(FILE_TYPES),
      bytes: z.int().min(1).max(FILE_MAX_BYTES),
    })
    .nullable(),
});
export type SupplierDocument = Readonly<z.infer<typeof supplierDocumentSchema>>;

/** What is in an attached file: read only when somebody opens it. */
export const documentFileSchema = z.object({
  /** That of its document. */
  id: z.string().min(1),
  origin: z.enum(['own', 'sample']),
  dataUrl: z
    .string()
    // Base64 writes three bytes as four letters.
    .max(Math.ceil(FILE_MAX_BYTES / 3) * 4 + 60)
    .regex(/^data:(application\/pdf|image\/jpeg|image\/png);base64,[A-Za-z0-9+/]+=*$/),
});
export type DocumentFile = Readonly<z.infer<typeof documentFileSchema>>;
