import { proxy } from 'comlink';
import type { OwnMaterial } from '@/core/matter/materials/own';
import type { SpreadQuestion } from '@/core/work/spread/simulate';
import { runInWorker, type WorkerRun } from './runInWorker';
import type { SpreadApi, SpreadPair } from './spreadApi';

const start = () => new Worker(new URL('./spread.worker.ts', import.meta.url), { type: 'module' });

/** Draws the spread of both ways of measuring in a worker. @param onProgress told the share that is done */
export function startSpread(
  question: SpreadQuestion,
  own: readonly OwnMaterial[],
  onProgress: (done: number) => void,
): WorkerRun<SpreadPair> {
  return runInWorker<SpreadApi, SpreadPair>(start, (api) =>
    api.spread(question, own, proxy(onProgress)),
  );
}
