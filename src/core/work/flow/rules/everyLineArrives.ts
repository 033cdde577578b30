import { allLines } from '@/core/formula/model/edit';
import type { Held } from '../walk';
import type { Rule } from './rule';

/** Every line is weighed once and ends in or on the piece. */
export const everyLineArrives: Rule<'every-line-arrives'> = {
  code: 'every-line-arrives',
  reason: 'A vessel that you never empty is not in the mix.',
  source: 'mass balance',
  breaks: ({ body, moments }) => {
    const end = moments.at(-1)?.after ?? new Map<string, readonly Held[]>();
    const arrived = new Set(
      [...end].flatMap(([key, held]) =>
        key === 'mold' || key === 'tray' || key.startsWith('jar:')
          ? held.map(({ line }) => line.id)
          : [],
      ),
    );
    const weighed = new Map(
      moments.flatMap(({ operation }) =>
        operation.op === 'weigh' || operation.op === 'spray'
          ? operation.lineIds.map((id) => [id, operation.id] as const)
          : [],
      ),
    );
    return allLines(body)
      .filter(({ id, massG }) => massG > 0 && !arrived.has(id))
      .map((line) => ({
        opId: weighed.get(line.id) ?? null,
        how: weighed.has(line.id) ? 'left' : 'nowhere',
        names: [line.materialId],
      }));
  },
};
