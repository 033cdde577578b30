import { previewFile, takeInFile, type FilePreview, type TakenFile } from '@/storage/carry';
import type { FileProblemResult } from '@/storage/file';

type Told = (share: number) => void | Promise<void>;

/** What the worker that reads files answers. */
export const carryApi = {
  preview(name: string, file: Blob, onProgress: Told): Promise<FilePreview | FileProblemResult> {
    return previewFile(name, file, (share) => void onProgress(share));
  },
  takeIn(
    name: string,
    file: Blob,
    takesFilesVersion: boolean,
    onProgress: Told,
  ): Promise<TakenFile | FileProblemResult> {
    return takeInFile(name, file, takesFilesVersion, (share) => void onProgress(share));
  },
};
export type CarryApi = typeof carryApi;
