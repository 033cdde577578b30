import type { LotMove } from '../shelf';
import type { PastBatch } from './pastBatch';

/** Every gram that past batches took off lots. */
export function movesOfPast(past: readonly PastBatch[]): readonly LotMove[] {
  return past.flatMap(({ id, code, uses }) =>
    uses.map(({ lotId, massG, at }): LotMove => ({
      lotId,
      massG,
      into: { kind: 'batch', id, code },
      at,
    })),
  );
}
