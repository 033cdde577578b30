import { z } from 'zod';
import type { Family } from '@/core/formula/model/schema';
import { scentCategoryOf, SCENT_CATEGORIES, type ScentCategory } from './categories';

/** A substance that the label may have to name, % by mass of the scent. */
export const allergenShareSchema = z.object({
  name: z.string().min(1).max(120),
  pct: z.number().min(0).max(100),
});
export type AllergenShare = Readonly<z.infer<typeof allergenShareSchema>>;

/** What suppliers say of one scent in one kind of product; null where they say nothing. */
export interface ScentDocument {
  readonly materialId: string;
  /** Most of this scent in the product, % by mass, over 0 to 100. */
  readonly maxPct: number | null;
  /** The category whose limit that is; left out where no certificate says. */
  readonly category?: ScentCategory;
  /** Vanillin in the scent, % by mass. */
  readonly vanillinPct: number | null;
  /** Closed-cup flash point, °C. */
  readonly flashPointC: number | null;
  /** Its list of allergens; left out while no document on file has one. */
  readonly allergens?: readonly AllergenShare[] | undefined;
  /** Day of the document, ISO 8601. */
  readonly dated: string;
}

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

/**
 * What the documents on file say of each scent for this family. Vanillin, flash point and allergens: the newest that says.
 * The limit: the smallest of the newest certificates of the material and of each of its lots, as any of them may be in
 * the bowl.
 */
export function scentDocumentsFor(
  family: Family,
  documents: readonly SupplierDocument[],
): readonly ScentDocument[] {
  const speaking = documents
    .filter(saysSomething)
    .sort((a, b) => (a.dated < b.dated ? 1 : a.dated > b.dated ? -1 : 0));
  return [...new Set(speaking.map(({ materialId }) => materialId))].map((materialId) => {
    const own = speaking.filter((one) => one.materialId === materialId);
    const limit = limitOf(own, scentCategoryOf(family));
    const allergens = own.find((one) => (one.allergens ?? []).length > 0)?.allergens;
    return {
      materialId,
      maxPct: limit?.pct ?? null,
      ...(limit && { category: limit.category }),
      vanillinPct: own.find((one) => one.vanillinPct !== null)?.vanillinPct ?? null,
      flashPointC: own.find((one) => one.flashPointC !== null)?.flashPointC ?? null,
      ...(allergens && { allergens }),
      dated: limit?.dated ?? own[0]?.dated ?? '',
    };
  });
}

function saysSomething({ limits, vanillinPct, flashPointC, allergens = [] }: SupplierDocument) {
  return limits.length > 0 || vanillinPct !== null || flashPointC !== null || allergens.length > 0;
}

interface CategoryLimit {
  readonly category: ScentCategory;
  readonly pct: number;
  readonly dated: string;
}

/** @param newestFirst documents of one scent */
function limitOf(
  newestFirst: readonly SupplierDocument[],
  category: ScentCategory,
): CategoryLimit | null {
  const limiting = newestFirst.filter(({ limits }) => limits.length > 0);
  const newestOfEach = limiting.filter(
    ({ lotId }, i) => limiting.findIndex((one) => one.lotId === lotId) === i,
  );
  return newestOfEach.reduce<CategoryLimit | null>((least, one) => {
    const limit = { ...categoryLimit(one, category), dated: one.dated };
    return least === null || limit.pct < least.pct ? limit : least;
  }, null);
}

/** The limit of a category; where the certificate does not give it, the smallest it gives. */
function categoryLimit(
  { limits }: SupplierDocument,
  category: ScentCategory,
): Omit<CategoryLimit, 'dated'> {
  const exact = limits.find((one) => one.category === category);
  return exact ?? limits.reduce((least, one) => (one.pct < least.pct ? one : least));
}
