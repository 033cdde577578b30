import { dayOf } from '@/core/basics/time';
import { faultRow } from '@/core/batches/faults/faultTable';
import type { Lot } from '@/core/workshop/shelf/lot';
import type { Row } from '@/core/workshop/shelf/rows';
import type { BatchDigest } from '../archive/batchDigest';
import { ORDER_KIND_WORDS } from '../orders/messages';
import type { Order } from '../orders/schema';
import { GONE_WORDS, GRADE_WORDS } from '../products/messages';
import { GRADES } from '../products/kinds';
import type { Packaging, SaleUnit } from '../products/schema';
import type { LooseStock } from '../products/given';
import type { WrappedStock } from '../products/stock';
import type { Sale } from './sales';

/** A table for the bookkeeper. */
export interface BookTable {
  readonly columns: readonly string[];
  readonly rows: readonly Row[];
}

export interface Period {
  /** ISO days, both included. */
  readonly from: string;
  readonly to: string;
}
export const isIn = ({ from, to }: Period, day: string): boolean => day >= from && day <= to;

/** For a spreadsheet: no thousands set apart. */
const tenths = (value: number | null): string =>
  value === null ? '' : String(Math.round(10 * value) / 10);

/** Money to the cent, with a point; nothing where it is not known. */
const cents = (amount: number | null) => (amount === null ? '' : amount.toFixed(2));

export function salesTable(sales: readonly Sale[], period: Period): BookTable {
  return {
    columns: ['day', 'how', 'who', 'product', 'code', 'count', 'each', 'discount %', 'sum', 'cost'],
    rows: sales
      .filter(({ day }) => isIn(period, day))
      .map((sale) => ({
        day: sale.day,
        how: GONE_WORDS[sale.how],
        who: sale.who,
        product: sale.product,
        code: sale.code,
        count: String(sale.count),
        each: cents(sale.each),
        'discount %': String(sale.discountPct),
        sum: cents(sale.sum),
        cost: cents(sale.cost),
      })),
  };
}

export function ordersTable(
  orders: readonly Order[],
  units: readonly SaleUnit[],
  givenOf: (orderId: string, unitId: string) => number,
  period: Period,
): BookTable {
  return {
    columns: ['due', 'kind', 'who', 'where', 'product', 'ordered', 'handed over', 'canceled'],
    rows: orders
      .filter(({ due }) => isIn(period, dayOf(due)))
      .flatMap((order) =>
        order.lines.map(({ unitId, count }) => ({
          due: dayOf(order.due),
          kind: ORDER_KIND_WORDS[order.kind],
          who: order.who,
          where: order.where,
          product: units.find(({ id }) => id === unitId)?.name ?? 'a removed product',
          ordered: String(count),
          'handed over': String(givenOf(order.id, unitId)),
          canceled: order.isCalledOff ? 'yes' : '',
        })),
      ),
  };
}

export function batchesTable(batches: readonly BatchDigest[], period: Period): BookTable {
  return {
    columns: [
      'started',
      'code',
      'formula',
      'version',
      'outcome',
      'planned g',
      'pieces',
      'rejects',
      'humidity',
      'moisture',
      'faults',
    ],
    rows: batches
      .filter(({ startedAt }) => isIn(period, startedAt.slice(0, 10)))
      .map((batch) => ({
        started: batch.startedAt.slice(0, 10),
        code: batch.code,
        formula: batch.formulaName,
        version: String(batch.versionNumber),
        outcome: batch.outcome,
        'planned g': String(Math.round(batch.totalG)),
        pieces: batch.count ? String(batch.count.pieces) : '',
        rejects: batch.count ? String(batch.count.rejects) : '',
        humidity: tenths(batch.humidityPct),
        moisture: tenths(batch.dampPct),
        faults: batch.faults.map((fault) => faultRow(fault).title).join('; '),
      })),
  };
}

/** A delivery that was paid for. */
export interface Purchase {
  readonly day: string;
  readonly what: string;
  readonly code: string;
  readonly supplier: string;
  readonly amount: string;
  /** Null where nobody has said. */
  readonly cost: number | null;
}

