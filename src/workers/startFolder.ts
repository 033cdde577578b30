import { wrap, type Remote } from 'comlink';
import type { FolderApi } from './folderApi';

/** A worker that reads and writes the shared folder off the page’s own thread; it lives as long as the page. */
export function startFolder(): Remote<FolderApi> {
  return wrap<FolderApi>(
    new Worker(new URL('./folder.worker.ts', import.meta.url), { type: 'module' }),
  );
}
