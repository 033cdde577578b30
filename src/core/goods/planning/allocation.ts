import { dayOf } from '@/core/basics/time';
import type { Formula } from '@/core/formula/model/schema';
import { standingMoves } from '../products/moves';
import type { GoodsMove, SaleUnit } from '../products/schema';
import type { LooseStock } from '../products/given';
import type { WrappedStock } from '../products/stock';
import type { Order } from '../orders/schema';

/** One line of an order, and where its units come from. */
export interface AllocatedLine {
  readonly unit: SaleUnit | null;
  readonly wanted: number;
  readonly given: number;
  /** Wrapped and here. */
  readonly fromStock: number;
  /** Of pieces that lie here dry, to be wrapped. */
  readonly fromLoose: number;
  /** Of batches that still dry. */
  readonly fromComing: number;
  /** Of batches that must be made. */
  readonly toMake: number;
}

/** An order that is not handed over in full, and what it waits for. */
export interface AllocatedOrder {
  readonly order: Order;
  readonly lines: readonly AllocatedLine[];
  /** Batches whose pieces it takes: made already, by id, or to be made, by the id of {@link ToMake}. */
  readonly batchIds: readonly string[];
  /** Minutes of wrapping for what lies here loose. */
  readonly wrapMinutes: number;
}

/** A whole bowl that somebody waits for. */
export interface ToMake {
  readonly id: string;
  readonly formula: Formula;
  readonly pieces: number;
  /** Pieces that nobody ordered: to the stall. */
  readonly over: number;
  /** The first order that waits for it. */
  readonly dueMs: number;
  readonly orderIds: readonly string[];
  /** Minutes of wrapping its ordered pieces. */
  readonly wrapMinutes: number;
}

export interface Allocation {
  readonly orders: readonly AllocatedOrder[];
  readonly toMake: readonly ToMake[];
  /** Pieces of drying batches that are taken, with the minutes to wrap them and the first due. */
  readonly coming: ReadonlyMap<
    string,
    {
      readonly pieces: number;
      readonly wrapMinutes: number;
      readonly dueMs: number;
      readonly orderIds: readonly string[];
    }
  >;
  /** Sentences on what cannot be covered: a unit or a formula that is gone. */
  readonly problems: readonly string[];
}

export interface AllocationQuestion {
  readonly orders: readonly Order[];
  readonly units: readonly SaleUnit[];
  readonly goods: readonly GoodsMove[];
  readonly wrapped: readonly WrappedStock[];
  readonly loose: readonly LooseStock[];
  /** Batches that still dry. */
  readonly isDrying: (batchId: string) => boolean;
  readonly formulas: readonly Formula[];
  /** Pieces of one bowl of a formula, over 0; null where it cannot be planned. */
  readonly bowlPieces: (formula: Formula) => number | null;
}

/** More bowls than this of one formula are somebody’s typing. */
const MOST_BOWLS = 400;

/**
 * Where every open order comes from, the earliest due first: wrapped goods, dry pieces, pieces that still dry, and whole
 * bowls to be made; what a bowl gives over is there for the next.
 */
export function allocateStock(asked: AllocationQuestion): Allocation {
  const pools = new Pools(asked);
  const open = asked.orders
    .filter(({ isCalledOff }) => !isCalledOff)
    .map((order) => ({ order, given: givenTo(order.id, asked.goods) }))
    .sort((a, b) => Date.parse(a.order.due) - Date.parse(b.order.due));
  const orders = open.flatMap(({ order, given }): readonly AllocatedOrder[] => {
    const taken: Taken = { batchIds: new Set(), wrapMinutes: 0 };
    const lines = order.lines.map((line) =>
      allocateLine(asked.units, pools, order, line, given.get(line.unitId) ?? 0, taken),
    );
    const isOpen = lines.some(({ wanted, given: had }) => had < wanted);
    const { wrapMinutes } = taken;
    return isOpen ? [{ order, lines, batchIds: [...taken.batchIds], wrapMinutes }] : [];
  });
  return {
    orders,
    toMake: pools.made.map(({ left, ...bowl }) => ({ ...bowl, over: left })),
    coming: pools.coming,
    problems: [...pools.problems],
  };
}

