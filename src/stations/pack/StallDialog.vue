<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { saleSum } from '@/core/goods/books/sales';
import { formatCount } from '@/core/basics/format/numbers';
import { useMoney } from '@/shared/useMoney';
import { useGoodsStore } from '@/stores/goods';
import { usePackStore } from '@/stores/pack';
import NumberField from '@/ui/fields/NumberField.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';
import { useConcerns } from './useConcerns';

/** A day at the stall: what went out, what came back, and the cash. What is missing was sold. */
const isOpen = defineModel<boolean>({ required: true });
const pack = usePackStore();
const goods = useGoodsStore();
const { money } = useMoney();

interface Line {
  readonly unitId: string;
  readonly name: string;
  readonly here: number;
  out: number;
  back: number;
  each: number;
}
const who = ref('Stall');
const lines = ref<Line[]>([]);
const cash = ref(0);
const problem = ref('');
const { sureDone } = useConcerns(problem);

watch(isOpen, (open) => {
  if (!open) return;
  lines.value = pack.units.flatMap(({ id, name, retail }) => {
    const here = goods.onHand.get(id) ?? 0;
    return here > 0 ? [{ unitId: id, name, here, out: 0, back: 0, each: retail ?? 0 }] : [];
  });
  cash.value = 0;
  problem.value = '';
});

const soldOf = ({ out, back }: Line) => Math.max(0, Math.round(out) - Math.round(back));
const sum = computed(() =>
  lines.value.reduce((all, line) => all + saleSum(soldOf(line), line.each, 0), 0),
);
const over = computed(() => cash.value - sum.value);
const cashWords = computed(() => {
  if (cash.value === 0) return '';
  if (Math.abs(over.value) < 0.005) return 'The cash is right.';
  return over.value > 0
    ? `There is ${money(over.value)} more cash.`
    : `There is ${money(-over.value)} less cash.`;
});

function save(): void {
  if (who.value.trim() === '') {
    problem.value = 'Type the name of the stall.';
    return;
  }
  const wrong = lines.value.find(({ out, back, here }) => back > out || out > here);
  if (wrong) {
    problem.value =
      wrong.back > wrong.out
        ? `More of ${wrong.name} came back than went out. Check the counts.`
        : `There are only ${formatCount(wrong.here)} of ${wrong.name}. Check the counts.`;
    return;
  }
  const day = {
    who: who.value.trim(),
    note: cash.value > 0 ? `Cash ${money(cash.value)}, sold for ${money(sum.value)}.` : '',
    lines: lines.value.map((line) => ({
      unitId: line.unitId,
      count: soldOf(line),
      each: line.each > 0 ? line.each : null,
    })),
  };
  if (sureDone((isSure) => goods.sellAtStall(day, isSure)).ok) isOpen.value = false;
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    title="Stall day"
    keep="Save"
    :problem="problem"
    :width="680"
    @submit="save"
  >
    <v-text-field v-model="who" label="Name of the stall" maxlength="120" />
    <p v-if="lines.length === 0" class="quiet">There are no wrapped products to take.</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Product</th>
          <th scope="col">Went out</th>
          <th scope="col">Came back</th>
          <th scope="col">Price</th>
          <th scope="col" class="number">Sold</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in lines" :key="line.unitId">
          <th scope="row">
            {{ line.name }} <span class="quiet">{{ formatCount(line.here) }} here</span>
          </th>
          <td>
            <NumberField
              v-model="line.out"
              is-bare
              :label="`${line.name} out`"
              :min="0"
              :max="line.here"
              :decimals="0"
            />
          </td>
          <td>
            <NumberField
              v-model="line.back"
              is-bare
              :label="`${line.name} back`"
              :min="0"
              :max="100000"
              :decimals="0"
            />
          </td>
          <td>
            <NumberField
              v-model="line.each"
              is-bare
              :label="`${line.name} price`"
              :min="0"
              :max="1000000"
              :decimals="2"
            />
          </td>
          <td class="number tabular">
            <b>{{ formatCount(soldOf(line)) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
    <NumberField v-model="cash" label="Cash counted" :min="0" :max="10000000" :decimals="2" />
    <template #below>
      <p role="status">
        Sold for <b>{{ money(sum) }}</b>. {{ cashWords }}
      </p>
    </template>
  </FormDialog>
</template>

<style scoped>
@media (max-width: 560px) {
  table,
  tbody,
  tr,
  th,
  td {
    display: block;
    width: auto;
  }
  thead {
    display: none;
  }
}
th,
td {
  border: 0;
}
td {
  width: 110px;
}
.number {
  width: 50px;
}
</style>
