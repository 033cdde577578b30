import { proxy, wrap } from 'comlink';
import type { OwnMaterial } from '@/core/matter/materials/own';
import type { SpreadQuestion } from '@/core/work/spread/simulate';
import type { SpreadApi, SpreadPair } from './spreadApi';

export interface SpreadRun {
  readonly result: Promise<SpreadPair>;
  /** Stops the work; the result then never comes. */
  readonly cancel: () => void;
}

/** Draws the spread off the page's own thread, in a worker of its own that ends with the work. */
export function startSpread(
  question: SpreadQuestion,
  own: readonly OwnMaterial[],
  onProgress: (done: number) => void,
): SpreadRun {
  const worker = new Worker(new URL('./spread.worker.ts', import.meta.url), { type: 'module' });
  const api = wrap<SpreadApi>(worker);
  const result = api.spread(question, own, proxy(onProgress)).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}
