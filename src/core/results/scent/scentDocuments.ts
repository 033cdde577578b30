import type { Family } from '@/core/formula/model/schema';
import { scentCategoryOf, type ScentCategory } from './categories';
import type { AllergenShare, SupplierDocument } from './documents';

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
