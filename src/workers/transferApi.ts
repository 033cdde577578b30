import {
  previewFile,
  takeBackFile,
  takeInFile,
  type FilePreview,
  type ImportWish,
  type Receipt,
  type TakenFile,
} from '@/storage/transfer/takeInFile';
import type { FileProblemResult } from '@/storage/file/read';

type Told = (share: number) => void | Promise<void>;

/** What the worker that reads files answers. */
export const transferApi = {
  preview(name: string, file: Blob, onProgress: Told): Promise<FilePreview | FileProblemResult> {
    return previewFile(name, file, (share) => void onProgress(share));
  },
  takeIn(
    name: string,
    file: Blob,
    wish: ImportWish,
    onProgress: Told,
  ): Promise<TakenFile | FileProblemResult> {
    return takeInFile(name, file, wish, (share) => void onProgress(share));
  },
  takeBack(name: string, receipt: Receipt): ReturnType<typeof takeBackFile> {
    return takeBackFile(name, receipt);
  },
};
export type TransferApi = typeof transferApi;
