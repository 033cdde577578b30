import { MAX_STREAM_BYTES, tooBig } from '../file/read';
import { folderSchema, type FolderMarks } from '../file/schema';
import { chunksOf } from './chunksOf';
import { FileRefused, refusalOf } from './fileRefused';
import { recordsOf } from './recordsOf';
import {
  STREAM_FROM_BYTES,
  isStreamed,
  pagesOf,
  readWhole,
  streamed,
  type ValidPage,
} from './validPages';

/** A file that a device has written into a folder. */
export interface FolderFile {
  /** Who wrote it and which device made what; null for a file that was exported by hand. */
  readonly marks: FolderMarks | null;
  /** ISO 8601 with zone. */
  readonly exportedAt: string;
  /** What it holds; may throw FileRefused in the middle. */
  readonly pages: AsyncIterable<ValidPage> | Iterable<ValidPage>;
}

/**
 * Opens a file of a folder. What is small is read at once. What is big is read twice: its marks stand last, and a file that
 * is only half there is found so before anything of it is taken in.
 * @param materials ids of materials of one’s own that are stored here
 * @throws FileRefused
 */
export async function openFolderFile(
  file: Blob,
  materials: ReadonlySet<string>,
  streamFromBytes = STREAM_FROM_BYTES,
): Promise<FolderFile> {
  if (!(await isStreamed(file, streamFromBytes))) {
    const whole = await readWhole(file, materials);
    const { exportedAt, folder = null } = whole.workshop;
    return { marks: folder, exportedAt, pages: pagesOf(whole) };
  }
  if (file.size > MAX_STREAM_BYTES) throw new FileRefused(tooBig(file.size, MAX_STREAM_BYTES));
  const fields = await fieldsOf(file);
  return {
    marks: folderSchema.safeParse(fields.get('folder')).data ?? null,
    exportedAt: String(fields.get('exportedAt')),
    pages: streamed(file, materials, () => {}),
  };
}

/** What stands beside the lists, by name. The text is gone through to its end. */
async function fieldsOf(file: Blob): Promise<ReadonlyMap<string, unknown>> {
  const fields = new Map<string, unknown>();
  try {
    for await (const part of recordsOf(chunksOf(file, () => {})))
      if (part.kind === 'field') fields.set(part.name, part.value);
  } catch (error) {
    throw refusalOf(error);
  }
  return fields;
}
