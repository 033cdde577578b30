import type { Order } from '../orders/schema';
import { standingMoves } from '../products/moves';
import type { GoneWay } from '../products/kinds';
import type { GoodsMove, MoveOf, SaleUnit } from '../products/schema';

/** What left at once of one code: wrapped products, or unwrapped pieces of a batch. */
export interface Sale {
  /** ISO day, by the workshop’s clock. */
  readonly day: string;
  readonly how: Extract<GoneWay, 'sold' | 'given'>;
  readonly who: string;
  readonly product: string;
  readonly code: string;
  readonly count: number;
  /** Money asked for each, before any discount; null when nobody has said. */
  readonly each: number | null;
  readonly discountPct: number;
  /** Money asked for all of it; nothing for what was given away. */
  readonly sum: number;
  /** Money it cost to make; null where that is not known. */
  readonly cost: number | null;
}

export interface SalesBooks {
  readonly goods: readonly GoodsMove[];
  readonly units: readonly SaleUnit[];
  readonly orders: readonly Order[];
  readonly codeOfBatch: (batchId: string) => string;
  /** Money one unit of a wrapping cost; null where that is not known. */
  readonly costOfRun: (run: MoveOf<'wrapped'>) => number | null;
  /** Money one unwrapped piece of a batch cost. */
  readonly costOfPiece: (batchId: string) => number | null;
}

/** What was sold and given away, oldest first. */
export function salesOf(books: SalesBooks): readonly Sale[] {
  const runs = new Map(standingMoves(books.goods, 'wrapped').map((run) => [run.id, run]));
  const nameOf = (unitId: string) =>
    books.units.find(({ id }) => id === unitId)?.name ?? 'a removed product';
  return standingMoves(books.goods, 'gone')
    .flatMap((move): readonly Sale[] => {
      const { how, each, discountPct = 0 } = move;
      if (how !== 'sold' && how !== 'given') return [];
      const who = books.orders.find(({ id }) => id === move.orderId)?.who ?? move.to;
      const row = (product: string, code: string, count: number, cost: number | null): Sale => ({
        day: move.at.slice(0, 10),
        how,
        who,
        product,
        code,
        count,
        each,
        discountPct,
        sum: how === 'given' ? 0 : saleSum(count, each ?? 0, discountPct),
        cost: cost === null ? null : cost * count,
      });
      return [
        ...move.taken.flatMap(({ wrappedId, count }) => {
          const run = runs.get(wrappedId);
          return run ? [row(nameOf(run.unitId), run.code, count, books.costOfRun(run))] : [];
        }),
        ...move.loose.map(({ batchId, pieces }) =>
          row('unwrapped pieces', books.codeOfBatch(batchId), pieces, books.costOfPiece(batchId)),
        ),
      ];
    })
    .sort((a, b) => a.day.localeCompare(b.day));
}

/** Money asked for so many. @param discountPct 0 to 100 */
export function saleSum(count: number, each: number, discountPct: number): number {
  return count * each * (1 - discountPct / 100);
}

export interface BooksMonth {
  /** `2026-10` */
  readonly month: string;
  readonly sold: number;
  readonly given: number;
  readonly revenue: number;
  /** Cost of what was sold and given away; of what is not known nothing is counted. */
  readonly cost: number;
  readonly purchases: number;
  /** Sold without a price. */
  readonly unpriced: number;
}

/** Month by month, newest first. @param purchases money spent, by ISO day */
export function monthsOf(
  sales: readonly Sale[],
  purchases: readonly { readonly day: string; readonly cost: number }[],
): readonly BooksMonth[] {
  const monthOf = ({ day }: { readonly day: string }) => day.slice(0, 7);
  const months = new Set([...sales, ...purchases].map(monthOf));
  const sumOf = <T>(list: readonly T[], of: (one: T) => number) =>
    list.reduce((sum, one) => sum + of(one), 0);
  return [...months]
    .sort((a, b) => b.localeCompare(a))
    .map((month) => {
      const own = sales.filter((sale) => monthOf(sale) === month);
      const sold = own.filter(({ how }) => how === 'sold');
      return {
        month,
        sold: sumOf(sold, ({ count }) => count),
        given: sumOf(own, ({ how, count }) => (how === 'given' ? count : 0)),
        revenue: sumOf(sold, ({ sum }) => sum),
        cost: sumOf(own, ({ cost }) => cost ?? 0),
        purchases: sumOf(purchases, (one) => (monthOf(one) === month ? one.cost : 0)),
        unpriced: sumOf(sold, ({ each, count }) => (each === null ? count : 0)),
      };
    });
}
