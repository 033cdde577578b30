import { defineStore } from 'pinia';
import { computed } from 'vue';
import { digestOf } from '@/core/goods/archive/batchDigest';
import { monthsOf, salesOf } from '@/core/goods/books/sales';
import {
  batchesTable,
  ordersTable,
  purchasesOf,
  purchasesTable,
  salesTable,
  stockLines,
  stockTable,
  type BookTable,
  type Period,
} from '@/core/goods/books/tables';
import { givenTo } from '@/core/goods/planning/allocation';
import { useCostsStore } from './costs';
import { useGoodsStore } from './goods';
import { useShelfStore } from './shelf';
import { useWorkshopStore } from './workshop';

export const BOOK_TABLES = ['sales', 'orders', 'stock', 'batches', 'purchases'] as const;
export type BookTableId = (typeof BOOK_TABLES)[number];

/** Money in and out, for the maker and the bookkeeper. */
export const useBooksStore = defineStore('books', () => {
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();
  const goods = useGoodsStore();
  const costs = useCostsStore();

  const nameOf = (id: string) => workshop.catalog.byId.get(id)?.name ?? id;
  /** Each asked once: many sales are of one wrapping. */
  function onceEach<K, V>(keyOf: (of: K) => string, compute: (of: K) => V): (of: K) => V {
    const known = new Map<string, V>();
    return (of) => {
      const key = keyOf(of);
      const found = known.get(key);
      if (found !== undefined) return found;
      const value = compute(of);
      known.set(key, value);
      return value;
    };
  }
  const sales = computed(() =>
    salesOf({
      goods: workshop.goods,
      units: workshop.units,
      orders: workshop.orders,
      codeOfBatch: (id) => workshop.codeOfBatch(id) ?? 'a removed batch',
      costOfRun: onceEach(({ id }) => id, costs.ofRun),
      costOfPiece: onceEach((id) => id, costs.ofPiece),
    }),
  );
  const purchases = computed(() => purchasesOf(workshop.lots, workshop.packaging, nameOf));
  const months = computed(() =>
    monthsOf(
      sales.value,
      purchases.value.flatMap(({ day, cost }) => (day && cost !== null ? [{ day, cost }] : [])),
    ),
  );
  const stock = computed(() =>
    stockLines({
      lots: workshop.lots,
      leftG: shelf.left,
      nameOf,
      pricePerG: shelf.pricePerG,
      packagings: workshop.packaging,
      packagingLeft: goods.left,
      loose: goods.loose,
      wrapped: goods.wrapped,
      units: workshop.units,
      costOfPiece: costs.ofPiece,
      costOfRun: costs.ofRun,
    }),
  );

  const givenOf = (orderId: string, unitId: string) =>
    givenTo(orderId, workshop.goods).get(unitId) ?? 0;

  function tableOf(id: BookTableId, period: Period): BookTable {
    switch (id) {
      case 'sales':
        return salesTable(sales.value, period);
      case 'orders':
        return ordersTable(workshop.orders, workshop.units, givenOf, period);
      case 'stock':
        return stockTable(stock.value);
      case 'batches':
        return batchesTable([...workshop.past, ...workshop.batches.map(digestOf)], period);
      case 'purchases':
        return purchasesTable(purchases.value, period);
    }
  }

  return { sales, months, stock, tableOf };
});
