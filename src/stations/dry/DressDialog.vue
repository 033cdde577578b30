<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import AppDialog from '@/ui/kit/AppDialog.vue';
import { computed, reactive, ref, watch } from 'vue';
import type { Tending } from '@/core/work/bench-steps/tendings';
import type { WeighStep } from '@/core/work/bench-steps/stepSchema';
import { countOf } from '@/core/batches/records/summary';
import { stepsFor } from '@/core/batches/records/batch';
import { weighedEntry } from '@/core/batches/records/weighed';
import { weightDoubt } from '@/core/batches/records/doubts';
import type { Batch } from '@/core/batches/records/schema';
import { parseNumber } from '@/core/basics/units/parseNumber';
import { formatCount } from '@/core/basics/format/numbers';
import { parseQuantity, type Quantity } from '@/core/basics/units/parseQuantity';
import { readoutOf } from '@/core/work/weighing/readout';
import { useBenchStore } from '@/stores/bench';
import { useConfirmTwice } from '@/ui/fields/useConfirmTwice';

/** What is made only now that the pieces are ready: icing, drizzle, paint; and jars, which can only now be counted. */
const props = defineProps<{
  batch: Batch;
  what: Tending;
  stepId: string;
  title: string;
  note: string;
}>();
const isOpen = defineModel<boolean>({ required: true });
const bench = useBenchStore();

const grams = reactive<Record<string, string>>({});
const jars = ref('');
const problem = ref('');
const { isSure } = useConfirmTwice(problem);

const steps = computed(() => stepsFor(props.batch, props.stepId));
const weighs = computed(() =>
  steps.value.filter((step): step is WeighStep => step.kind === 'weigh'),
);
const others = computed(() => steps.value.filter(({ kind }) => kind === 'mix' || kind === 'do'));
const asksCount = computed(
  () =>
    props.what === 'wrap' && props.batch.body.method === 'loose' && countOf(props.batch) === null,
);
const readout = (step: WeighStep) => readoutOf(step.stepG);

watch(isOpen, (open) => {
  if (!open) return;
  for (const { id } of weighs.value) grams[id] = '';
  jars.value = '';
  problem.value = '';
});

function asPlanned(): void {
  for (const step of weighs.value) grams[step.id] = readout(step).figure(step.targetG);
}

function done(): void {
  const weighed = weighs.value.map((step) => ({
    step,
    read: parseQuantity(grams[step.id] ?? '', 'g', readout(step).shown),
  }));
  const open = weighed.find(({ read }) => !read.ok || !(read.value > 0));
  if (open) {
    problem.value = `${open.step.title}: type its weight, or use “All as planned”.`;
    return;
  }
  const massOf = (read: Quantity) => (read.ok ? read.value : 0);
  const pieces = parseNumber(jars.value);
  if (asksCount.value && (pieces === null || !Number.isInteger(pieces) || pieces < 0)) {
    problem.value = 'Count the full jars, and type a whole number.';
    return;
  }
  const doubt = weighed
    .map(({ step, read }) => weightDoubt(massOf(read), step.targetG))
    .find((one) => one !== null);
  if (!isSure(doubt ?? null)) return;
  bench.writeAllTo(props.batch, [
    ...weighed.map(({ step, read }) =>
      grams[step.id] === readout(step).figure(step.targetG)
        ? weighedEntry(step, step.targetG, 'as-planned')
        : weighedEntry(step, massOf(read), 'typed'),
    ),
    ...(asksCount.value ? [{ kind: 'counted', pieces: pieces ?? 0, rejects: 0 } as const] : []),
    { kind: 'tended', what: props.what, step: props.stepId },
  ]);
  isOpen.value = false;
}
</script>

<template>
  <AppDialog v-model="isOpen" :label="title" :title="`${title}, ${batch.code}`" :width="560">
    <p>{{ note }}</p>
    <ul v-if="weighs.length" class="plain-list lines">
      <li v-for="step in weighs" :key="step.id">
        <v-text-field
          v-model="grams[step.id]"
          :label="`${step.title}, ${readout(step).say(step.targetG)}`"
          :suffix="readout(step).unit"
          inputmode="decimal"
          autocomplete="off"
        />
        <span class="quiet">{{ step.note }}</span>
      </li>
    </ul>
    <p v-for="step in others" :key="step.id" class="quiet">{{ step.title }}. {{ step.note }}</p>
    <v-text-field
      v-if="asksCount"
      v-model="jars"
      :label="`Full jars (${formatCount(batch.plan.pieces)} planned)`"
      inputmode="numeric"
      autocomplete="off"
    />
    <ProblemLine :problem="problem" />
    <template #actions>
      <v-btn v-if="weighs.length" variant="text" @click="asPlanned">All as planned</v-btn>
      <v-spacer />
      <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
      <v-btn variant="flat" @click="done">Done</v-btn>
    </template></AppDialog
  >
</template>

<style scoped>
.lines {
  display: grid;
  gap: 10px;
  margin: 8px 0;
}
.lines li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 12px;
  align-items: center;
}
.problem {
  padding-left: 12px;
  border-left: 4px solid var(--rust);
}
@media (max-width: 560px) {
  .lines li {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
}
</style>
