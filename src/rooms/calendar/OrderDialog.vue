<script setup lang="ts">
import { addDays, lightFormat } from 'date-fns';
import { reactive, ref, watch } from 'vue';
import { newId } from '@/core/basics/newId';
import { ORDER_KINDS, type OrderKind } from '@/core/goods/orders/kinds';
import { ORDER_KIND_WORDS } from '@/core/goods/orders/messages';
import { orderSchema, type Order } from '@/core/goods/orders/schema';
import { useEdit } from '@/shared/useEdit';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** One order: who, what, when, where, and whether it comes again. */
const props = defineProps<{ order: Order | null }>();
const isOpen = defineModel<boolean>({ required: true });
const workshop = useWorkshopStore();

const kind = ref<OrderKind>('order');
const fields = reactive({
  kind,
  who: '',
  where: '',
  due: '',
  note: '',
  repeatDays: 0,
  lines: [] as { unitId: string; count: number }[],
});
const problem = ref('');
const edit = useEdit('orders', problem);
/** An order is due in a week where nothing else is said. */
const DUE_DAYS = 7;
const kinds = ORDER_KINDS.map((value) => ({ value, title: ORDER_KIND_WORDS[value] }));

/** As the field of a browser writes it: in the workshop’s own zone, to the minute. */
function localOf(iso: string): string {
  return lightFormat(iso, "yyyy-MM-dd'T'HH:mm");
}

watch(isOpen, (open) => {
  if (!open) return;
  const of = props.order;
  Object.assign(fields, {
    kind: of?.kind ?? 'order',
    who: of?.who ?? '',
    where: of?.where ?? '',
    due: localOf(of?.due ?? addDays(nowIso(), DUE_DAYS).toISOString()),
    note: of?.note ?? '',
    repeatDays: of?.repeatDays ?? 0,
    lines: (of?.lines ?? []).map((line) => ({ ...line })),
  });
  if (fields.lines.length === 0) addLine();
  problem.value = '';
  edit.open(of);
});

function units() {
  return workshop.units
    .filter(({ isArchived }) => !isArchived)
    .map(({ id, name }) => ({ value: id, title: name }));
}
function addLine(): void {
  const first = units()[0];
  if (first) fields.lines.push({ unitId: first.value, count: 1 });
}

function keep(): void {
  const due = new Date(fields.due);
  if (fields.who.trim() === '') problem.value = 'Type a name.';
  else if (Number.isNaN(due.getTime())) problem.value = 'Choose a due date.';
  else if (fields.lines.length === 0) problem.value = 'Add a product. Create one on Pack first.';
  else {
    const parsed = orderSchema.safeParse({
      id: props.order?.id ?? newId(),
      origin: props.order?.origin ?? 'own',
      kind: fields.kind,
      who: fields.who.trim(),
      where: fields.where.trim(),
      due: due.toISOString(),
      lines: fields.lines.map(({ unitId, count }) => ({ unitId, count: Math.round(count) })),
      repeatDays: fields.repeatDays >= 1 ? Math.round(fields.repeatDays) : null,
      isCalledOff: props.order?.isCalledOff ?? false,
      note: fields.note.trim(),
    });
    problem.value = parsed.success ? '' : 'Couldn’t save this order. Check the counts.';
    if (!parsed.success) return;
    const now = workshop.orders.find(({ id }) => id === parsed.data.id) ?? parsed.data;
    const next = edit.laidOver(({ isCalledOff }) => ({ ...parsed.data, isCalledOff }), now);
    if (!next) return;
    workshop.put('orders', [next]);
    isOpen.value = false;
  }
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    :title="order ? `Order of ${order.who}` : 'New order'"
    keep="Save"
    :problem="problem"
    @submit="keep"
  >
    <v-text-field v-model="fields.who" label="Name" maxlength="120" />
    <v-text-field v-model="fields.where" label="Place" maxlength="200" />
    <v-select v-model="fields.kind" :items="kinds" label="Kind" />
    <v-text-field v-model="fields.due" type="datetime-local" label="Due" />
    <div
      v-for="(line, i) in fields.lines"
      :key="i"
      class="line"
      role="group"
      :aria-label="`Product ${i + 1}`"
    >
      <v-autocomplete v-model="line.unitId" :items="units()" label="Product" />
      <NumberField v-model="line.count" label="Count" :min="1" :max="100000" :decimals="0" />
      <v-btn variant="text" @click="fields.lines.splice(i, 1)"
        >Remove<span class="visually-hidden"> product {{ i + 1 }}</span></v-btn
      >
    </div>
    <v-btn size="small" @click="addLine">Add a product</v-btn>
    <NumberField
      v-model="fields.repeatDays"
      label="Repeat every (0 for once)"
      suffix="days"
      :min="0"
      :max="366"
      :decimals="0"
    />
    <v-text-field v-model="fields.note" label="Note" maxlength="2000" />
  </FormDialog>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 96px auto;
  gap: 8px;
  align-items: center;
}
</style>
