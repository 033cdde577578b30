<script setup lang="ts">
import { computed } from 'vue';
import { useBenchStore } from '@/stores/bench';
import { useWorkshopStore } from '@/stores/workshop';
import PageHeader from '@/shared/PageHeader.vue';
import { shortTime } from '@/core/basics/format/dates';
import BenchScreen from './BenchScreen.vue';
import MadeSummary from './MadeSummary.vue';

const bench = useBenchStore();
const workshop = useWorkshopStore();
const waiting = computed(() =>
  workshop.batches.filter(({ outcome }) => outcome === 'at-the-bench'),
);

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
      <p v-else class="quiet">
        There is no batch at the bench. Open
        <router-link :to="{ name: 'scale' }">Scale</router-link>, plan a batch, and start it.
      </p>
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
a {
  color: var(--verdigris);
}
</style>
