<script setup lang="ts">
import { computed, ref } from 'vue';
import { monthOfYear } from '@/core/basics/format/dates';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { useMoney } from '@/shared/useMoney';
import { useBooksStore, type BookTableId } from '@/stores/books';
import { today } from '@/stores/now';
import { saveBlob } from '@/ui/frame/download';
import DateField from '@/ui/kit/DateField.vue';
import DetailList from '@/ui/kit/DetailList.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import StallDialog from './StallDialog.vue';

/** Revenue and cost by month, what is here and what it is worth, and tables for the bookkeeper. */
const books = useBooksStore();
const { money } = useMoney();

const isAtStall = ref(false);
const from = ref<string | null>(`${today().slice(0, 4)}-01-01`);
const to = ref<string | null>(today());
const problem = ref('');
const TABLES: readonly { readonly id: BookTableId; readonly word: string }[] = [
  { id: 'sales', word: 'Sales' },
  { id: 'orders', word: 'Orders' },
  { id: 'stock', word: 'Stock today' },
  { id: 'batches', word: 'Batches' },
  { id: 'purchases', word: 'Purchases' },
];
const KINDS = [
  { kind: 'material', word: 'Materials' },
  { kind: 'packaging', word: 'Packaging' },
  { kind: 'unwrapped', word: 'Unwrapped pieces' },
  { kind: 'wrapped', word: 'Wrapped products' },
] as const;
const worth = computed(() =>
  KINDS.map(({ kind, word }) => {
    const lines = books.stock.filter((line) => line.kind === kind);
    return {
      word,
      value: lines.reduce((sum, { value }) => sum + (value ?? 0), 0),
      unknown: lines.filter(({ value }) => value === null).length,
    };
  }),
);
const total = computed(() => worth.value.reduce((sum, { value }) => sum + value, 0));

async function save(id: BookTableId): Promise<void> {
  problem.value = '';
  if (from.value === null || to.value === null || from.value > to.value) {
    problem.value = 'Choose a first and a last day. The first comes before the last.';
    return;
  }
  const { columns, rows } = books.tableOf(id, { from: from.value, to: to.value });
  if (rows.length === 0) {
    problem.value = 'There is nothing in this period. Choose other days.';
    return;
  }
  const { writeTable } = await import('@/storage/csv/csv');
  const name =
    id === 'stock' ? `rovack-stock-${today()}` : `rovack-${id}-${from.value}-${to.value}`;
  // The mark tells a spreadsheet that this is UTF-8.
  saveBlob(
    `${name}.csv`,
    new Blob(['\ufeff', writeTable(columns, rows)], { type: 'text/csv;charset=utf-8' }),
  );
}
</script>

<template>
  <section aria-label="Books">
    <div class="head">
      <h2>By month</h2>
      <v-btn size="small" variant="flat" @click="isAtStall = true">Stall day</v-btn>
    </div>
    <p v-if="books.months.length === 0" class="quiet">
      Nothing was sold or bought yet. Hand over a product, or receive a lot.
    </p>
    <div v-else class="scrolls">
      <table>
        <thead>
          <tr>
            <th scope="col">Month</th>
            <th scope="col" class="number">Sold</th>
            <th scope="col" class="number">Given</th>
            <th scope="col" class="number">Revenue</th>
            <th scope="col" class="number">Cost of goods</th>
            <th scope="col" class="number">Margin</th>
            <th scope="col" class="number">Purchases</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in books.months" :key="one.month">
            <th scope="row">{{ monthOfYear(`${one.month}-15`) }}</th>
            <td class="number">{{ formatCount(one.sold) }}</td>
            <td class="number">{{ formatCount(one.given) }}</td>
            <td class="number">
              {{ money(one.revenue) }}
              <span v-if="one.unpriced > 0" class="quiet small">{{
                `${formatCount(one.unpriced)} without a price`
              }}</span>
            </td>
            <td class="number">{{ money(one.cost) }}</td>
            <td class="number">
              <b :class="{ loss: one.revenue < one.cost }">{{ money(one.revenue - one.cost) }}</b>
            </td>
            <td class="number quiet">{{ money(one.purchases) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <h2>Stock today, at cost</h2>
    <DetailList>
      <div v-for="one in worth" :key="one.word">
        <dt>{{ one.word }}</dt>
        <dd class="figure">{{ money(one.value) }}</dd>
        <dd v-if="one.unknown > 0" class="quiet">
          {{ counted(one.unknown, 'line') }} without a price
        </dd>
      </div>
      <div>
        <dt>Total</dt>
        <dd class="figure">{{ money(total) }}</dd>
      </div>
    </DetailList>
    <h2>Tables for the bookkeeper</h2>
    <div class="period">
      <DateField v-model="from" label="First day" />
      <DateField v-model="to" label="Last day" />
    </div>
    <div class="tables">
      <v-btn v-for="{ id, word } in TABLES" :key="id" size="small" @click="save(id)"
        >{{ word }}<span class="visually-hidden"> as CSV</span></v-btn
      >
    </div>
    <ProblemLine :problem="problem" />
    <p class="quiet">
      Each button saves a CSV file that a spreadsheet opens. Costs are those of today’s prices.
    </p>
    <StallDialog v-model="isAtStall" />
  </section>
</template>

<style scoped>
.head,
.tables,
.period {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
.period {
  max-width: 420px;
  margin-bottom: 10px;
}
.period > * {
  flex: 1 1 160px;
}
h2 {
  margin: 18px 0 8px;
}
.head h2 {
  margin: 4px 0;
}
.small {
  display: block;
  font-size: var(--text-small);
}
.loss {
  color: var(--rust);
}
td {
  white-space: nowrap;
}
</style>
