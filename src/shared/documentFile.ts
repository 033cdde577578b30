import type { Result } from '@/core/basics/result';
import { FILE_MAX_BYTES, FILE_TYPES } from '@/core/results/scent/documents';
import { formatFixed } from '@/core/basics/format/numbers';

export type FileType = (typeof FILE_TYPES)[number];
export interface ReadFile {
  readonly name: string;
  readonly type: FileType;
  readonly bytes: number;
  readonly dataUrl: string;
}
export type FileResult = Result<ReadFile>;

const MB = 1024 * 1024;
const LONGEST_NAME = 200;

/** A PDF or a picture as it is kept with a document, or why it is not. */
export async function readDocumentFile(file: File): Promise<FileResult> {
  const type = FILE_TYPES.find((one) => one === file.type);
  if (!type) return { ok: false, problem: `“${file.name}” is no PDF, JPEG or PNG. Choose one.` };
  if (file.size > FILE_MAX_BYTES)
    return {
      ok: false,
      problem: `The file has ${formatFixed(file.size / MB, 1)} MB. Choose one of up to ${FILE_MAX_BYTES / MB} MB.`,
    };
  if (file.size === 0)
    return { ok: false, problem: `“${file.name}” is empty. Choose another file.` };
  const dataUrl = await asDataUrl(file, type);
  return dataUrl === null
    ? { ok: false, problem: `Couldn’t read “${file.name}”. Choose it again.` }
    : {
        ok: true,
        value: { name: file.name.slice(-LONGEST_NAME), type, bytes: file.size, dataUrl },
      };
}

function asDataUrl(file: File, type: FileType): Promise<string | null> {
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onerror = () => resolve(null);
    reader.onload = () =>
      resolve(
        typeof reader.result === 'string'
          ? `data:${type};base64,${reader.result.slice(reader.result.indexOf(',') + 1)}`
          : null,
      );
    reader.readAsDataURL(file);
  });
}

/** The bytes of a kept file. */
export function bytesOf(dataUrl: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(dataUrl.slice(dataUrl.indexOf(',') + 1)), (letter) =>
    letter.charCodeAt(0),
  );
}
