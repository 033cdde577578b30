import type { SupplierDocument } from '@/core/results/scent/documents';

/** A document to be written: a new one, or one on file. */
export interface AskedDocument {
  readonly materialId: string;
  /** The lot it belongs to; null for all of the material. */
  readonly lotId: string | null;
  readonly document: SupplierDocument | null;
}
