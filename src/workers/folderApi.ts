import { reasonOf } from '@/core/basics/format/reason';
import { lookAtFolder, type Look } from '@/storage/folder/look';
import type { LookOptions } from '@/storage/folder/writeOwn';

export type LookResult =
  | { readonly ok: true; readonly look: Look }
  | {
      readonly ok: false;
      readonly problem: 'gone' | 'no-leave' | 'failed';
      readonly reason: string;
    };

/** What the worker at the shared folder answers. */
export const folderApi = {
  async look(
    name: string,
    handle: FileSystemDirectoryHandle,
    options: LookOptions,
  ): Promise<LookResult> {
    try {
      return { ok: true, look: await lookAtFolder(name, handle, options) };
    } catch (error) {
      return { ok: false, problem: problemOf(error), reason: reasonOf(error) };
    }
  },
};
export type FolderApi = typeof folderApi;

function problemOf(error: unknown): 'gone' | 'no-leave' | 'failed' {
  const name = error instanceof DOMException ? error.name : '';
  return name === 'NotFoundError' ? 'gone' : name === 'NotAllowedError' ? 'no-leave' : 'failed';
}
