<script setup lang="ts">
import { computed, watch } from 'vue';
import { useRoute } from 'vue-router';
import { toBatch } from '@/shared/addresses';
import { useAddress, useWay } from '@/shared/useAddress';
import { useBenchStore } from '@/stores/bench';
import { useWorkshopStore } from '@/stores/workshop';
import EmptyState from '@/ui/kit/EmptyState.vue';
import PageHeader from '@/shared/PageHeader.vue';
import { shortTime } from '@/core/basics/format/dates';
import BenchScreen from './BenchScreen.vue';
import MadeSummary from './MadeSummary.vue';

const bench = useBenchStore();
const workshop = useWorkshopStore();
const route = useRoute();
const { go } = useWay();
const waiting = computed(() =>
  workshop.batches.filter(({ outcome }) => outcome === 'at-the-bench'),
);
const atBench = computed(() => (bench.batch?.outcome === 'at-the-bench' ? bench.batch : null));
useAddress({
  names: ['make', 'step'],
  param: 'code',
  to: 'step',
  current: () => atBench.value?.id ?? null,
  keyOf: workshop.codeOfBatch,
  find: workshop.idOfBatch,
  choose: take,
});
useAddress({
  names: ['step'],
  param: 'step',
  isSilent: true,
  current: () => (atBench.value ? String(atBench.value.currentStep + 1) : null),
  keyOf: (step) => step,
  find: (step) => (/^[1-9]\d{0,3}$/.test(step) ? step : null),
  choose: (step) => bench.toStep(Number(step) - 1),
});
// What is made has no steps left: its address is its record, and the bench is free.
if (route.name === 'step' && bench.batch && !atBench.value)
  go(toBatch(bench.batch.code), 'replace');
watch(atBench, (now, was) => {
  if (!now && was && route.name === 'step') go({ name: 'make' }, 'replace');
});

function take(batchId: string): void {
  workshop.changeSettings({ batchInHandId: batchId });
}
</script>

<template>
  <BenchScreen
    v-if="bench.batch && bench.step && bench.batch.outcome === 'at-the-bench'"
    :batch="bench.batch"
    :step="bench.step"
  />
  <div v-else>
    <PageHeader>
      <template #sub>{{
        bench.batch ? `${bench.batch.formulaName}, ${bench.batch.code}` : 'nothing at the bench'
      }}</template>
    </PageHeader>
    <MadeSummary v-if="bench.batch" :batch="bench.batch" />
    <section class="waiting">
      <template v-if="waiting.length">
        <h2>At the bench</h2>
        <ul class="plain-list">
          <li v-for="batch in waiting" :key="batch.id">
            <v-btn @click="take(batch.id)"
              >Continue {{ batch.code }}, {{ batch.formulaName }}, started
              {{ shortTime(batch.startedAt) }}</v-btn
            >
          </li>
        </ul>
      </template>
      <EmptyState v-else picture="bowl" :elsewhere="{ name: 'Open Scale', to: { name: 'scale' } }">
        There is no batch at the bench. Plan one on Scale, and start it there.
      </EmptyState>
    </section>
  </div>
</template>

<style scoped>
.waiting {
  padding: 28px 24px;
  font-size: var(--text-lead);
}
li {
  margin-top: 10px;
}
</style>
