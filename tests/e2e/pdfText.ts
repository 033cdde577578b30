import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The text of every page of a PDF, in reading order, pages parted by a line. */
export async function pdfText(bytes: Uint8Array): Promise<string> {
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let i = 1; i <= pdf.numPages; i++) {
    const { items } = await (await pdf.getPage(i)).getTextContent();
    pages.push(items.map((item) => ('str' in item ? item.str : '')).join(' '));
  }
  await pdf.destroy();
  return pages.join('\n').replace(/\s+/g, ' ');
}
