import { attachedTo, type SafetyFile } from '@/core/goods/quality/safetyFile';
import type { DocumentFile } from '@/core/results/scent/documents';
import { bytesOf } from '@/shared/documentFile';
import type { Paper } from '@/ui/paper/papers';

/** A title as the name of a file on any system, without its ending. */
export function fileName(title: string): string {
  return title
    .replace(/[\\/:*?"<>|]+/g, ' ')
    .slice(0, 80)
    .trim();
}

export function safetyFileName({ product }: SafetyFile): string {
  return fileName(`Product safety file ${product}`);
}

export function jsonOf(of: SafetyFile): string {
  return `${JSON.stringify(of, null, 2)}\n`;
}

/** What writes PDF is heavy: it loads when a paper is saved. */
export async function pdfOf(of: Paper): Promise<Blob> {
  const [{ paperDocument }, { makePdf }] = await Promise.all([
    import('@/ui/paper/papers'),
    import('@/ui/paper/makePdf'),
  ]);
  return makePdf(paperDocument(of));
}

/** The paper, its data, and every attached file, in one ZIP. */
export async function safetyFileZip(
  of: SafetyFile,
  paper: Paper,
  attached: readonly DocumentFile[],
): Promise<Blob> {
  const [{ zipSync, strToU8 }, pdf] = await Promise.all([import('fflate'), pdfOf(paper)]);
  const documents = attachedTo(of);
  const name = safetyFileName(of);
  const entries = {
    [`${name}.pdf`]: new Uint8Array(await pdf.arrayBuffer()),
    [`${name}.json`]: strToU8(jsonOf(of)),
    ...Object.fromEntries(
      attached.map(({ id, dataUrl }, i) => [
        `files/${i + 1} ${fileName(documents.find((one) => one.id === id)?.file ?? 'file')}`,
        bytesOf(dataUrl),
      ]),
    ),
  };
  return new Blob([new Uint8Array(zipSync(entries))], { type: 'application/zip' });
}