/** Lots and packaging that came in; premixes and crumbs were not bought. */
export function purchasesOf(
  lots: readonly Lot[],
  packagings: readonly Packaging[],
  nameOf: (materialId: string) => string,
): readonly Purchase[] {
  return [
    ...lots
      .filter(({ premix, supplier, cost }) => premix === null && (supplier !== '' || cost !== null))
      .map((lot) => ({
        day: lot.receivedOn ?? '',
        what: nameOf(lot.materialId),
        code: lot.code,
        supplier: lot.supplier,
        amount: `${lot.receivedG} g`,
        cost: lot.cost,
      })),
    ...packagings.flatMap(({ name, lots: own }) =>
      own.map((lot) => ({
        day: lot.receivedOn ?? '',
        what: name,
        code: lot.code,
        supplier: lot.supplier,
        amount: `${lot.pieces} pcs`,
        cost: lot.cost,
      })),
    ),
  ].sort((a, b) => a.day.localeCompare(b.day));
}

export function purchasesTable(purchases: readonly Purchase[], period: Period): BookTable {
  return {
    columns: ['day', 'what', 'code', 'supplier', 'amount', 'cost'],
    rows: purchases
      .filter(({ day }) => isIn(period, day))
      .map((one) => ({ ...one, cost: cents(one.cost) })),
  };
}

/** One line of what is here now. */
export interface StockLine {
  readonly kind: string;
  readonly what: string;
  readonly code: string;
  readonly amount: string;
  /** Money it cost; null where that is not known. */
  readonly value: number | null;
}

export interface StockFacts {
  readonly lots: readonly Lot[];
  readonly leftG: ReadonlyMap<string, number>;
  readonly nameOf: (materialId: string) => string;
  readonly pricePerG: (materialId: string) => number | null;
  readonly packagings: readonly Packaging[];
  readonly packagingLeft: ReadonlyMap<string, number>;
  readonly loose: readonly LooseStock[];
  readonly wrapped: readonly WrappedStock[];
  readonly units: readonly SaleUnit[];
  readonly costOfPiece: (batchId: string) => number | null;
  readonly costOfRun: (run: WrappedStock['run']) => number | null;
}

/** Everything that is here with what it cost, in the order of the work. */
export function stockLines(facts: StockFacts): readonly StockLine[] {
  const times = (each: number | null, count: number) => (each === null ? null : each * count);
  return [
    ...facts.lots.flatMap((lot) => {
      const leftG = facts.leftG.get(lot.id) ?? 0;
      const perG =
        lot.cost !== null && lot.receivedG > 0
          ? lot.cost / lot.receivedG
          : facts.pricePerG(lot.materialId);
      return leftG > 0
        ? [
            {
              kind: 'material',
              what: facts.nameOf(lot.materialId),
              code: lot.code,
              amount: `${Number(leftG.toFixed(1))} g`,
              value: times(perG, leftG),
            },
          ]
        : [];
    }),
    ...facts.packagings.flatMap(({ name, lots }) =>
      lots.flatMap(({ id, code, pieces, cost }) => {
        const left = facts.packagingLeft.get(id) ?? 0;
        const each = cost === null || pieces === 0 ? null : cost / pieces;
        return left > 0
          ? [
              {
                kind: 'packaging',
                what: name,
                code,
                amount: `${left} pcs`,
                value: times(each, left),
              },
            ]
          : [];
      }),
    ),
    ...facts.loose.flatMap(({ batch, left }) =>
      GRADES.flatMap((grade) =>
        left[grade] > 0
          ? [
              {
                kind: 'unwrapped',
                what: `${batch.formulaName}, ${GRADE_WORDS[grade]}`,
                code: batch.code,
                amount: `${left[grade]} pcs`,
                value: times(facts.costOfPiece(batch.id), left[grade]),
              },
            ]
          : [],
      ),
    ),
    ...facts.wrapped.flatMap(({ run, left }) =>
      left > 0
        ? [
            {
              kind: 'wrapped',
              what: facts.units.find(({ id }) => id === run.unitId)?.name ?? 'a removed product',
              code: run.code,
              amount: `${left} pcs`,
              value: times(facts.costOfRun(run), left),
            },
          ]
        : [],
    ),
  ];
}

export function stockTable(lines: readonly StockLine[]): BookTable {
  return {
    columns: ['kind', 'what', 'code', 'amount', 'value'],
    rows: lines.map((line) => ({ ...line, value: cents(line.value) })),
  };
}
