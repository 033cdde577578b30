import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { SAMPLE, SAMPLE_CATALOG } from '../../../../tests/fixtures/sample';
import { lotMoves, stockLeft } from '@/core/workshop/shelf/stock';
import { packagingLeft } from '../products/packaging';
import { looseStock, wrappedStock } from '../products/stock';
import type { GoodsMove } from '../products/schema';
import { monthsOf, saleSum, salesOf, type SalesBooks } from './sales';
import { ordersTable, purchasesOf, purchasesTable, salesTable, stockLines } from './tables';

const nameOf = (id: string) => SAMPLE_CATALOG.byId.get(id)?.name ?? id;
const books = (over: Partial<SalesBooks> = {}): SalesBooks => ({
  goods: SAMPLE.goods,
  units: SAMPLE.units,
  orders: SAMPLE.orders,
  codeOfBatch: (id) => SAMPLE.batches.find((batch) => batch.id === id)?.code ?? '',
  costOfRun: () => 1.5,
  costOfPiece: () => 0.5,
  ...over,
});
const [firstSold] = SAMPLE.goods.filter((move) => move.kind === 'gone' && move.how === 'sold');
if (firstSold?.kind !== 'gone') throw new Error('the sample has sold something');
const ALWAYS = { from: '2000-01-01', to: '2100-01-01' };

describe('what was sold', () => {
  it('keeps what was asked for it, less the discount', () => {
    const with10 = { ...firstSold, each: 5, discountPct: 10 } as GoodsMove;
    const goods = SAMPLE.goods.map((move) => (move.id === firstSold.id ? with10 : move));
    const count = firstSold.taken.reduce((sum, one) => sum + one.count, 0);
    const own = salesOf(books({ goods })).filter(({ discountPct }) => discountPct === 10);
    expect(own.reduce((sum, sale) => sum + sale.sum, 0)).toBeCloseTo(count * 4.5, 9);
    expect(own.reduce((sum, sale) => sum + (sale.cost ?? 0), 0)).toBeCloseTo(count * 1.5, 9);
    expect(salesTable(own, ALWAYS).rows[0]).toMatchObject({ each: '5.00', 'discount %': '10' });
  });

  it('is nothing of what was taken back, and costs but brings nothing where it was given away', () => {
    const voided = { ...firstSold, voidedAt: firstSold.at };
    const given = { ...firstSold, how: 'given' as const, each: 5 };
    const only = (move: GoodsMove) =>
      salesOf(books({ goods: [...SAMPLE.goods.filter(({ kind }) => kind === 'wrapped'), move] }));
    expect(only(voided)).toEqual([]);
    const sales = only(given);
    expect(sales.every(({ sum, cost }) => sum === 0 && (cost ?? 0) > 0)).toBe(true);
    const [month] = monthsOf(sales, []);
    expect(month).toMatchObject({ sold: 0, revenue: 0 });
    expect(month?.given).toBeGreaterThan(0);
  });

  it('adds up: the months have every sale once, and a day at the edge is in the period', () => {
    const sales = salesOf(books());
    const months = monthsOf(sales, [{ day: '2026-10-03', cost: 12 }]);
    const sum = (of: readonly number[]) => of.reduce((all, one) => all + one, 0);
    expect(sum(months.map(({ revenue }) => revenue))).toBeCloseTo(
      sum(sales.map((sale) => sale.sum)),
      6,
    );
    expect(months.find(({ month }) => month === '2026-10')?.purchases).toBe(12);
    const day = sales.at(-1)?.day ?? '';
    const onThatDay = sales.filter((sale) => sale.day === day).length;
    expect(salesTable(sales, { from: day, to: day }).rows).toHaveLength(onThatDay);
    expect(salesTable(sales, ALWAYS).rows).toHaveLength(sales.length);
  });

  it('costs the same whether it is sold at once or one by one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 50 }), { minLength: 1, maxLength: 6 }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.integer({ min: 0, max: 100 }),
        (counts, each, discountPct) => {
          const all = counts.reduce((sum, one) => sum + one, 0);
          const parts = counts.reduce((sum, one) => sum + saleSum(one, each, discountPct), 0);
          expect(saleSum(all, each, discountPct)).toBeCloseTo(parts, 6);
        },
      ),
      { seed: 33, numRuns: 100 },
    );
  });
});

describe('tables for the bookkeeper', () => {
  it('have each delivery once, and no premix', () => {
    const purchases = purchasesOf(SAMPLE.lots, SAMPLE.packaging, nameOf);
    const codes = purchases.map(({ code }) => code);
    expect(codes).toContain('CAA-260602');
    expect(codes).not.toContain('PX-001');
    expect(codes.length).toBe(
      SAMPLE.lots.filter(({ premix, supplier }) => premix === null && supplier !== '').length +
        SAMPLE.packaging.reduce((sum, { lots }) => sum + lots.length, 0),
    );
    expect(purchasesTable(purchases, ALWAYS).rows[0]?.cost).toMatch(/^(\d+\.\d\d)?$/);
  });

  it('say what an order had of each product', () => {
    const [order] = SAMPLE.orders;
    if (!order) throw new Error('the sample has orders');
    const day = order.due.slice(0, 10);
    const { rows } = ordersTable([order], SAMPLE.units, () => 2, { from: day, to: day });
    expect(rows).toHaveLength(order.lines.length);
    expect(rows[0]).toMatchObject({ 'handed over': '2', due: day });
    const before = { from: '2000-01-01', to: '2000-12-31' };
    expect(ordersTable([order], SAMPLE.units, () => 2, before).rows).toEqual([]);
  });

  it('value what is here at its own delivery, else at the price on file, and leave out what is gone', () => {
    const lines = stockLines({
      lots: SAMPLE.lots,
      leftG: stockLeft(SAMPLE.lots, lotMoves(SAMPLE.batches, SAMPLE.lots)),
      nameOf,
      pricePerG: () => null,
      packagings: SAMPLE.packaging,
      packagingLeft: packagingLeft(SAMPLE.packaging, SAMPLE.goods),
      loose: looseStock(SAMPLE.batches, SAMPLE.goods, SAMPLE.trials),
      wrapped: wrappedStock(SAMPLE.goods),
      units: SAMPLE.units,
      costOfPiece: () => 0.5,
      costOfRun: () => 2,
    });
    expect(new Set(lines.map(({ kind }) => kind))).toEqual(
      new Set(['material', 'packaging', 'unwrapped', 'wrapped']),
    );
    expect(lines.some(({ code }) => code === 'BS-251001')).toBe(false);
    const citric = SAMPLE.lots.find(({ code }) => code === 'CAA-260602');
    const line = lines.find(({ code }) => code === 'CAA-260602');
    const leftG = Number(line?.amount.replace(' g', ''));
    expect(line?.value).toBeCloseTo((leftG * (citric?.cost ?? 0)) / (citric?.receivedG ?? 1), 1);
    for (const { kind, amount, value } of lines)
      if (kind === 'wrapped') expect(value).toBe(2 * Number(amount.replace(' pcs', '')));
  });
});
