import type { TDocumentDefinitions } from 'pdfmake/interfaces';

export const MM = 72 / 25.4;

/** Writes a document as a PDF file; the writer and its fonts are loaded when first needed. */
export async function makePdf(document: TDocumentDefinitions): Promise<Blob> {
  const [{ default: pdfMake }, { default: fonts }] = await Promise.all([
    import('pdfmake/build/pdfmake'),
    import('pdfmake/build/vfs_fonts'),
  ]);
  pdfMake.addVirtualFileSystem(fonts);
  return pdfMake.createPdf(document).getBlob();
}
