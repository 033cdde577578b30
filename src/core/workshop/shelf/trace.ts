import type { Batch } from '@/core/batches/records/schema';
import type { Lot } from './lot';
import { madeFrom } from './made';
import type { LotMove } from './stock';

export interface LotUsers {
  /** Batches that hold some of it, directly or through a premix, with the grams of this lot. */
  readonly batches: ReadonlyArray<{
    readonly batchId: string;
    readonly code: string;
    readonly massG: number;
    /** Premixes it came through; empty when it was weighed in itself. */
    readonly through: readonly string[];
  }>;
  readonly premixes: ReadonlyArray<{
    readonly lotId: string;
    readonly code: string;
    readonly massG: number;
  }>;
}

/** Forward: which batches a lot went into, through premixes too. For a recall. */
export function usersOfLot(
  lotId: string,
  lots: readonly Lot[],
  moves: readonly LotMove[],
): LotUsers {
  const batches = new Map<
    string,
    { batchId: string; code: string; massG: number; through: Set<string> }
  >();
  const premixes: LotUsers['premixes'][number][] = [];
  follow(lotId, 1, [], new Set([lotId]));
  return {
    batches: [...batches.values()].map((user) => ({ ...user, through: [...user.through] })),
    premixes,
  };

  /** @param share of what is moved that is the lot asked for, 0 to 1 */
  function follow(
    id: string,
    share: number,
    through: readonly string[],
    seen: ReadonlySet<string>,
  ): void {
    for (const { massG, into } of moves.filter((move) => move.lotId === id)) {
      if (into.kind === 'batch') {
        const user = batches.get(into.id) ?? {
          batchId: into.id,
          code: into.code,
          massG: 0,
          through: new Set<string>(),
        };
        user.massG += massG * share;
        for (const code of through) user.through.add(code);
        batches.set(into.id, user);
        continue;
      }
      const made = lots.find((lot) => lot.id === into.id);
      if (!made || seen.has(into.id)) continue;
      premixes.push({ lotId: into.id, code: into.code, massG: massG * share });
      const shareInIt = made.receivedG > 0 ? (massG * share) / made.receivedG : 0;
      follow(into.id, shareInIt, [...through, into.code], new Set([...seen, into.id]));
    }
  }
}

export interface LotOfBatch {
  readonly lotId: string;
  /** Null when the lot is no longer on the shelf. */
  readonly lot: Lot | null;
  readonly massG: number;
  /** The premix that brought it; null when it was weighed in itself. */
  readonly through: string | null;
}

/** Backward: which lots a batch used, and what its premixes were made of. */
export function lotsOfBatch(
  batch: Pick<Batch, 'id'>,
  lots: readonly Lot[],
  moves: readonly LotMove[],
): readonly LotOfBatch[] {
  const byId = new Map(lots.map((lot) => [lot.id, lot]));
  const used = new Map<string, number>();
  for (const { lotId, massG, into } of moves)
    if (into.kind === 'batch' && into.id === batch.id)
      used.set(lotId, (used.get(lotId) ?? 0) + massG);
  return [...used].flatMap(([lotId, massG]) => {
    const lot = byId.get(lotId) ?? null;
    const share = lot && lot.receivedG > 0 ? massG / lot.receivedG : 0;
    return [
      { lotId, lot, massG, through: null },
      ...(lot ? madeFrom(lot) : []).map((part) => ({
        lotId: part.lotId,
        lot: byId.get(part.lotId) ?? null,
        massG: part.massG * share,
        through: lot?.code ?? null,
      })),
    ];
  });
}
