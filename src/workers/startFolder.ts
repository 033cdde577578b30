import type { FolderApi } from './folderApi';
import { keptWorker } from './runInWorker';

/** A look that took so long had much in its hands, ms: its worker ends, as none gives back what it took before it does. */
const LONG_LOOK_MS = 3000;

/** Looks at the shared folder in a worker. @returns as {@link FolderApi.look} does */
export function startFolder(): FolderApi['look'] {
  const kept = keptWorker<FolderApi>(
    () => new Worker(new URL('./folder.worker.ts', import.meta.url), { type: 'module' }),
  );
  return async (...asked) => {
    const beganMs = performance.now();
    const result = await kept.api().look(...asked);
    if (performance.now() - beganMs > LONG_LOOK_MS) kept.stop();
    return result;
  };
}
