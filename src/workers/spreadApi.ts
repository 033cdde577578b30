import { catalogWith } from '@/core/matter/materials/catalog';
import type { OwnMaterial } from '@/core/matter/materials/own';
import {
  simulateSpread,
  type Measuring,
  type SpreadQuestion,
  type SpreadResult,
} from '@/core/work/spread/simulate';

export interface SpreadPair {
  readonly weighed: SpreadResult;
  readonly byCup: SpreadResult;
}

/** What the worker answers: the core's simulation for both ways of measuring. */
export const spreadApi = {
  async spread(
    question: SpreadQuestion,
    own: readonly OwnMaterial[],
    onProgress: (done: number) => void | Promise<void>,
  ): Promise<SpreadPair> {
    const catalog = catalogWith(own);
    const run = (measuring: Measuring, from: number) =>
      simulateSpread(question, measuring, catalog, (done) => onProgress(from + done / 2));
    return { weighed: await run('weighed', 0), byCup: await run('by cup and spoon', 0.5) };
  },
};
export type SpreadApi = typeof spreadApi;
