import { stockOwnMaterials, type OwnMaterial } from '@/core/materials';
import {
  simulateSpread,
  type Measuring,
  type SpreadQuestion,
  type SpreadResult,
} from '@/core/spread';

export interface SpreadPair {
  readonly weighed: SpreadResult;
  readonly byCup: SpreadResult;
}

/** What the worker answers: the core's simulation for both ways of measuring, the shelf's materials told first. */
export const spreadApi = {
  async spread(
    question: SpreadQuestion,
    own: readonly OwnMaterial[],
    onProgress: (done: number) => void | Promise<void>,
  ): Promise<SpreadPair> {
    stockOwnMaterials(own);
    const run = (measuring: Measuring, from: number) =>
      simulateSpread(question, measuring, (done) => onProgress(from + done / 2));
    return { weighed: await run('weighed', 0), byCup: await run('by cup and spoon', 0.5) };
  },
};
export type SpreadApi = typeof spreadApi;
