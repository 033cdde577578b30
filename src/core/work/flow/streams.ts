import type { FormulaBody } from '@/core/formula/model/schema';
import type { Operation } from './types';

/** One vessel's stream through the work: what is done in it, in order, and where it is poured. */
export interface Stream {
  readonly key: string;
  readonly partId: string;
  readonly kind: Operation['vessel']['kind'];
  readonly operations: readonly Operation[];
  /** Grams that are weighed into it. */
  readonly massG: number;
  /** Key of the stream it runs into; null for the last. */
  readonly into: string | null;
  /** The operation it runs into; null for the last. */
  readonly joinsId: string | null;
  readonly minutes: number;
}

const keyOf = ({ kind, partId }: Operation['vessel']) => `${kind}:${partId}`;

/** The work as streams that run together: one for each vessel, in the order in which they begin. */
export function streamsOf(operations: readonly Operation[], body: FormulaBody): readonly Stream[] {
  const massOf = new Map(
    body.parts.flatMap(({ lines }) => lines.map(({ id, massG }) => [id, massG] as const)),
  );
  /** An embed, a second color and a topping are put into the mold from where they were mixed. */
  const placing = ([first]: readonly Operation[]) => {
    if (first?.vessel.kind !== 'dish' && first?.vessel.kind !== 'second-bowl') return undefined;
    const own = operations.find(
      ({ op, partId }) => (op === 'lay' || op === 'top') && partId === first.partId,
    );
    return own ?? operations.find(({ op }) => op === 'fill');
  };
  const keys = [...new Set(operations.map(({ vessel }) => keyOf(vessel)))];
  return keys.map((key) => {
    const own = operations.filter(({ vessel }) => keyOf(vessel) === key);
    const into =
      operations.find(({ from }) => from !== null && keyOf(from) === key) ?? placing(own);
    const [first] = own;
    if (!first) throw new RangeError(`stream ${key} must have an operation`);
    return {
      key,
      partId: first.partId,
      kind: first.vessel.kind,
      operations: own,
      massG: own
        .filter(({ op }) => op === 'weigh' || op === 'spray')
        .flatMap(({ lineIds }) => lineIds)
        .reduce((sum, id) => sum + (massOf.get(id) ?? 0), 0),
      into: into ? keyOf(into.vessel) : null,
      joinsId: into?.id ?? null,
      minutes: own.reduce((sum, { minutes }) => sum + minutes, 0),
    };
  });
}
