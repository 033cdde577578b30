import { proxy, wrap } from 'comlink';
import type { FilePreview, ImportWish, Receipt, TakenFile } from '@/storage/transfer/takeInFile';
import type { FileProblemResult } from '@/storage/file/read';
import type { TransferApi } from './transferApi';

export interface TransferRun<T> {
  readonly result: Promise<T | FileProblemResult>;
  /** Stops the work; the result then never comes. */
  readonly cancel: () => void;
}

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
  const worker = newWorker();
  return wrap<TransferApi>(worker)
    .takeBack(name, receipt)
    .finally(() => worker.terminate());
}

type Api = ReturnType<typeof wrap<TransferApi>>;

function run<T>(ask: (api: Api) => Promise<T | FileProblemResult>): TransferRun<T> {
  const worker = newWorker();
  const result = ask(wrap<TransferApi>(worker)).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}

const newWorker = () =>
  new Worker(new URL('./transfer.worker.ts', import.meta.url), { type: 'module' });
