import type { GoodsMove } from '../products/schema';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import type { StepKind } from './steps';

/** A step that the record itself says is done. */
export interface Deed {
  readonly kind: StepKind;
  readonly batchId: string;
  /** What it is called: the batch’s code, or that of the wrapped goods. */
  readonly code: string;
  readonly name: string;
  readonly fromMs: number;
  readonly toMs: number;
  /** Whose hands; empty when nobody said. */
  readonly who: string;
}

const ENTRIES_OF = {
  mix: ['weighed', 'added', 'squeezed'],
  press: ['filled', 'counted'],
  dry: ['dried', 'moisture', 'tended', 'inspected'],
} as const;

/**
 * What was done from one moment to another, first things first: a mix is done when its pressing has begun or it is
 * counted, a pressing when it is counted, all else as soon as it is written.
 */
export function doneBetween(
  batches: readonly Batch[],
  goods: readonly GoodsMove[],
  fromMs: number,
  toMs: number,
): readonly Deed[] {
  const isThen = ({ at }: { readonly at: string }) =>
    Date.parse(at) >= fromMs && Date.parse(at) < toMs;
  const ofBatches = batches.flatMap((batch) => {
    const isCounted = standing(batch, 'counted').length > 0;
    const isDone = {
      mix: isCounted || standing(batch, 'filled').length > 0,
      press: isCounted,
      dry: true,
    };
    return (['mix', 'press', 'dry'] as const).flatMap((kind): readonly Deed[] => {
      const entries = ENTRIES_OF[kind].flatMap((of) => standing(batch, of)).filter(isThen);
      if (entries.length === 0 || !isDone[kind]) return [];
      const times = entries.map(({ at }) => Date.parse(at));
      return [
        {
          kind,
          batchId: batch.id,
          code: batch.code,
          name: batch.formulaName,
          fromMs: Math.min(...times),
          toMs: Math.max(...times),
          who: entries.find(({ who }) => who !== undefined)?.who ?? '',
        },
      ];
    });
  });
  const wrapped = goods.flatMap((move): readonly Deed[] =>
    move.kind === 'wrapped' && move.voidedAt === null && isThen(move)
      ? [
          {
            kind: 'pack',
            batchId: move.from[0]?.batchId ?? '',
            code: move.code,
            name: '',
            fromMs: Date.parse(move.at),
            toMs: Date.parse(move.at),
            who: move.who ?? '',
          },
        ]
      : [],
  );
  return [...ofBatches, ...wrapped].sort((a, b) => a.fromMs - b.fromMs);
}
