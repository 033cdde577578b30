<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import { newId } from '@/core/basics/newId';
import { givenTo } from '@/core/goods/planning/allocation';
import type { SaleUnit } from '@/core/goods/products/schema';
import { ORDER_KINDS, type OrderKind } from '@/core/goods/orders/kinds';
import { ORDER_KIND_WORDS } from '@/core/goods/orders/messages';
import type { Order } from '@/core/goods/orders/schema';
import { weekdayDate } from '@/core/basics/format/dates';
import { formatCount } from '@/core/basics/format/numbers';
import { useGoodsStore } from '@/stores/goods';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import { saleSum } from '@/core/goods/books/sales';
import { useMoney } from '@/shared/useMoney';
import { useConcerns } from './useConcerns';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** Wrapped goods to an order, to somebody new, or given away. */
const props = defineProps<{ unit: SaleUnit }>();
const isOpen = defineModel<boolean>({ required: true });
const workshop = useWorkshopStore();
const goods = useGoodsStore();
const { money } = useMoney();

const NEW = 'new';
const GIVEN = 'given';
const to = ref<string>(NEW);
const fresh = reactive<{ who: string; where: string; kind: OrderKind }>({
  who: '',
  where: '',
  kind: 'order',
});
const count = ref(1);
const problem = ref('');
/** Money asked for each; what the product sells for until it is typed over. */
const each = ref(0);
const discountPct = ref(0);
const { sureDone } = useConcerns(problem);

const here = computed(() => goods.onHand.get(props.unit.id) ?? 0);
/** Units of an order that were handed over already. */
const given = (orderId: string) => givenTo(orderId, workshop.goods).get(props.unit.id) ?? 0;
function wanted(order: Order): number {
  return order.lines.reduce(
    (sum, one) => (one.unitId === props.unit.id ? sum + one.count : sum),
    0,
  );
}
const open = computed(() =>
  workshop.orders
    .filter((order) => !order.isCalledOff)
    .map((order) => ({ order, missing: wanted(order) - given(order.id) }))
    .filter(({ missing }) => missing > 0)
    .sort((a, b) => Date.parse(a.order.due) - Date.parse(b.order.due)),
);
const choices = computed(() => [
  ...open.value.map(({ order, missing }) => ({
    value: order.id,
    title: `${order.who}, ${weekdayDate(order.due)}, ${formatCount(missing)} ordered`,
  })),
  { value: NEW, title: 'Someone else' },
  { value: GIVEN, title: 'Given away' },
]);
const kinds = ORDER_KINDS.map((value) => ({ value, title: ORDER_KIND_WORDS[value] }));

watch(isOpen, (opened) => {
  if (!opened) return;
  const [first] = open.value;
  to.value = first?.order.id ?? NEW;
  count.value = Math.max(1, Math.min(here.value, first?.missing ?? 1));
  discountPct.value = 0;
  problem.value = '';
});

/** Retail at the stall, wholesale elsewhere. */
const usualEach = computed(() => {
  const kind =
    to.value === NEW
      ? fresh.kind
      : open.value.find(({ order }) => order.id === to.value)?.order.kind;
  const { retail, wholesale } = props.unit;
  return (kind === 'stall' ? retail : (wholesale ?? retail)) ?? 0;
});
watch([isOpen, usualEach], () => {
  each.value = usualEach.value;
});
const sum = computed(() => saleSum(Math.round(count.value), each.value, discountPct.value));

function handOver(): void {
  const units = Math.round(count.value);
  if (to.value === NEW && fresh.who.trim() === '') {
    problem.value = 'Type who takes them, so that a recall can find them.';
    return;
  }
  if (units > here.value) {
    problem.value = `There are only ${formatCount(here.value)} of ${props.unit.name}. Hand over fewer.`;
    return;
  }
  const order = to.value === NEW ? newOrder(units) : null;
  const found = order ?? workshop.orders.find(({ id }) => id === to.value);
  const isGiven = to.value === GIVEN;
  const away = {
    how: isGiven ? ('given' as const) : ('sold' as const),
    to: found?.who ?? '',
    orderId: found?.id ?? null,
    each: isGiven || each.value === 0 ? null : each.value,
    ...(!isGiven && discountPct.value > 0 && { discountPct: discountPct.value }),
  };
  const done = sureDone((isSure) => goods.giveOut(props.unit.id, units, away, isSure));
  if (!done.ok) return;
  if (order) workshop.put('orders', [order]);
  isOpen.value = false;
}

function newOrder(units: number): Order {
  return {
    id: newId(),
    origin: 'own',
    kind: fresh.kind,
    who: fresh.who.trim(),
    where: fresh.where.trim(),
    due: nowIso(),
    lines: [{ unitId: props.unit.id, count: units }],
    repeatDays: null,
    isCalledOff: false,
    note: '',
  };
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    :title="`Hand over ${unit.name}`"
    label="Hand over"
    keep="Hand over"
    :problem="problem"
    @submit="handOver"
  >
    <v-select v-model="to" :items="choices" label="To" />
    <template v-if="to === NEW">
      <v-text-field v-model="fresh.who" label="Name" maxlength="120" />
      <v-text-field v-model="fresh.where" label="Place" maxlength="200" />
      <v-select v-model="fresh.kind" :items="kinds" label="Kind" />
    </template>
    <NumberField
      v-model="count"
      :label="`Count (of ${formatCount(here)})`"
      :min="1"
      :max="100000"
      :decimals="0"
    />

    <template v-if="to !== GIVEN">
      <NumberField
        v-model="each"
        label="Price each (0 for none)"
        :suffix="workshop.settings.money.currency"
        :min="0"
        :max="1000000"
        :decimals="2"
      />
      <NumberField
        v-model="discountPct"
        label="Discount"
        suffix="%"
        :min="0"
        :max="100"
        :decimals="1"
      />
    </template>

    <template #below>
      <p v-if="to !== GIVEN && each > 0" role="status">
        Sum <b>{{ money(sum) }}</b>
      </p>
      <p class="quiet">The oldest products go first.</p>
    </template>
  </FormDialog>
</template>