/** What one order has taken so far. */
interface Taken {
  readonly batchIds: Set<string>;
  wrapMinutes: number;
}

function allocateLine(
  units: readonly SaleUnit[],
  pools: Pools,
  order: Order,
  line: Order['lines'][number],
  had: number,
  taken: Taken,
): AllocatedLine {
  const unit = units.find(({ id }) => id === line.unitId) ?? null;
  const given = Math.min(line.count, had);
  const none = {
    unit,
    wanted: line.count,
    given,
    fromStock: 0,
    fromLoose: 0,
    fromComing: 0,
    toMake: 0,
  };
  if (given === line.count) return none;
  if (!unit) {
    pools.problems.add(`${order.who} ordered a product that is no longer sold. Change the order.`);
    return none;
  }
  const fromStock = pools.takeWrapped(unit.id, line.count - given, dayOf(order.due));
  const sources = { fromLoose: 0, fromComing: 0, toMake: 0 };
  for (let i = given + fromStock; i < line.count; i++) {
    const source = pools.takePieces(unit, order, taken);
    if (source === null) break;
    sources[source] += 1;
  }
  return { ...none, fromStock, ...sources };
}

type Source = 'fromLoose' | 'fromComing' | 'toMake';
interface Coming {
  pieces: number;
  wrapMinutes: number;
  dueMs: number;
  orderIds: string[];
}

/** What is left to be taken while orders are served one after the other. */
class Pools {
  readonly made: (Omit<ToMake, 'over'> & { left: number })[] = [];
  readonly coming = new Map<string, Coming>();
  readonly problems = new Set<string>();
  private readonly wrapped = new Map<string, { left: number; bestBefore: string | null }[]>();
  private readonly loose = new Map<
    string,
    { batchId: string; left: number; isDrying: boolean }[]
  >();

  constructor(private readonly asked: AllocationQuestion) {
    for (const { run, left } of asked.wrapped) {
      const pool = this.wrapped.get(run.unitId) ?? [];
      pool.push({ left: Math.max(0, left), bestBefore: run.bestBefore });
      this.wrapped.set(run.unitId, pool);
    }
    for (const { batch, left } of asked.loose) {
      const pool = this.loose.get(batch.formulaId) ?? [];
      const isDrying = asked.isDrying(batch.id);
      pool.push({ batchId: batch.id, left: Math.max(0, left.good), isDrying });
      this.loose.set(batch.formulaId, pool);
    }
  }

  /**
   * Units that keep at least to the day they are due, in the order they were wrapped.
   * @param dueOn ISO day
   * @returns how many there were of those that are missing
   */
  takeWrapped(unitId: string, missing: number, dueOn: string): number {
    let taken = 0;
    for (const run of this.wrapped.get(unitId) ?? []) {
      if (run.bestBefore !== null && run.bestBefore < dueOn) continue;
      const takes = Math.min(missing - taken, run.left);
      run.left -= takes;
      taken += takes;
    }
    return taken;
  }

  /** One unit’s pieces. @returns where the slowest of them comes from; null where they cannot be had */
  takePieces(unit: SaleUnit, order: Order, taken: Taken): Source | null {
    let slowest: Source = 'fromLoose';
    const minutes = unit.minutes / Math.max(1, unit.contents.length);
    for (const { formulaId, pieces } of unit.contents) {
      let wanted = pieces;
      for (const pool of this.loose.get(formulaId) ?? []) {
        const takes = Math.min(pool.left, wanted);
        if (takes === 0) continue;
        pool.left -= takes;
        wanted -= takes;
        taken.batchIds.add(pool.batchId);
        const wrapMinutes = (minutes * takes) / pieces;
        if (pool.isDrying) {
          if (slowest === 'fromLoose') slowest = 'fromComing';
          this.await(pool.batchId, order, takes, wrapMinutes);
        } else taken.wrapMinutes += wrapMinutes;
      }
      while (wanted > 0) {
        const bowl = this.bowlFor(formulaId, order);
        if (!bowl) return null;
        const takes = Math.min(bowl.left, wanted);
        bowl.left -= takes;
        wanted -= takes;
        slowest = 'toMake';
        taken.batchIds.add(bowl.id);
        Object.assign(bowl, {
          wrapMinutes: bowl.wrapMinutes + (minutes * takes) / pieces,
          dueMs: Math.min(bowl.dueMs, Date.parse(order.due)),
          orderIds: [...new Set([...bowl.orderIds, order.id])],
        });
      }
    }
    return slowest;
  }

