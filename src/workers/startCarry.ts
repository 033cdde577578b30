import { proxy, wrap } from 'comlink';
import type { FilePreview, ImportWish, Receipt, TakenFile } from '@/storage/carry/takeInFile';
import type { FileProblemResult } from '@/storage/file/read';
import type { CarryApi } from './carryApi';

export interface CarryRun<T> {
  readonly result: Promise<T | FileProblemResult>;
  /** Stops the work; the result then never comes. */
  readonly cancel: () => void;
}

/** Compares a file with what is stored, off the page’s own thread. */
export function startPreview(
  name: string,
  file: Blob,
  onProgress: (share: number) => void,
): CarryRun<FilePreview> {
  return run((api) => api.preview(name, file, proxy(onProgress)));
}

/** Takes a file in, off the page’s own thread; stopped in the middle, what came in stays. */
export function startTakeIn(
  name: string,
  file: Blob,
  wish: ImportWish,
  onProgress: (share: number) => void,
): CarryRun<TakenFile> {
  return run((api) => api.takeIn(name, file, wish, proxy(onProgress)));
}

/** Takes an import back, as far as nothing of it was changed since. */
export function startTakeBack(
  name: string,
  receipt: Receipt,
): Promise<{ readonly undone: number; readonly stayed: readonly string[] }> {
  const worker = newWorker();
  return wrap<CarryApi>(worker)
    .takeBack(name, receipt)
    .finally(() => worker.terminate());
}

type Api = ReturnType<typeof wrap<CarryApi>>;

function run<T>(ask: (api: Api) => Promise<T | FileProblemResult>): CarryRun<T> {
  const worker = newWorker();
  const result = ask(wrap<CarryApi>(worker)).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}

const newWorker = () =>
  new Worker(new URL('./carry.worker.ts', import.meta.url), { type: 'module' });
