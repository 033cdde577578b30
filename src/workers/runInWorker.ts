import { wrap, type Remote } from 'comlink';

/** Work in a worker, and the way to stop it: its result then never comes. */
export interface WorkerRun<T> {
  readonly result: Promise<T>;
  readonly cancel: () => void;
}

/** Asks a worker of its own, off the page’s own thread; it ends with its answer. */
export function runInWorker<Api, T>(
  start: () => Worker,
  ask: (api: Remote<Api>) => Promise<T>,
): WorkerRun<T> {
  const worker = start();
  const result = ask(wrap<Api>(worker)).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}

/** A worker that is made when it is first asked, and answers until it is stopped. */
export function keptWorker<Api>(start: () => Worker) {
  let kept: { readonly worker: Worker; readonly api: Remote<Api> } | null = null;
  return {
    api: (): Remote<Api> => {
      if (!kept) {
        const worker = start();
        kept = { worker, api: wrap<Api>(worker) };
      }
      return kept.api;
    },
    stop: (): void => {
      kept?.worker.terminate();
      kept = null;
    },
  };
}