  /** An order waits for pieces that still dry. */
  private await(batchId: string, order: Order, pieces: number, wrapMinutes: number): void {
    const dueMs = Date.parse(order.due);
    const known = this.coming.get(batchId) ?? { pieces: 0, wrapMinutes: 0, dueMs, orderIds: [] };
    this.coming.set(batchId, {
      pieces: known.pieces + pieces,
      wrapMinutes: known.wrapMinutes + wrapMinutes,
      dueMs: Math.min(known.dueMs, dueMs),
      orderIds: [...new Set([...known.orderIds, order.id])],
    });
  }

  /** A bowl that has pieces left, or a new one; null where there can be none. */
  private bowlFor(formulaId: string, order: Order) {
    const own = this.made.filter((bowl) => bowl.formula.id === formulaId);
    const started = own.find(({ left }) => left > 0);
    if (started) return started;
    const formula = this.asked.formulas.find(({ id }) => id === formulaId);
    if (!formula) {
      this.problems.add(
        `${order.who} ordered a product whose formula was removed. Change the order.`,
      );
      return null;
    }
    if (own.length >= MOST_BOWLS) {
      this.problems.add(
        `The orders need more than ${MOST_BOWLS} bowls of ${formula.name}. Split the orders.`,
      );
      return null;
    }
    const pieces = this.asked.bowlPieces(formula);
    if (pieces === null) {
      this.problems.add(`${formula.name} can’t be planned. Open it on Scale to see why.`);
      return null;
    }
    const bowl = {
      id: `${formulaId} ${own.length + 1}`,
      formula,
      pieces,
      left: pieces,
      dueMs: Date.parse(order.due),
      orderIds: [order.id],
      wrapMinutes: 0,
    };
    this.made.push(bowl);
    return bowl;
  }
}

/** Units an order has had, by unit. */
export function givenTo(orderId: string, goods: readonly GoodsMove[]): ReadonlyMap<string, number> {
  const unitOf = new Map(
    standingMoves(goods, 'wrapped').map(({ id, unitId }) => [id, unitId] as const),
  );
  const counts = new Map<string, number>();
  for (const { orderId: to, taken } of standingMoves(goods, 'gone'))
    if (to === orderId)
      for (const { wrappedId, count } of taken) {
        const unitId = unitOf.get(wrappedId) ?? '';
        counts.set(unitId, (counts.get(unitId) ?? 0) + count);
      }
  return counts;
}

export type OrderState = 'handed-over' | 'called-off' | 'ready' | 'to-wrap' | 'drying' | 'to-make';

/** How far an order is, by the slowest of its lines. */
export function orderState(order: Order, covered: AllocatedOrder | undefined): OrderState {
  if (order.isCalledOff) return 'called-off';
  if (!covered) return 'handed-over';
  const has = (of: 'toMake' | 'fromComing' | 'fromLoose') =>
    covered.lines.some((line) => line[of] > 0);
  if (has('toMake')) return 'to-make';
  if (has('fromComing')) return 'drying';
  return has('fromLoose') ? 'to-wrap' : 'ready';
}

export const ORDER_STATE_WORDS: Readonly<Record<OrderState, string>> = {
  'handed-over': 'handed over',
  'called-off': 'canceled',
  ready: 'ready',
  'to-wrap': 'to wrap',
  drying: 'drying',
  'to-make': 'to make',
};
