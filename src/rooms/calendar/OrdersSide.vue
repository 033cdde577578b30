<script setup lang="ts">
import { computed, ref } from 'vue';
import { newId } from '@/core/basics/newId';
import { ORDER_KIND_WORDS } from '@/core/goods/orders/messages';
import { nextOf } from '@/core/goods/orders/nextOf';
import type { Order } from '@/core/goods/orders/schema';
import { ORDER_STATE_WORDS, orderState } from '@/core/goods/planning/allocation';
import { shortTime } from '@/core/basics/format/dates';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { usePlanInputsStore } from '@/stores/planInputs';
import { useWorkshopStore } from '@/stores/workshop';
import { shortId } from '@/shared/addresses';
import { useAddress } from '@/shared/useAddress';
import EmptyState from '@/ui/kit/EmptyState.vue';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import OrderDialog from './OrderDialog.vue';

/** Every order, what of it is here, on the way and to be made. */
const workshop = useWorkshopStore();
const planInputs = usePlanInputsStore();
const editing = ref<Order | null>(null);
const isOpen = ref(false);
const showsAll = ref(false);

const rows = computed(() =>
  workshop.orders
    .map((order) => {
      const covered = planInputs.cover.orders.find((one) => one.order.id === order.id);
      return { order, covered, state: orderState(order, covered) };
    })
    .filter(({ state }) => showsAll.value || (state !== 'handed-over' && state !== 'called-off'))
    .sort((a, b) => Date.parse(a.order.due) - Date.parse(b.order.due)),
);
const unitName = (id: string) =>
  workshop.units.find((unit) => unit.id === id)?.name ?? 'removed product';

function whence(row: (typeof rows.value)[number]): string {
  const sum = (of: 'fromStock' | 'fromLoose' | 'fromComing' | 'toMake' | 'given') =>
    (row.covered?.lines ?? []).reduce((all, line) => all + line[of], 0);
  const parts = [
    { count: sum('given'), word: 'handed over' },
    { count: sum('fromStock'), word: 'here' },
    { count: sum('fromLoose'), word: 'to wrap' },
    { count: sum('fromComing'), word: 'drying' },
    { count: sum('toMake'), word: 'to make' },
  ];
  return parts
    .filter(({ count }) => count > 0)
    .map(({ count, word }) => `${count} ${word}`)
    .join(', ');
}
useAddress({
  names: ['calendar'],
  param: 'item',
  current: () => (isOpen.value ? (editing.value?.id ?? null) : null),
  keyOf: shortId,
  find: (key) => workshop.orders.find(({ id }) => shortId(id) === key)?.id ?? null,
  choose: (id) => open(workshop.orders.find((one) => one.id === id) ?? null),
});
function open(order: Order | null): void {
  editing.value = order;
  isOpen.value = true;
}
function callOff(order: Order): void {
  workshop.put('orders', [{ ...order, isCalledOff: !order.isCalledOff }]);
}
function repeat(order: Order): void {
  const next = nextOf(order, newId());
  if (next) workshop.put('orders', [next]);
}
const add = { name: 'Add an order', key: 'n', run: () => open(null) };
useActions(() => [add]);
</script>

<template>
  <section aria-label="Orders">
    <p class="acts">
      <ActionButton :action="add" is-main />
      <button type="button" class="link" @click="showsAll = !showsAll">
        {{ showsAll ? 'Show open orders only' : 'Show all orders' }}
      </button>
    </p>
    <EmptyState v-if="rows.length === 0" picture="tide">
      There are no open orders. Add what a customer, a stall or a shop needs, and when.
    </EmptyState>
    <p v-for="problem in planInputs.cover.problems" :key="problem" role="alert" class="problem">
      {{ problem }}
    </p>
    <ul class="plain-list orders">
      <li v-for="row in rows" :key="row.order.id" :class="row.state">
        <div>
          <b>{{ row.order.who }}</b>
          <span class="quiet">{{
            row.order.where
              ? `${ORDER_KIND_WORDS[row.order.kind]}, ${row.order.where}`
              : ORDER_KIND_WORDS[row.order.kind]
          }}</span>
        </div>
        <div>
          <span v-for="line in row.order.lines" :key="line.unitId" class="line"
            >{{ formatCount(line.count) }} × {{ unitName(line.unitId) }}</span
          >
          <span class="quiet">{{ whence(row) }}</span>
        </div>
        <div class="when">
          <span class="tabular">{{ shortTime(row.order.due) }}</span>
          <span class="quiet">{{
            row.order.repeatDays
              ? `${ORDER_STATE_WORDS[row.state]}, every ${counted(row.order.repeatDays, 'day')}`
              : ORDER_STATE_WORDS[row.state]
          }}</span>
        </div>
        <div class="do">
          <v-btn size="small" @click="open(row.order)"
            >Edit<span class="visually-hidden"> {{ row.order.who }}</span></v-btn
          >
          <v-btn v-if="row.order.repeatDays" size="small" variant="text" @click="repeat(row.order)"
            >Add next<span class="visually-hidden"> of {{ row.order.who }}</span></v-btn
          >
          <v-btn size="small" variant="text" @click="callOff(row.order)"
            >{{ row.order.isCalledOff ? 'Restore' : 'Cancel order'
            }}<span class="visually-hidden"> {{ row.order.who }}</span></v-btn
          >
        </div>
      </li>
    </ul>
    <OrderDialog v-model="isOpen" :order="editing" />
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 16px;
  align-items: center;
  margin: 4px 0 10px;
}
/* All rows share the columns of one grid, so that dates and buttons stand under one another. */
.orders {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr) max-content max-content;
  column-gap: 20px;
}
li {
  display: grid;
  grid-template-columns: subgrid;
  grid-column: 1 / -1;
  align-items: center;
  padding: 8px 0 8px 12px;
  border-left: 5px solid var(--verdigris);
  border-bottom: 1px solid var(--hairline);
}
li.to-make,
li.drying {
  border-left-color: var(--ochre-mark);
}
li.called-off,
li.handed-over {
  border-left-color: var(--hairline);
}
li > div {
  display: grid;
  line-height: 1.3;
}
.quiet {
  font-size: var(--text-small);
}
li > .do {
  display: flex;
}
.problem {
  color: var(--rust);
}
@media (max-width: 820px) {
  .orders {
    grid-template-columns: minmax(0, 1fr);
  }
  li {
    gap: 4px;
  }
}
</style>
