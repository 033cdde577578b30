import { wrap, type Remote } from 'comlink';
import type { SpareApi } from './spareApi';

/** A worker that keeps a spare copy beside the database; it lives as long as the page. */
export function startSpare(): Remote<SpareApi> {
  return wrap<SpareApi>(
    new Worker(new URL('./spare.worker.ts', import.meta.url), { type: 'module' }),
  );
}
