import { proxy, type Remote } from 'comlink';
import type { FilePreview, ImportWish, Receipt, TakenFile } from '@/storage/transfer/takeInFile';
import type { FileProblemResult } from '@/storage/file/read';
import { runInWorker, type WorkerRun } from './runInWorker';
import type { TransferApi } from './transferApi';

export type TransferRun<T> = WorkerRun<T | FileProblemResult>;

const start = () =>
  new Worker(new URL('./transfer.worker.ts', import.meta.url), { type: 'module' });

/** Compares a file with what is stored, off the page’s own thread. */
export function startPreview(
  name: string,
  file: Blob,
  onProgress: (share: number) => void,
): TransferRun<FilePreview> {
  return run((api) => api.preview(name, file, proxy(onProgress)));
}

/** Takes a file in, off the page’s own thread; stopped in the middle, what came in stays. */
export function startTakeIn(
  name: string,
  file: Blob,
  wish: ImportWish,
  onProgress: (share: number) => void,
): TransferRun<TakenFile> {
  return run((api) => api.takeIn(name, file, wish, proxy(onProgress)));
}

/** Takes an import back, as far as nothing of it was changed since. */
export function startTakeBack(
  name: string,
  receipt: Receipt,
): Promise<{ readonly undone: number; readonly stayed: readonly string[] }> {
  return runInWorker<TransferApi, Awaited<ReturnType<TransferApi['takeBack']>>>(start, (api) =>
    api.takeBack(name, receipt),
  ).result;
}

type Api = Remote<TransferApi>;

function run<T>(ask: (api: Api) => Promise<T | FileProblemResult>): TransferRun<T> {
  return runInWorker<TransferApi, T | FileProblemResult>(start, ask);
}
