<script setup lang="ts">
import { computed } from 'vue';
import { useBenchStore } from '@/stores/bench';
import { useWorkshopStore } from '@/stores/workshop';
import PageHeader from '@/shared/PageHeader.vue';
import { clockTime } from '@/ui/frame/format';
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
      <template #title
        ><h1>{{ bench.batch ? bench.batch.formulaName : 'Make' }}</h1></template
      >
      <template #sub>{{ bench.batch ? bench.batch.code : 'nothing at the bench' }}</template>
    </PageHeader>
    <MadeSummary v-if="bench.batch" :batch="bench.batch" />
    <section class="waiting">
      <template v-if="waiting.length">
        <h2>Still at the bench</h2>
        <ul class="plain-list">
          <li v-for="batch in waiting" :key="batch.id">
            <v-btn @click="take(batch.id)"
              >Go on with {{ batch.code }}, {{ batch.formulaName }}, begun
              {{ clockTime(batch.startedAt) }}</v-btn
            >
          </li>
        </ul>
      </template>
      <p v-else class="quiet">
        To make something, take a formula to
        <router-link :to="{ name: 'scale' }">Scale</router-link>, say how much, and take it to the
        bench.
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
