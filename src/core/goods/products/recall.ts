import type { Order } from '../orders/schema';
import type { Trial } from '@/core/batches/trials/schema';
import type { Batch } from '@/core/batches/records/schema';
import { lotsOfBatch, usersOfLot, type LotOfBatch } from '@/core/workshop/shelf/trace';
import type { Lot } from '@/core/workshop/shelf/lot';
import type { LotMove } from '@/core/workshop/shelf/stock';
import { standingMoves } from './moves';
import type { GoodsMove, MoveOf, Packaging } from './schema';
import { looseStock, wrappedStock } from './stock';

/** What a recall says of a batch. */
export type CalledBatch = Pick<Batch, 'id' | 'code' | 'formulaName' | 'startedAt'>;

/** Everything a recall looks through. */
export interface Books {
  readonly lots: readonly Lot[];
  readonly lotMoves: readonly LotMove[];
  readonly batches: readonly Batch[];
  /** Batches of long ago: nothing of them lies here unwrapped. */
  readonly past: readonly CalledBatch[];
  readonly goods: readonly GoodsMove[];
  readonly orders: readonly Order[];
  readonly trials: readonly Trial[];
}

export interface RecalledRun {
  readonly run: MoveOf<'wrapped'>;
  /** Batches in it that are called back. */
  readonly codes: readonly string[];
  readonly left: number;
}

/** Where sale units went: an order, or a name alone. */
export interface RecalledHandOver {
  readonly move: MoveOf<'gone'>;
  readonly order: Order | null;
  /** Units of these runs in it. */
  readonly count: number;
  /** Unwrapped pieces of these batches in it. */
  readonly loosePieces: number;
  readonly codes: readonly string[];
}

export interface Recall {
  readonly batches: readonly {
    readonly batch: CalledBatch;
    readonly massG: number;
    readonly through: readonly string[];
  }[];
  /** Pieces of them that lie here unwrapped. */
  readonly looseHere: number;
  readonly runs: readonly RecalledRun[];
  readonly handedOver: readonly RecalledHandOver[];
}

/** From a lot of material to the orders that hold it, through premixes and through crumbled pieces. */
export function recallLot(lotId: string, books: Books): Recall {
  const found = new Map<string, { massG: number; through: readonly string[] }>();
  follow(lotId, [], new Set([lotId]));
  const byId = new Map(allBatches(books).map((batch) => [batch.id, batch]));
  return recallOf(
    [...found].flatMap(([id, { massG, through }]) => {
      const batch = byId.get(id);
      return batch ? [{ batch, massG, through }] : [];
    }),
    books,
  );

  function follow(id: string, through: readonly string[], seen: ReadonlySet<string>): void {
    for (const user of usersOfLot(id, books.lots, books.lotMoves).batches) {
      if (found.has(user.batchId)) continue;
      found.set(user.batchId, { massG: user.massG, through: [...through, ...user.through] });
      // What was crumbled became a lot, and that lot went on.
      for (const { lotId: next, loose } of standingMoves(books.goods, 'gone')) {
        if (next === null || seen.has(next)) continue;
        if (!loose.some(({ batchId }) => batchId === user.batchId)) continue;
        const code = books.lots.find((lot) => lot.id === next)?.code ?? 'crumbled';
        follow(next, [...through, code], new Set([...seen, next]));
      }
    }
  }
}

function allBatches({ past, batches }: Books): readonly CalledBatch[] {
  return [...past, ...batches];
}

/** From a batch to the orders that hold it. */
export function recallBatch(batch: CalledBatch, books: Books): Recall {
  return recallOf([{ batch, massG: 0, through: [] }], books);
}

function recallOf(batches: Recall['batches'], books: Books): Recall {
  const called = new Map(batches.map(({ batch }) => [batch.id, batch.code]));
  const codesIn = (loose: readonly { readonly batchId: string }[]) => [
    ...new Set(loose.flatMap(({ batchId }) => called.get(batchId) ?? [])),
  ];
  const runs = wrappedStock(books.goods).flatMap(({ run, left }) => {
    const codes = codesIn(run.from);
    return codes.length > 0 ? [{ run, codes, left }] : [];
  });
  const runById = new Map(runs.map((one) => [one.run.id, one]));
  const handedOver = standingMoves(books.goods, 'gone').flatMap((move) => {
    const units = move.taken.filter(({ wrappedId }) => runById.has(wrappedId));
    const pieces = move.loose.filter(({ batchId }) => called.has(batchId));
    if (units.length + pieces.length === 0) return [];
    return [
      {
        move,
        order: books.orders.find(({ id }) => id === move.orderId) ?? null,
        count: units.reduce((sum, { count }) => sum + count, 0),
        loosePieces: pieces.reduce((sum, one) => sum + one.pieces, 0),
        codes: [
          ...new Set([
            ...units.flatMap(({ wrappedId }) => runById.get(wrappedId)?.codes ?? []),
            ...codesIn(pieces),
          ]),
        ],
      },
    ];
  });
  const looseHere = looseStock(books.batches, books.goods, books.trials)
    .filter(({ batch }) => called.has(batch.id))
    .reduce((sum, { left }) => sum + Math.max(0, left.good + left.second + left.sampler), 0);
  return { batches, looseHere, runs, handedOver };
}

/** From an order back to the lots in it. */
export interface OrderOrigin {
  readonly runs: readonly { readonly run: MoveOf<'wrapped'>; readonly count: number }[];
  readonly batches: readonly CalledBatch[];
  readonly lots: readonly LotOfBatch[];
  /** Deliveries of wraps, by id. */
  readonly packagingLotIds: readonly string[];
}

export function originOf(orderId: string, books: Books): OrderOrigin {
  const moves = standingMoves(books.goods, 'gone').filter((move) => move.orderId === orderId);
  const counts = new Map<string, number>();
  for (const { taken } of moves)
    for (const { wrappedId, count } of taken)
      counts.set(wrappedId, (counts.get(wrappedId) ?? 0) + count);
  const runs = standingMoves(books.goods, 'wrapped').flatMap((run) => {
    const count = counts.get(run.id);
    return count === undefined ? [] : [{ run, count }];
  });
  const batchIds = new Set([
    ...runs.flatMap(({ run }) => run.from.map(({ batchId }) => batchId)),
    ...moves.flatMap(({ loose }) => loose.map(({ batchId }) => batchId)),
  ]);
  const batches = allBatches(books).filter(({ id }) => batchIds.has(id));
  const lots = new Map<string, LotOfBatch>();
  for (const batch of batches)
    for (const one of lotsOfBatch(batch, books.lots, books.lotMoves)) {
      const known = lots.get(one.lotId);
      lots.set(one.lotId, known ? { ...known, massG: known.massG + one.massG } : one);
    }
  return {
    runs,
    batches,
    lots: [...lots.values()],
    packagingLotIds: [
      ...new Set(runs.flatMap(({ run }) => run.packaging.flatMap(({ lotId }) => lotId ?? []))),
    ],
  };
}

/** A delivery of a wrap by its id, with what it is of. */
export function packagingLot(id: string, packagings: readonly Packaging[]) {
  for (const packaging of packagings) {
    const lot = packaging.lots.find((one) => one.id === id);
    if (lot) return { packaging, lot };
  }
  return null;
}
