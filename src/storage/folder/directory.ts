import type { FileMark } from '../db/folderState';

export interface FileSeen extends FileMark {
  readonly name: string;
}

/** What a folder does for a workshop. */
export interface Directory {
  /** The workshop files in it. */
  readonly list: () => Promise<readonly FileSeen[]>;
  readonly read: (name: string) => Promise<Blob>;
  /** Writes a file whole: it stands in the folder when its last piece is written, or not at all. */
  readonly write: (name: string, pieces: AsyncIterable<string>) => Promise<FileMark>;
  readonly remove: (name: string) => Promise<void>;
  /** A folder in it, made where it is missing. */
  readonly inside: (name: string) => Promise<Directory>;
}

const ENDING = '.rovack.json';

/** A folder that the maker has chosen. Throws what the browser throws: NotFoundError for one that is gone, NotAllowedError without leave. */
export function directoryOf(handle: FileSystemDirectoryHandle): Directory {
  const fileAt = async (name: string) => (await handle.getFileHandle(name)).getFile();
  return {
    list: async () => {
      const files: FileSeen[] = [];
      for await (const [name, entry] of handle.entries()) {
        if (entry.kind !== 'file' || !name.endsWith(ENDING)) continue;
        const file = await fileAt(name).catch(unlessGone);
        if (file) files.push({ name, size: file.size, changedAt: file.lastModified });
      }
      return files;
    },
    read: fileAt,
    write: async (name, pieces) => {
      const file = await handle.getFileHandle(name, { create: true });
      const writable = await file.createWritable();
      try {
        for await (const piece of pieces) await writable.write(piece);
        await writable.close();
      } catch (error) {
        await writable.abort().catch(() => undefined);
        throw error;
      }
      const { size, lastModified } = await file.getFile();
      return { size, changedAt: lastModified };
    },
    remove: async (name) => {
      await handle.removeEntry(name).catch(unlessGone);
    },
    inside: async (name) => directoryOf(await handle.getDirectoryHandle(name, { create: true })),
  };
}

/** A synchronizer may take a file away between two questions about it. */
function unlessGone(error: unknown): undefined {
  if (!(error instanceof DOMException && error.name === 'NotFoundError')) throw error;
}
