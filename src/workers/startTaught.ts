import type { OwnMaterial } from '@/core/matter/materials/own';
import type { TaughtQuestion, WorkshopRows } from '@/core/workshop/taught/workshopRows';
import { runInWorker, type WorkerRun } from './runInWorker';
import type { TaughtApi } from './taughtApi';

const start = () => new Worker(new URL('./taught.worker.ts', import.meta.url), { type: 'module' });

/** What batches and tests taught, off the page’s own thread: each source is left out once, and everything learned again. */
export function startTaught(
  question: TaughtQuestion,
  own: readonly OwnMaterial[],
): WorkerRun<WorkshopRows> {
  return runInWorker<TaughtApi, WorkshopRows>(start, (api) => api.taught(question, own));
}
