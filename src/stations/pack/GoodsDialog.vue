<script setup lang="ts">
import type { GoodsAct } from './goodsAct';
import { computed, ref, watch } from 'vue';
import { GONE_WAYS } from '@/core/goods/products/kinds';
import { GONE_WORDS } from '@/core/goods/products/messages';
import { useGoodsStore, type Done } from '@/stores/goods';
import NumberField from '@/ui/fields/NumberField.vue';
import { useConcerns } from './useConcerns';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** Pieces that are not wrapped, or a count by hand: each leaves its trace. */
const act = defineModel<GoodsAct | null>({ required: true });
const goods = useGoodsStore();

const COUNT = 'count';
const SECOND = 'second';
const REJECTED = 'rejected';
const what = ref<string>(COUNT);
const pieces = ref(1);
const words = ref('');
const problem = ref('');
const { sureDone } = useConcerns(problem);

const choices = computed(() =>
  act.value?.kind === 'loose'
    ? [
        { value: COUNT, title: 'Count by hand' },
        ...(act.value.grade === 'good' ? [{ value: SECOND, title: 'Grade as seconds' }] : []),
        { value: REJECTED, title: 'Reject' },
        ...GONE_WAYS.map((value) => ({ value, title: GONE_WORDS[value] })),
      ]
    : [{ value: COUNT, title: 'Count by hand' }],
);
const title = computed(() =>
  act.value?.kind === 'loose' ? `Pieces of ${act.value.batch.code}` : (act.value?.run.code ?? ''),
);

watch(act, (next) => {
  if (!next) return;
  what.value = next.kind === 'wrapped' ? COUNT : 'crumbled';
  pieces.value = Math.max(0, next.left);
  words.value = '';
  problem.value = '';
});

function write(): void {
  const of = act.value;
  if (!of) return;
  const done = sureDone((isSure) =>
    doneTo(of, Math.round(pieces.value), words.value.trim(), isSure),
  );
  if (done.ok) act.value = null;
}

function doneTo(of: GoodsAct, count: number, said: string, isSure: boolean): Done {
  if (of.kind === 'wrapped')
    return goods.count({ kind: 'wrapped', wrappedId: of.run.id }, count, said);
  const { batch, grade } = of;
  if (what.value === COUNT)
    return goods.count({ kind: 'loose', batchId: batch.id, grade }, count, said);
  if (what.value === SECOND || what.value === REJECTED)
    return goods.grade(batch, grade, what.value, count, said);
  const how = GONE_WAYS.find((one) => one === what.value) ?? 'thrown-away';
  return goods.useLoose(batch, grade, count, { how, to: said, orderId: null, each: null }, isSure);
}
</script>

<template>
  <FormDialog
    :model-value="act !== null"
    :title="title"
    keep="Save"
    :problem="problem"
    @submit="write"
    @update:model-value="act = null"
  >
    <v-select v-model="what" :items="choices" label="Action" />
    <NumberField v-model="pieces" label="Count" :min="0" :max="100000" :decimals="0" />
    <v-text-field v-model="words" label="To whom or why" maxlength="120" />

    <template #below>
      <p v-if="what === 'crumbled'" class="quiet">
        This creates a lot of embed powder on the Shelf, with the same ingredients as the batch.
      </p>
    </template>
  </FormDialog>
</template>
