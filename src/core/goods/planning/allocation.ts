import type { Formula } from '@/core/formula/model/schema';
import { standingMoves } from '../products/moves';
import type { GoodsMove, SaleUnit } from '../products/schema';
import type { LooseStock, WrappedStock } from '../products/stock';
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
  /** Pieces of one bowl of a formula, over 0. */
  readonly bowlPieces: (formula: Formula) => number;
}

/** More bowls than this of one formula are somebody’s typing. */
const MOST_BOWLS = 400;

/**
 * Where every open order comes from, the earliest due first: wrapped goods, dry pieces, pieces that still dry, and whole
 * bowls to be made; what a bowl gives over is there for the next.
 */
export function allocateStock(asked: AllocationQuestion): Allocation {
  const stock = new Map<string, number>();
  for (const { run, left } of asked.wrapped)
    stock.set(run.unitId, (stock.get(run.unitId) ?? 0) + Math.max(0, left));
  const pools = new Map<string, { batchId: string; left: number; isDrying: boolean }[]>();
  for (const { batch, left } of asked.loose) {
    const pool = pools.get(batch.formulaId) ?? [];
    pool.push({
      batchId: batch.id,
      left: Math.max(0, left.good),
      isDrying: asked.isDrying(batch.id),
    });
    pools.set(batch.formulaId, pool);
  }
  const made: (Omit<ToMake, 'over'> & { left: number })[] = [];
  const coming = new Map<
    string,
    { pieces: number; wrapMinutes: number; dueMs: number; orderIds: string[] }
  >();
  const problems: string[] = [];
  const open = asked.orders
    .filter(({ isCalledOff }) => !isCalledOff)
    .map((order) => ({ order, given: givenTo(order.id, asked.goods) }))
    .sort((a, b) => Date.parse(a.order.due) - Date.parse(b.order.due));
  const covered = open.flatMap(({ order, given }): readonly AllocatedOrder[] => {
    const batchIds = new Set<string>();
    let wrapMinutes = 0;
    const lines = order.lines.map((line): AllocatedLine => {
      const unit = asked.units.find(({ id }) => id === line.unitId) ?? null;
      const had = Math.min(line.count, given.get(line.unitId) ?? 0);
      const none = {
        unit,
        wanted: line.count,
        given: had,
        fromStock: 0,
        fromLoose: 0,
        fromComing: 0,
        toMake: 0,
      };
      let missing = line.count - had;
      if (missing === 0) return none;
      if (!unit) {
        problems.push(`${order.who}: what was ordered is no longer sold.`);
        return none;
      }
      const fromStock = Math.min(missing, stock.get(unit.id) ?? 0);
      stock.set(unit.id, (stock.get(unit.id) ?? 0) - fromStock);
      missing -= fromStock;
      const sources = { fromLoose: 0, fromComing: 0, toMake: 0 };
      for (let i = 0; i < missing; i++) {
        const how = takeOne(unit, order);
        if (how === null) break;
        sources[how] += 1;
      }
      return { ...none, fromStock, ...sources };

      /** One unit’s pieces; the slowest of them says where it comes from. */
      function takeOne(of: SaleUnit, by: Order): keyof typeof sources | null {
        let slowest: keyof typeof sources = 'fromLoose';
        for (const { formulaId, pieces } of of.contents) {
          let wanted = pieces;
          const each = of.minutes / Math.max(1, of.contents.length);
          for (const pool of pools.get(formulaId) ?? []) {
            const takes = Math.min(pool.left, wanted);
            if (takes === 0) continue;
            pool.left -= takes;
            wanted -= takes;
            batchIds.add(pool.batchId);
            if (!pool.isDrying) wrapMinutes += (each * takes) / pieces;
            else {
              if (slowest === 'fromLoose') slowest = 'fromComing';
              const known = coming.get(pool.batchId) ?? {
                pieces: 0,
                wrapMinutes: 0,
                dueMs: Date.parse(by.due),
                orderIds: [],
              };
              coming.set(pool.batchId, {
                pieces: known.pieces + takes,
                wrapMinutes: known.wrapMinutes + (each * takes) / pieces,
                dueMs: Math.min(known.dueMs, Date.parse(by.due)),
                orderIds: [...new Set([...known.orderIds, by.id])],
              });
            }
          }
          while (wanted > 0) {
            const bowl = bowlFor(formulaId, by);
            if (!bowl) return null;
            const takes = Math.min(bowl.left, wanted);
            bowl.left -= takes;
            wanted -= takes;
            slowest = 'toMake';
            batchIds.add(bowl.id);
            Object.assign(bowl, {
              wrapMinutes: bowl.wrapMinutes + (each * takes) / pieces,
              dueMs: Math.min(bowl.dueMs, Date.parse(by.due)),
              orderIds: [...new Set([...bowl.orderIds, by.id])],
            });
          }
        }
        return slowest;
      }
    });
    const isOpen = lines.some(({ wanted, given: had }) => had < wanted);
    return isOpen ? [{ order, lines, batchIds: [...batchIds], wrapMinutes }] : [];
  });
  return {
    orders: covered,
    toMake: made.map(({ left, ...bowl }) => ({ ...bowl, over: left })),
    coming,
    problems: [...new Set(problems)],
  };

  function bowlFor(formulaId: string, order: Order) {
    const started = made.find((bowl) => bowl.formula.id === formulaId && bowl.left > 0);
    if (started) return started;
    const formula = asked.formulas.find(({ id }) => id === formulaId);
    const count = made.filter((bowl) => bowl.formula.id === formulaId).length;
    if (!formula || count >= MOST_BOWLS) {
      problems.push(
        formula
          ? `${formula.name}: more than ${MOST_BOWLS} bowls are asked for.`
          : `${order.who}: the formula of what was ordered is gone.`,
      );
      return null;
    }
    const pieces = Math.max(1, asked.bowlPieces(formula));
    const bowl = {
      id: `${formulaId} ${count + 1}`,
      formula,
      pieces,
      left: pieces,
      dueMs: Date.parse(order.due),
      orderIds: [order.id],
      wrapMinutes: 0,
    };
    made.push(bowl);
    return bowl;
  }
}

/** Units an order has had, by unit. */
function givenTo(orderId: string, goods: readonly GoodsMove[]): ReadonlyMap<string, number> {
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
  'called-off': 'called off',
  ready: 'ready',
  'to-wrap': 'to be wrapped',
  drying: 'drying',
  'to-make': 'to be made',
};
