import { wrap, type Remote } from 'comlink';
import type { FolderApi } from './folderApi';

/** A look that took so long had much in its hands, ms: its worker ends, as none gives back what it took before it does. */
const LONG_LOOK_MS = 3000;

/** Looks at the shared folder in a worker, off the page’s own thread. @returns as {@link FolderApi.look} does */
export function startFolder(): FolderApi['look'] {
  let worker: Worker | null = null;
  let api: Remote<FolderApi> | null = null;
  return async (...asked) => {
    worker ??= new Worker(new URL('./folder.worker.ts', import.meta.url), { type: 'module' });
    api ??= wrap<FolderApi>(worker);
    const beganMs = performance.now();
    const result = await api.look(...asked);
    if (performance.now() - beganMs > LONG_LOOK_MS) {
      worker.terminate();
      worker = api = null;
    }
    return result;
  };
}
